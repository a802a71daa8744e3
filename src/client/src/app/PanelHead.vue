<script setup lang="ts">
/** Title of a face of the bench, and the way back to the stroke. */
defineProps<{ title: string }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <header>
    <h2>{{ title }}</h2>
    <el-button text @click="emit('close')">Back to the stroke</el-button>
  </header>
</template>

<style scoped>
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
h2 {
  margin: 4px 0;
  font-size: 20px;
}
</style>
