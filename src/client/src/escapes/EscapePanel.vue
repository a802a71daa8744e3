<script setup lang="ts">
import { computed } from 'vue'
import { useDesk } from '@/desk/context'
import OpponentChooser from '@/desk/OpponentChooser.vue'
import AskBar from '@/kit/AskBar.vue'
import RowList from '@/kit/RowList.vue'
import { progress } from '@/kit/progress'
import { t } from '@/words'
import type { EscapeModel } from './useEscape'

/** One button; then the point on the cushion, how exact it must be, what it leaves, and other ways. */
const props = defineProps<{ section: { escape: EscapeModel } }>()

const { shelf, positions } = useDesk()
const escape = computed(() => props.section.escape)
const answer = computed(() => escape.value.answer.value)
const shown = computed(() => escape.value.chosen.value)
const count = computed(() => answer.value?.routes.length ?? 0)
/** Keeps the position with the way on it, where it is found again for practice. */
const practise = () =>
  shown.value &&
  positions.saveAs(
    t('escape.practiceName', { way: shown.value.mark ?? t('escape.straight') }).slice(0, 80),
    shown.value.words.slice(0, 300),
    [t('escape.tag')],
  )
const state = computed(() => progress(escape.value.waiting.value, answer.value?.played, escape.value.isBusy.value))
</script>

<template>
  <div class="panel" data-testid="escape-panel">
    <AskBar
      name="plan-escape"
      :label="answer && !escape.isOld.value ? t('escape.again') : t('escape.plan')"
      :is-busy="escape.isBusy.value"
      @ask="escape.plan()"
      @stop="escape.cancel()"
    />
    <OpponentChooser class="opponent" :shelf="shelf" />
    <p v-if="escape.refusal.value" class="refusal" role="alert" data-testid="escape-refusal">
      {{ escape.refusal.value }}
    </p>
    <p v-if="escape.isOld.value" class="before" data-testid="escape-old">{{ t('app.before') }}</p>
    <div
      class="scroll"
      :class="{ old: escape.isOld.value }"
      role="region"
      tabindex="0"
      :aria-label="t('escape.answer')"
    >
      <template v-if="answer">
        <p class="hint" data-testid="snooker">{{ answer.snooker }}</p>
        <template v-if="shown">
          <p v-if="shown.mark" class="big" data-testid="escape-mark">{{ shown.mark }}</p>
          <p v-if="shown.safeSide" class="side" data-testid="escape-side">{{ shown.safeSide }}</p>
          <RowList :rows="shown.rows" />
          <el-checkbox v-if="shown.mirror.length > 0" v-model="escape.hasMirror.value" data-testid="mirror-way">{{
            t('escape.mirror')
          }}</el-checkbox>
        </template>
        <el-checkbox
          v-if="shown && shown.family.length > 0"
          v-model="escape.hasFamily.value"
          data-testid="family-shown"
          >{{ t('escape.family') }}</el-checkbox
        >
        <p v-if="shown">
          <el-button size="small" data-testid="practise" @click="practise()">{{ t('escape.practise') }}</el-button>
          <span class="refusal" role="alert">{{ positions.refusal.value }}</span>
        </p>
        <template v-if="count > 1">
          <h3>{{ t('escape.others') }}</h3>
          <ul class="list">
            <li v-for="(route, i) in escape.routes.value" :key="i">
              <button type="button" :aria-pressed="shown === route" :data-route="i" @click="escape.take(route)">
                {{ route.words }}
              </button>
            </li>
          </ul>
          <el-button
            v-if="count > escape.few"
            size="small"
            data-testid="all-routes"
            @click="escape.showsAll.value = !escape.showsAll.value"
            >{{ escape.showsAll.value ? t('escape.few') : t('escape.all', { count }) }}</el-button
          >
        </template>
      </template>
      <p v-else-if="!escape.isBusy.value" class="hint">{{ t('escape.ask') }}</p>
    </div>
    <span class="hint state" aria-live="polite" data-testid="escape-state">{{ state }}</span>
  </div>
</template>

<style scoped src="@/kit/lists.css"></style>
<style scoped src="@/kit/asks.css"></style>
<style scoped>
.big::first-letter {
  text-transform: uppercase;
}
.side {
  margin: 2px 0 4px;
  font-size: 17px;
  line-height: 22px;
  color: var(--chalk);
}
</style>
