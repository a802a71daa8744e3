<script setup lang="ts">
import { computed } from 'vue'
import { t } from '@/words'
import type { BreakModel } from './useBreak'

/** Why the plan is better than the second best ball and than what most would play: parts that add up, each with its proof. */
const props = defineProps<{ breaks: BreakModel }>()

const answer = computed(() => props.breaks.answer.value)
const signed = (worth: number) => (worth < 0 ? '−' : '+') + Math.abs(worth).toFixed(1)
</script>

<template>
  <template v-if="answer">
    <p v-if="answer.isPlain" class="hint" data-testid="is-plain">{{ t('breaks.plain') }}</p>
    <section v-for="versus in answer.because" :key="versus.words" :data-versus="versus.isPlain ? 'plain' : 'second'">
      <button type="button" class="versus" :title="t('breaks.tryIt')" @click="breaks.tryOther(versus)">
        {{ versus.words }}
      </button>
      <ul class="list reasons">
        <li v-for="reason in versus.reasons" :key="reason.kind">
          <button
            type="button"
            :aria-pressed="breaks.proof.value === reason"
            :title="reason.pots.length > 0 ? t('breaks.proof') : undefined"
            :disabled="reason.pots.length === 0"
            :data-reason="reason.kind"
            @click="breaks.show(reason)"
          >
            {{ reason.words }}
          </button>
          <span class="worth" :class="{ against: reason.worth < 0 }" data-worth>{{ signed(reason.worth) }}</span>
        </li>
      </ul>
    </section>
    <p v-if="answer.givesUp" class="hint" data-testid="gives-up">{{ answer.givesUp }}</p>
  </template>
</template>

<style scoped src="@/kit/lists.css"></style>
<style scoped>
.versus {
  all: unset;
  display: block;
  margin-top: 6px;
  cursor: pointer;
  line-height: 20px;
  font-weight: 600;
}
.versus:focus-visible {
  outline: 3px solid var(--chalk);
}
.reasons li {
  display: flex;
  justify-content: space-between;
  gap: 8px;
}
.reasons button:disabled {
  color: inherit;
}
.worth {
  font-variant-numeric: tabular-nums;
  font-weight: 680;
  color: var(--chalk);
}
.against {
  color: var(--ink-soft);
}
</style>
