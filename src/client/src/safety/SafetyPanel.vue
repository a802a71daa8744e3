<script setup lang="ts">
import { computed } from 'vue'
import { useDesk } from '@/desk/context'
import OpponentChooser from '@/desk/OpponentChooser.vue'
import AskBar from '@/kit/AskBar.vue'
import RowList from '@/kit/RowList.vue'
import { progress } from '@/kit/progress'
import { t } from '@/words'
import PositionPicture from '@/table/PositionPicture.vue'
import ExchangeLine from './ExchangeLine.vue'
import type { Exchange } from './useExchange'
import type { SafetyModel } from './useSafety'

/** One button; then what it leaves, on which side to be wrong, what it risks, and other answers. */
const props = defineProps<{ section: { safety: SafetyModel; exchange: Exchange } }>()

const { whatNow, shelf, outline, shot } = useDesk()
const safety = computed(() => props.section.safety)
const answer = computed(() => safety.value.answer.value)
const dares = [-1, -0.5, 0, 0.5, 1] as const
const dare = computed({
  get: () => safety.value.daring.value,
  set: (much: number) => safety.value.setDaring(much),
})
const dareWords = (much: number) => t(`safety.dares.${String(much) as '0'}`)
/** Balls that were played on: what was answered before is of no use any more. */
const isPlayedOn = computed(
  () => props.section.exchange.line.value.length > 0 && (safety.value.isOld.value || !answer.value),
)
const state = computed(() => progress(safety.value.waiting.value, answer.value?.played, safety.value.isBusy.value))
</script>

<template>
  <div class="panel" data-testid="safety-panel" :data-kind="answer?.best?.kind">
    <AskBar
      name="plan-safety"
      :label="answer && !safety.isOld.value ? t('safety.again') : t('safety.plan')"
      :is-busy="safety.isBusy.value"
      @ask="safety.plan()"
      @stop="safety.cancel()"
    />
    <OpponentChooser class="opponent" :shelf="shelf" />
    <div class="dare">
      <label for="daring">{{ t('safety.daring') }}</label>
      <el-slider
        id="daring"
        v-model="dare"
        :min="dares[0]"
        :max="dares[4]"
        :step="0.5"
        :show-tooltip="false"
        :format-value-text="dareWords"
        data-testid="daring"
      />
      <span data-testid="daring-words">{{ dareWords(dare) }}</span>
    </div>
    <p v-if="safety.refusal.value" class="refusal" role="alert" data-testid="safety-refusal">
      {{ safety.refusal.value }}
    </p>
    <p v-if="safety.isOld.value && !isPlayedOn" class="before" data-testid="safety-old">
      {{ t(safety.hasSameBalls.value ? 'safety.otherDaring' : 'app.before') }}
    </p>
    <div
      class="scroll"
      :class="{ old: safety.isOld.value }"
      role="region"
      tabindex="0"
      :aria-label="t('safety.answer')"
    >
      <template v-if="answer && !isPlayedOn">
        <p class="big" data-testid="safety-now">{{ answer.now }}</p>
        <el-button v-if="answer.isPot" size="small" data-testid="to-break" @click="whatNow.open('break')">{{
          t('safety.toBreak')
        }}</el-button>
        <template v-if="answer.best">
          <h3>{{ t('safety.leaves') }}</h3>
          <p class="leaves" data-testid="safety-leaves">{{ answer.leaves }}</p>
          <p v-if="answer.safeSide" class="leaves side" data-testid="safe-side">{{ answer.safeSide }}</p>
          <RowList :rows="answer.rows" />
        </template>
        <template v-if="answer.others.length > 0">
          <h3>{{ t('safety.others') }}</h3>
          <ul class="list">
            <li v-for="one in answer.others" :key="one.kind">
              <button
                type="button"
                :aria-pressed="safety.tried.value === one"
                :data-other="one.kind"
                @click="safety.tryOther(one)"
              >
                <PositionPicture :outline="outline()" :balls="one.balls" />
                <span>{{ one.words }}</span>
              </button>
            </li>
          </ul>
        </template>
        <template v-if="answer.mineWords">
          <h3>{{ t('safety.mine') }}</h3>
          <ul v-if="answer.mine" class="list">
            <li>
              <button
                type="button"
                :aria-pressed="safety.tried.value === answer.mine"
                data-testid="mine"
                @click="safety.tryOther(answer.mine)"
              >
                <PositionPicture :outline="outline()" :balls="answer.mine.balls" />
                <span>{{ answer.mineWords }}</span>
              </button>
            </li>
          </ul>
          <p v-else class="hint" data-testid="mine">{{ answer.mineWords }}</p>
        </template>
        <p class="hint" data-testid="safety-arithmetic">{{ answer.arithmetic }}</p>
      </template>
      <p v-else-if="!safety.isBusy.value && !isPlayedOn" class="hint">{{ t('safety.ask') }}</p>
      <el-button
        v-if="!safety.isBusy.value && !isPlayedOn"
        size="small"
        :title="t('safety.compareTitle')"
        data-testid="compare-mine"
        @click="safety.compare(shot.directionDeg.value)"
        >{{ t('safety.compare') }}</el-button
      >
      <ExchangeLine :exchange="section.exchange" />
    </div>
    <span class="hint state" aria-live="polite" data-testid="safety-state">{{ state }}</span>
  </div>
</template>

<style scoped src="@/kit/lists.css"></style>
<style scoped src="@/kit/asks.css"></style>
<style scoped>
.dare {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 14px;
  align-items: center;
  font-size: 15px;
}
.dare label {
  grid-column: 1 / -1;
}
.dare :deep(.el-slider) {
  padding: 0 10px;
}
.dare span {
  min-width: 92px;
  color: var(--ink-soft);
}
.leaves {
  margin: 2px 0 4px;
  font-size: 17px;
  line-height: 22px;
}
.side {
  color: var(--chalk);
}
.list button {
  display: grid;
  grid-template-columns: 92px 1fr;
  column-gap: 10px;
  align-items: start;
}
</style>
