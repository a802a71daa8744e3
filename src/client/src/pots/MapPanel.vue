<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Cell, MapRow } from '@/api/client'
import { t } from '@/words'
import DialMap from './DialMap.vue'

/** The map of pace by height with what a stroke comes to, and its legend. */
const props = defineProps<{ rows: MapRow[]; pace: number; height: number }>()
const emit = defineEmits<{ take: [cell: Cell] }>()

const told = ref<Cell | null>(null)
/** A raised butt can send the white off the table; with a level cue nobody needs to read of it. */
const isLost = computed(() => props.rows.some((row) => row.cells.some((cell) => cell.kind === 'offTable')))
const legend = computed<[string, string][]>(() => [
  ['inZone', t('where.legend.inZone')],
  ['fallsShort', t('where.legend.fallsShort')],
  ['runsPast', t('where.legend.runsPast')],
  ['meetsBall', t('where.legend.meetsBall')],
  ['inOff', t('where.legend.inOff')],
  ...(isLost.value ? [['offTable', t('where.legend.offTable')] as [string, string]] : []),
  ['noPot', t('where.legend.noPot')],
])
</script>

<template>
  <div>
    <DialMap
      :rows="rows"
      :pace="pace"
      :height="height"
      @take="(cell) => emit('take', cell)"
      @tell="(cell) => (told = cell)"
    />
    <p class="told">{{ told ? `${told.how}: ${told.words}` : t('where.pointAt') }}</p>
    <p class="legend">
      <span v-for="[kind, name] in legend" :key="kind"><i :class="kind"></i>{{ name }}</span>
    </p>
  </div>
</template>

<style scoped>
.told {
  margin: 4px 0;
  min-height: 40px;
  line-height: 20px;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  margin: 0;
  color: var(--ink-soft);
}
.legend i {
  display: inline-block;
  width: 11px;
  height: 11px;
  margin-right: 5px;
  border: 1px solid var(--ink-faint);
}
i.inZone {
  background: #e0b23c;
}
i.fallsShort {
  background: #bcd4cb;
}
i.runsPast {
  background: #6fa391;
}
i.meetsBall {
  background: #c9b8d8;
}
i.inOff,
i.offTable {
  background: #d98d77;
}
i.noPot {
  background: var(--paper);
}
</style>
