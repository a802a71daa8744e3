<script setup lang="ts" generic="T extends string">
/** One of a few, under a heading. */
defineProps<{ title: string; name: string; options: readonly T[]; chosen: T; words: (option: T) => string }>()
const emit = defineEmits<{ choose: [option: T] }>()
</script>

<template>
  <h3 :id="`choice-${name}`">{{ title }}</h3>
  <el-radio-group
    :model-value="chosen"
    :aria-labelledby="`choice-${name}`"
    class="choices"
    @change="(option: unknown) => emit('choose', option as T)"
  >
    <el-radio-button v-for="option in options" :key="option" :value="option" v-bind="{ [`data-${name}`]: option }">
      {{ words(option) }}
    </el-radio-button>
  </el-radio-group>
</template>

<style scoped>
h3 {
  margin: 6px 0 4px;
  font-size: 16px;
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  margin-bottom: 10px;
}
.choices :deep(.el-radio-button) {
  margin: 0;
}
.choices :deep(.el-radio-button__inner) {
  border: 1px solid var(--el-border-color);
  border-radius: 7px;
  padding: 8px 11px;
  box-shadow: none;
}
</style>
