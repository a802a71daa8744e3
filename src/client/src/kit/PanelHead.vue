<script setup lang="ts">
import { t } from '@/words'

/** Title of a face of the bench, and the way back. */
defineProps<{ title: string; back?: string }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <header>
    <h2>{{ title }}</h2>
    <el-button text data-testid="back" @click="emit('close')">{{ back ?? t('app.backToStroke') }}</el-button>
  </header>
</template>

<style scoped>
header {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
}
h2 {
  margin: 4px 0;
  font-size: 20px;
}
</style>
