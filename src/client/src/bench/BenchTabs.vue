<script setup lang="ts">
import { t } from '@/words'
import { useDesk } from '@/desk/context'
import type { SectionModel } from '@/desk/contract'
import { tabs } from '@/kit/faces'

/** The faces of the bench, each an answer to a player's question. */
defineProps<{ section: SectionModel }>()

const { face } = useDesk()
</script>

<template>
  <div class="tabs" role="tablist" :aria-label="t('app.theBench')">
    <button
      v-for="tab in tabs"
      :key="tab"
      type="button"
      role="tab"
      :aria-selected="face === tab || (tab === 'lay' && face === 'presets')"
      :data-testid="`${tab}-button`"
      @click="face = tab"
    >
      {{ t(`faces.${tab}`) }}
    </button>
  </div>
</template>

<style scoped>
.tabs {
  display: flex;
  border-bottom: 1px solid var(--line);
  /* Seven names need the room beside the other rows. */
  margin: 0 -10px 8px;
}
button {
  flex: 1 1 auto;
  padding: 5px 0 4px;
  white-space: nowrap;
  border: 0;
  border-bottom: 3px solid transparent;
  background: none;
  font: inherit;
  font-size: 14px;
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
