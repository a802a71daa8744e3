<script setup lang="ts">
import type { WhatNow } from './useWhatNow'
import { t } from '@/words'

/** Pot or safety? It opens the section that answers. */
defineProps<{ now: WhatNow }>()
</script>

<template>
  <el-button
    class="now"
    size="small"
    data-testid="what-now"
    :title="now.refusal.value || t('now.title')"
    :aria-disabled="now.isBusy.value"
    :class="{ 'is-disabled': now.isBusy.value }"
    @click="now.isBusy.value || now.weigh()"
    >{{ now.isBusy.value ? t('now.busy') : t('now.ask') }}</el-button
  >
</template>

<style scoped>
.now {
  font-size: 15px;
  color: var(--chalk);
}
</style>
