<script setup lang="ts">
import { t } from '@/words'
import type { ShelfItem } from '@/shelf/useShelf'

/** Who and what there is: one's own first, then the house's. */
defineProps<{ items: ShelfItem[]; chosen: string | null; inUse: string | null }>()
const emit = defineEmits<{ choose: [item: ShelfItem] }>()
</script>

<template>
  <ul>
    <li v-for="item in items" :key="item.id">
      <button
        type="button"
        :aria-current="item.id === chosen"
        :data-shelf-item="item.name"
        @click="emit('choose', item)"
      >
        <b>{{ item.name }}</b>
        <span v-if="item.id === inUse" class="used">{{ t('shelf.inUse') }}</span>
        <small>{{ item.isHouse ? `${item.note} (${t('shelf.house')})` : item.note }}</small>
      </button>
    </li>
  </ul>
</template>

<style scoped>
ul {
  flex: 1;
  min-height: 0;
  overflow: auto;
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
}
button {
  display: block;
  width: 100%;
  padding: 7px 10px;
  border: 0;
  border-left: 4px solid transparent;
  background: none;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
}
button[aria-current='true'] {
  border-left-color: var(--cloth);
  background: var(--paper);
}
button:focus-visible {
  outline-offset: -3px;
}
.used {
  float: right;
  color: var(--chalk);
  font-weight: 650;
}
small {
  display: block;
  font-size: 14px;
  color: var(--ink-soft);
}
</style>
