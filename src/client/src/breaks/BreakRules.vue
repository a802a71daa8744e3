<script setup lang="ts">
import { t } from '@/words'
import type { BreakModel, Wishes } from './useBreak'
import type { PlayRules } from './useLineUp'

/** What the plan keeps to: what is ruled out, what the visit is for, and the rules of a line-up. */
defineProps<{ breaks: BreakModel }>()

const kinds = ['side', 'cushion', 'rest'] as const
const goals = ['score', 'secure'] as const
const sides = ['any', 'high', 'low'] as const
const rules: PlayRules[] = ['frame', 'lineUp', 'noCushion']
</script>

<template>
  <div class="wishes" role="group" :aria-label="t('breaks.wishes')">
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
      :model-value="breaks.lineUp.rules.value"
      size="small"
      data-testid="play-rules"
      :aria-label="t('breaks.rules.name')"
      @update:model-value="(next: PlayRules) => breaks.lineUp.choose(next)"
    >
      <el-option v-for="one in rules" :key="one" :value="one" :label="t(`breaks.rules.${one}`)" :data-rules="one" />
    </el-select>
    <el-select
      :model-value="breaks.wishes.value.goal"
      size="small"
      data-testid="goal"
      :aria-label="t('breaks.goal.name')"
      @update:model-value="(goal: Wishes['goal']) => breaks.setWishes({ goal })"
    >
      <el-option v-for="one in goals" :key="one" :value="one" :label="t(`breaks.goal.${one}`)" :data-goal="one" />
    </el-select>
    <el-select
      :model-value="breaks.wishes.value.approach"
      size="small"
      data-testid="approach"
      :aria-label="t('breaks.approach.name')"
      @update:model-value="(approach: Wishes['approach']) => breaks.setWishes({ approach })"
    >
      <el-option v-for="one in sides" :key="one" :value="one" :label="t(`breaks.approach.${one}`)" :data-side="one" />
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
</template>

<style scoped>
.wishes {
  display: flex;
  gap: 16px;
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
