<script setup lang="ts">
import { en } from '@/words/en'
import { t, type KeyOf } from '@/words'
import PanelHead from './PanelHead.vue'

/** The sheet of shortcuts. */
const emit = defineEmits<{ close: [] }>()
const rows = Object.keys(en.help.keys) as KeyOf<typeof en.help.keys>[]
</script>

<template>
  <div class="panel">
    <PanelHead :title="t('help.title')" @close="emit('close')" />
    <dl class="scroll" tabindex="0" :aria-label="t('help.title')">
      <template v-for="row in rows" :key="row">
        <dt>{{ t(`help.keys.${row}`) }}</dt>
        <dd>{{ t(`help.what.${row}`) }}</dd>
      </template>
    </dl>
  </div>
</template>

<style scoped>
dt {
  font-weight: 600;
  margin-top: 10px;
}
dd {
  margin: 0;
  color: var(--ink-soft);
}
</style>
