<script setup lang="ts">
import { t } from '@/words'
import type { OutlookModel } from './useOutlook'

/** How often a target is reached: visits that begin with the plan, played out. */
defineProps<{ outlook: OutlookModel; worth: string }>()
</script>

<template>
  <p class="hint" data-testid="plan-worth">{{ worth }}</p>
  <div class="ask">
    <label for="outlook-target">{{ t('breaks.target') }}</label>
    <el-input-number
      id="outlook-target"
      :model-value="outlook.target.value"
      size="small"
      :min="1"
      :max="155"
      :aria-label="t('breaks.target')"
      @update:model-value="(points: number | undefined) => outlook.setTarget(points ?? 1)"
    />
    <el-button v-if="outlook.isBusy.value" size="small" data-testid="stop-outlook" @click="outlook.cancel()">{{
      t('breaks.stop')
    }}</el-button>
    <el-button v-else size="small" data-testid="play-out" @click="outlook.playOut()">{{
      t('breaks.playOut')
    }}</el-button>
  </div>
  <p v-if="outlook.waiting.value" class="hint" aria-live="polite">{{ outlook.waiting.value }}</p>
  <p v-if="outlook.refusal.value" class="refusal" role="alert">{{ outlook.refusal.value }}</p>
  <p v-if="outlook.outlook.value" class="told" aria-live="polite" data-testid="outlook">
    {{ outlook.outlook.value.words }}
  </p>
</template>

<style scoped src="@/kit/lists.css"></style>
<style scoped>
.ask {
  display: flex;
  align-items: center;
  gap: 6px;
  font-size: 14px;
}
.ask .el-input-number {
  width: 84px;
}
.told {
  margin: 4px 0 0;
  font-size: 16px;
  line-height: 21px;
}
</style>
