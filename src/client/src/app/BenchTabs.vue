<script setup lang="ts">
import type { Face } from './faces'

/** The faces of the bench, each an answer to a player's question. */
defineProps<{ face: Face }>()
const emit = defineEmits<{ face: [face: Face] }>()

const tabs: { face: Face; label: string; id: string }[] = [
  { face: 'reading', label: 'Table', id: 'reading-button' },
  { face: 'stroke', label: 'Stroke', id: 'stroke-button' },
  { face: 'aim', label: 'Aim', id: 'aim-button' },
  { face: 'white', label: 'White', id: 'white-button' },
  { face: 'numbers', label: 'Numbers', id: 'numbers-button' },
]
</script>

<template>
  <div class="tabs" role="tablist" aria-label="The bench">
    <button
      v-for="tab in tabs"
      :key="tab.face"
      type="button"
      role="tab"
      :aria-selected="face === tab.face"
      :data-testid="tab.id"
      @click="emit('face', tab.face)"
    >
      {{ tab.label }}
    </button>
  </div>
</template>

<style scoped>
.tabs {
  display: flex;
  border-bottom: 1px solid var(--line);
  margin-bottom: 8px;
}
button {
  flex: 1;
  padding: 5px 2px 4px;
  border: 0;
  border-bottom: 3px solid transparent;
  background: none;
  font: inherit;
  font-size: 15px;
  color: var(--ink-soft);
  cursor: pointer;
}
button[aria-selected='true'] {
  color: var(--ink);
  font-weight: 650;
  border-bottom-color: var(--cloth);
}
button:focus-visible {
  outline: 3px solid var(--chalk);
  outline-offset: -3px;
}
</style>
