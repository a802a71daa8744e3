<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Cell, MapRow } from '@/api/client'
import { t } from '@/words'

/** Pace by height: every cell is a stroke that was played; a click takes it. */
const props = defineProps<{ rows: MapRow[]; pace: number; height: number }>()
const emit = defineEmits<{ take: [cell: Cell]; tell: [cell: Cell | null] }>()

const width = 300
const depth = 216
const chosen = ref<{ row: number; column: number } | null>(null)
const count = computed(() => props.rows[0]?.rows ?? 21)
const size = computed(() => ({ x: width / count.value, y: depth / count.value }))
/** Pace along, height up: a row of the stream is one pace. */
const cells = computed(() =>
  props.rows.flatMap((row) =>
    row.cells.map((cell, column) => ({
      cell,
      row: row.row,
      column,
      x: row.row * size.value.x,
      y: depth - (column + 1) * size.value.y,
    })),
  ),
)
const now = computed(() => {
  const nearest = cells.value.reduce<(typeof cells.value)[number] | null>((best, at) => {
    const far = (one: typeof at) => Math.abs(one.cell.pace - props.pace) / 7 + Math.abs(one.cell.height - props.height)
    return !best || far(at) < far(best) ? at : best
  }, null)
  return nearest
})

function onKey(event: KeyboardEvent) {
  const way = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key]
  const from = chosen.value ?? (now.value ? { row: now.value.row, column: now.value.column } : { row: 0, column: 0 })
  if (way) {
    const inside = (value: number) => Math.min(count.value - 1, Math.max(0, value))
    chosen.value = { row: inside(from.row + way[0]!), column: inside(from.column + way[1]!) }
    emit('tell', cellAt(chosen.value) ?? null)
  } else if (event.key === 'Enter') {
    const cell = cellAt(from)
    if (cell) emit('take', cell)
  } else return
  event.preventDefault()
}

const cellAt = (at: { row: number; column: number }) =>
  cells.value.find((one) => one.row === at.row && one.column === at.column)?.cell
const marked = computed(() => {
  const at = chosen.value
  return at ? cells.value.find((one) => one.row === at.row && one.column === at.column) : null
})
</script>

<template>
  <svg
    class="map"
    :viewBox="`-26 -4 ${width + 32} ${depth + 28}`"
    tabindex="0"
    role="application"
    :aria-label="t('where.map')"
    data-testid="dial-map"
    @keydown="onKey"
  >
    <rect class="ground" x="0" y="0" :width="width" :height="depth" />
    <g
      v-for="at in cells"
      :key="`${at.row}.${at.column}`"
      :class="['cell', at.cell.kind]"
      :data-cell="`${at.row}.${at.column}`"
      @click="emit('take', at.cell)"
      @pointerenter="emit('tell', at.cell)"
      @pointerleave="emit('tell', null)"
    >
      <rect :x="at.x" :y="at.y" :width="size.x - 0.6" :height="size.y - 0.6" />
      <path
        v-if="at.cell.kind === 'inOff' || at.cell.kind === 'offTable'"
        class="sign"
        :d="`M${at.x + size.x * 0.25} ${at.y + size.y * 0.2}l${size.x * 0.5} ${size.y * 0.55}m0 ${-size.y * 0.55}l${-size.x * 0.5} ${size.y * 0.55}`"
      />
      <circle
        v-if="at.cell.kind === 'meetsBall'"
        class="sign"
        :cx="at.x + size.x / 2"
        :cy="at.y + size.y / 2"
        :r="size.y * 0.2"
      />
    </g>
    <rect v-if="now" class="now" :x="now.x - 1" :y="now.y - 1" :width="size.x + 1.4" :height="size.y + 1.4" />
    <rect
      v-if="marked"
      class="marked"
      :x="marked.x - 1"
      :y="marked.y - 1"
      :width="size.x + 1.4"
      :height="size.y + 1.4"
    />
    <text :x="width / 2" :y="depth + 18" text-anchor="middle">{{ t('where.paceAxis') }}</text>
    <text :transform="`translate(-9 ${depth / 2}) rotate(-90)`" text-anchor="middle">{{ t('where.heightAxis') }}</text>
  </svg>
</template>

<style scoped>
.map {
  display: block;
  width: 100%;
  outline: none;
  border-radius: 6px;
}
.map:focus-visible {
  box-shadow: 0 0 0 3px var(--chalk);
}
.ground {
  fill: var(--line);
  opacity: 0.4;
}
.cell {
  cursor: pointer;
}
.noPot rect {
  fill: var(--paper);
}
.inZone rect {
  fill: #e0b23c;
}
.fallsShort rect {
  fill: #bcd4cb;
}
.runsPast rect {
  fill: #6fa391;
}
.free rect {
  fill: #97bdb0;
}
.meetsBall rect {
  fill: #c9b8d8;
}
.inOff rect,
.offTable rect {
  fill: #d98d77;
}
.sign {
  stroke: #1d2a26;
  stroke-width: 1.1;
  fill: none;
}
.now {
  fill: none;
  stroke: var(--chalk);
  stroke-width: 2.4;
}
.marked {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
text {
  fill: var(--ink-soft);
  font-size: 14px;
}
</style>
