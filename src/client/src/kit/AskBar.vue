<script setup lang="ts">
import { t } from '@/words'

/** The one button of a section that plans, and beside it the one that stops; what it looks at stands in the slot. */
defineProps<{ name: string; label: string; isBusy: boolean }>()
const emit = defineEmits<{ ask: []; stop: [] }>()
</script>

<template>
  <div class="ask">
    <!-- Not disabled while it works: a button that is disabled loses the focus. -->
    <el-button
      type="primary"
      :data-testid="name"
      :class="{ 'is-disabled': isBusy }"
      :aria-disabled="isBusy"
      @click="isBusy || emit('ask')"
      >{{ label }}</el-button
    >
    <el-button v-if="isBusy" :data-testid="`stop-${name}`" @click="emit('stop')">{{ t('breaks.stop') }}</el-button>
  </div>
</template>

<style scoped>
.ask {
  display: flex;
  gap: 6px;
}
.ask .el-button:first-child {
  flex: 1;
  height: 40px;
  font-size: 17px;
}
.ask .el-button + .el-button {
  margin: 0;
  height: 40px;
}
</style>
