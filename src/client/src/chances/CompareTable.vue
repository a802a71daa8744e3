<script setup lang="ts">
import { t } from '@/words'
import type { ComparisonModel } from './useComparison'

/** Up to four strokes side by side, and the plainest good one. */
defineProps<{ comparison: ComparisonModel }>()
const emit = defineEmits<{ recall: [index: number] }>()

const letter = (index: number) => String.fromCharCode(65 + index)
const percent = (share: number) => `${Math.round(100 * share)}`
</script>

<template>
  <section class="compare" data-testid="compare">
    <div class="line">
      <el-button data-testid="keep-to-compare" :disabled="!comparison.canKeep.value" @click="comparison.keep()">{{
        t('compare.keep')
      }}</el-button>
      <span class="count">{{ t('compare.count', { count: comparison.kept.value.length }) }}</span>
      <el-button v-if="comparison.kept.value.length > 0" text size="small" @click="comparison.clear()">{{
        t('compare.clear')
      }}</el-button>
    </div>
    <p v-if="comparison.refusal.value" class="refusal" role="alert">{{ comparison.refusal.value }}</p>
    <template v-if="comparison.answer.value">
      <p v-if="comparison.isOld.value" class="before" data-testid="compared-old">{{ t('app.before') }}</p>
      <p class="big" :class="{ old: comparison.isOld.value }" data-testid="recommendation">
        {{ comparison.answer.value.words }}
      </p>
      <table :class="{ old: comparison.isOld.value }">
        <thead>
          <tr>
            <th>{{ t('compare.in100') }}</th>
            <th>{{ t('chance.pot') }}</th>
            <th>{{ t('compare.then') }}</th>
            <th>{{ t('chance.inOff') }}</th>
            <th></th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="(plan, i) in comparison.answer.value.plans"
            :key="i"
            :class="{ best: i === comparison.answer.value.recommended }"
          >
            <th>
              <button
                type="button"
                :title="plan.stroke"
                :data-recall="i"
                :disabled="comparison.isOld.value"
                @click="emit('recall', i)"
              >
                <b>{{ letter(i) }}</b> {{ plan.stroke }}
              </button>
              <small v-if="plan.answer.cueing.best.way !== 'plain'" class="warns">{{
                plan.answer.cueing.best.words
              }}</small>
            </th>
            <td>{{ percent(plan.answer.pot.share) }}</td>
            <td>{{ percent((plan.answer.zone ?? plan.answer.next).share) }}</td>
            <td>{{ percent(plan.answer.inOff.share) }}</td>
            <td>
              <button type="button" :aria-label="t('compare.drop', { plan: letter(i) })" @click="comparison.drop(i)">
                &times;
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </template>
  </section>
</template>

<style scoped src="@/kit/lists.css"></style>
<style scoped>
.compare {
  flex: none;
  border-top: 1px solid var(--line);
  padding-top: 8px;
  margin-top: 6px;
}
.count {
  color: var(--ink-soft);
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: 3px 2px;
  text-align: right;
  font-weight: 400;
  border-bottom: 1px solid var(--line);
}
thead th {
  font-size: 14px;
  color: var(--ink-soft);
}
th:first-child {
  text-align: left;
  max-width: 150px;
}
button:not(.el-button) {
  all: unset;
  cursor: pointer;
  display: block;
  max-width: 150px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
button:not(.el-button):focus-visible {
  outline: 3px solid var(--chalk);
}
.best {
  background: var(--straw-paper);
}
</style>
