<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDesk } from '@/desk/context'
import AskBar from '@/kit/AskBar.vue'
import RowList from '@/kit/RowList.vue'
import { progress } from '@/kit/progress'
import { estimate } from '@/kit/estimate'
import { ballName } from '@/sheet/sheet'
import { t } from '@/words'
import BecauseList from './BecauseList.vue'
import BreakRules from './BreakRules.vue'
import OutlookRow from './OutlookRow.vue'
import type { BreakModel } from './useBreak'

/** One button; then why, the line, what may go wrong, and why not another ball. */
const props = defineProps<{ section: { breaks: BreakModel } }>()
const { shot, whatNow } = useDesk()
const { directionDeg } = shot
const breaks = computed(() => props.section.breaks)

const showsNumbers = ref(false)
const answer = computed(() => breaks.value.answer.value)
const state = computed(() => progress(breaks.value.waiting.value, answer.value?.played, breaks.value.isBusy.value))
const call = computed(() => {
  const { asked, outlook } = breaks.value
  const tell = (path: string, body: unknown) => (body ? `POST ${path}\n${JSON.stringify(body, null, 1)}\n` : '')
  return (
    tell('/api/breaks/plan', asked.value) +
    (outlook.outlook.value ? tell('/api/breaks/outlook', outlook.call.value) : '')
  )
})
const regions = computed(() =>
  (answer.value?.regions ?? []).map((region) => `${region.name} ${region.reds.length}`).join(', '),
)
/** While it is looked for, a chance is an estimate. */
const tell = (words: string) => (answer.value?.isFinal ? words : estimate(words))
const loss = computed(() => {
  const { lost } = breaks.value
  if (lost.value === null) return ''
  return lost.value < 0.5 ? t('breaks.gained') : t('breaks.lost', { points: lost.value.toFixed(0) })
})
</script>

<template>
  <div class="panel" data-testid="break-panel">
    <AskBar
      name="plan"
      :label="answer && !breaks.isOld.value ? t('breaks.again') : t('breaks.plan')"
      :is-busy="breaks.isBusy.value"
      @ask="breaks.plan()"
      @stop="breaks.cancel()"
    />
    <BreakRules :breaks="breaks" />
    <p v-if="breaks.refusal.value" class="refusal" role="alert" data-testid="break-refusal">
      {{ breaks.refusal.value }}
    </p>
    <p v-if="breaks.ruling.value" class="big" data-testid="ruling">{{ breaks.ruling.value }}</p>
    <p v-if="breaks.stands.value" class="hint" data-testid="in-hand-worth">
      {{ t('breaks.inHand', { points: breaks.stands.value.worth.toFixed(0) }) }}
    </p>
    <p v-if="breaks.isOld.value" class="before" data-testid="plan-old">
      {{ t(breaks.hasOtherWishes.value ? 'breaks.otherWishes' : 'app.before') }}
    </p>
    <div
      class="scroll"
      :class="{ old: breaks.isOld.value }"
      role="region"
      tabindex="0"
      :aria-label="t('breaks.answer')"
    >
      <template v-if="answer">
        <p v-if="whatNow.said.value" class="hint" data-testid="now-said">{{ whatNow.said.value }}</p>
        <p v-if="loss" class="big" data-testid="plan-loss">{{ loss }}</p>
        <div v-if="answer.asksSafety" class="big warns" data-testid="asks-safety">
          {{ t('breaks.safety') }}
          <el-button size="small" data-testid="to-safety" @click="whatNow.open('safety')">{{
            t('safety.plan')
          }}</el-button>
        </div>
        <p v-if="breaks.other.value" class="big warns" data-testid="why-not">{{ breaks.other.value.words }}</p>
        <p v-else-if="breaks.touched.value && breaks.touched.value !== answer.line[0]?.ball" class="hint">
          {{ t('breaks.notOn', { ball: ballName(breaks.touched.value) }) }}
        </p>
        <template v-if="answer.because.length > 0 || answer.isPlain">
          <h3>{{ t('breaks.because') }}</h3>
          <BecauseList :breaks="breaks" />
        </template>
        <template v-if="answer.line.length > 0">
          <h3>{{ t('breaks.line') }}</h3>
          <ol class="line">
            <li v-for="(step, i) in answer.line" :key="i" :data-step="i" :class="{ now: i === 0 }">
              {{ step.words }} <b data-step-chance>{{ tell(step.chance.words) }}</b>
              <span class="score">{{ step.break }}</span>
            </li>
          </ol>
          <p v-if="answer.odds" class="hint" data-testid="plan-odds">{{ answer.odds.words }}</p>
          <OutlookRow :outlook="breaks.outlook" :worth="answer.worthWords" />
        </template>
        <template v-if="answer.remedies.length > 0">
          <h3>{{ t('breaks.remedies') }}</h3>
          <ul class="list">
            <li v-for="(one, i) in answer.remedies" :key="i">
              <button type="button" :data-remedy="one.pushed ?? 'pocket'" @click="breaks.tryOther(one)">
                {{ one.words }}
              </button>
            </li>
          </ul>
        </template>
        <template v-if="answer.ledger.length > 0">
          <h3>{{ t('breaks.ledger') }}</h3>
          <RowList :rows="answer.ledger" />
        </template>
        <template v-if="answer.others.length > 0">
          <h3>{{ t('breaks.others') }}</h3>
          <ul class="list">
            <li v-for="one in answer.others" :key="one.ball">
              <button
                type="button"
                :aria-pressed="breaks.touched.value === one.ball"
                :data-other="one.ball"
                @click="breaks.touch(one.ball)"
              >
                {{ one.words }}
              </button>
            </li>
          </ul>
        </template>
        <p v-if="breaks.lineUp.asked.value && answer.regions.length > 0" class="hint" data-testid="regions">
          {{ regions }}
        </p>
        <p class="hint" data-testid="arithmetic">{{ answer.arithmetic.words }}</p>
      </template>
      <p v-else-if="!breaks.isBusy.value && !breaks.ruling.value" class="hint">{{ t('breaks.ask') }}</p>
      <template v-if="showsNumbers && answer">
        <p class="hint">{{ t('breaks.call') }}</p>
        <pre data-testid="plan-call" class="call">{{ call }}</pre>
      </template>
    </div>
    <div class="foot">
      <el-button
        data-testid="play-step"
        :disabled="breaks.isPlaying.value || breaks.isBusy.value"
        @click="breaks.step(directionDeg)"
        >{{ t('breaks.play') }}</el-button
      >
      <el-checkbox
        :model-value="breaks.scatter.value"
        data-testid="scatter"
        @update:model-value="(on: unknown) => breaks.setScatter(on === true)"
        >{{ t('breaks.scatter') }}</el-checkbox
      >
    </div>
    <div class="state">
      <span class="hint" aria-live="polite" data-testid="plan-state">{{ state }}</span>
      <el-button
        text
        size="small"
        data-testid="plan-numbers"
        :aria-pressed="showsNumbers"
        @click="showsNumbers = !showsNumbers"
        >{{ t('breaks.numbers') }}</el-button
      >
    </div>
  </div>
</template>

<style scoped src="@/kit/lists.css"></style>
<style scoped src="@/kit/asks.css"></style>
<style scoped>
.line {
  margin: 0;
  padding-left: 20px;
  font-size: 15px;
  line-height: 21px;
}
.line li {
  position: relative;
  padding: 2px 34px 3px 0;
}
.line .now {
  font-size: 17px;
  font-weight: 600;
}
.score {
  position: absolute;
  right: 2px;
  top: 2px;
  font-variant-numeric: tabular-nums;
  color: var(--chalk);
  font-weight: 680;
}
.foot {
  display: flex;
  align-items: center;
  gap: 10px;
  border-top: 1px solid var(--line);
  padding-top: 8px;
}
.call {
  max-height: 160px;
  overflow: auto;
  font-size: 14px;
}
.state {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 26px;
}
</style>
