<script setup lang="ts">
/** One of a list, at the top right: who plays, on which table. */
defineProps<{
  chosen: string | undefined
  label: string
  about: string | undefined
  name: string
  options: { id: string; label: string; about: string; mark: Record<string, string> }[]
}>()
const emit = defineEmits<{ choose: [id: string] }>()
</script>

<template>
  <el-select
    :model-value="chosen"
    class="chooser"
    :aria-label="label"
    :title="about"
    :data-testid="name"
    @update:model-value="(id: string) => emit('choose', id)"
  >
    <el-option v-for="one in options" :key="one.id" :value="one.id" :label="one.label">
      <span v-bind="one.mark" :title="one.about">{{ one.label }}</span>
    </el-option>
  </el-select>
</template>

<style scoped>
.chooser {
  width: 114px;
}
@media (max-width: 1000px) {
  .chooser {
    width: 96px;
  }
}
</style>
