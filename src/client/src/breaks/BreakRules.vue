<script setup lang="ts">
import { t } from '@/words'
import type { BreakModel, Wishes } from './useBreak'
import type { PlayRules } from './useLineUp'

/** What the plan keeps to: what is ruled out, what the visit is for, and the rules of a line-up. */
const props = defineProps<{ breaks: BreakModel }>()

const kinds = ['side', 'cushion', 'rest'] as const
const choices = [
  {
    name: 'rules',
    label: t('breaks.rules.name'),
    options: (['frame', 'lineUp', 'noCushion'] as const).map((value) => ({ value, label: t(`breaks.rules.${value}`) })),
    value: () => props.breaks.lineUp.rules.value,
    take: (rules: PlayRules) => props.breaks.lineUp.choose(rules),
  },
  {
    name: 'goal',
    label: t('breaks.goal.name'),
    options: (['score', 'secure'] as const).map((value) => ({ value, label: t(`breaks.goal.${value}`) })),
    value: () => props.breaks.wishes.value.goal,
    take: (goal: Wishes['goal']) => props.breaks.setWishes({ goal }),
  },
  {
    name: 'approach',
    label: t('breaks.approach.name'),
    options: (['any', 'high', 'low'] as const).map((value) => ({ value, label: t(`breaks.approach.${value}`) })),
    value: () => props.breaks.wishes.value.approach,
    take: (approach: Wishes['approach']) => props.breaks.setWishes({ approach }),
  },
]
</script>

<template>
  <div class="wishes" role="group" :aria-label="t('breaks.wishes')">
    <span>{{ t('breaks.wishes') }}</span>
    <el-checkbox
      v-for="kind in kinds"
      :key="kind"
      :model-value="breaks.wishes.value[kind]"
      :data-wish="kind"
      @update:model-value="(on: unknown) => breaks.setWishes({ [kind]: on === true })"
      >{{ t(`breaks.${kind}`) }}</el-checkbox
    >
  </div>
  <div class="choices">
    <el-select
      v-for="choice in choices"
      :key="choice.name"
      :model-value="choice.value()"
      size="small"
      :data-testid="choice.name"
      :aria-label="choice.label"
      @update:model-value="choice.take"
    >
      <el-option
        v-for="one in choice.options"
        :key="one.value"
        :value="one.value"
        :label="one.label"
        :data-option="one.value"
      />
    </el-select>
  </div>
  <div v-if="breaks.lineUp.asked.value" class="attempts" data-testid="attempts">
    <span v-if="!breaks.lineUp.isOver.value">{{ t('breaks.attempt', { number: breaks.lineUp.used.value + 1 }) }}</span>
    <span v-else>{{ t('breaks.attemptsOver') }}</span>
    <el-input-number
      :model-value="breaks.lineUp.attempts.value"
      size="small"
      :min="1"
      :max="20"
      :aria-label="t('breaks.attempts')"
      @update:model-value="(count: number | undefined) => breaks.lineUp.setAttempts(count ?? 1)"
    />
    <span>{{ t('breaks.best', { points: breaks.lineUp.best.value }) }}</span>
    <el-button v-if="breaks.lineUp.used.value > 0" size="small" @click="breaks.lineUp.reset()">{{
      t('breaks.anew')
    }}</el-button>
  </div>
  <p v-if="breaks.lineUp.asked.value && breaks.lineUp.tally.value" class="hint" data-testid="tally">
    {{ breaks.lineUp.tally.value.words }}
  </p>
  <p v-if="breaks.lineUp.refusal.value" class="refusal" role="alert">{{ breaks.lineUp.refusal.value }}</p>
</template>

<style scoped>
.wishes {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.wishes .el-checkbox {
  margin: 0;
}
.choices {
  display: flex;
  gap: 6px;
}
.choices .el-select {
  flex: 1;
  min-width: 0;
}
.choices .el-select:first-child {
  flex: 1.4;
}
.choices :deep(.el-select__wrapper) {
  font-size: 14px;
  padding: 2px 6px;
}
.attempts {
  display: flex;
  align-items: center;
  gap: 8px;
  margin-top: 4px;
  font-size: 14px;
}
.attempts .el-input-number {
  width: 84px;
}
</style>
