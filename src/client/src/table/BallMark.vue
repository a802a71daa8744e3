<script setup lang="ts">
import { ballName, kindClass } from '@/sheet/sheet'

/** One ball on the table; it takes the focus, keys and a wide touch. */
defineProps<{ id: string; x: number; y: number; r: number; label: string; held: boolean; picked: boolean }>()
const emit = defineEmits<{ nudge: [along: number, across: number, wide: boolean]; remove: []; pick: [] }>()

const ways: Record<string, [number, number]> = {
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}

function onKey(event: KeyboardEvent) {
  const way = ways[event.key]
  if (way) emit('nudge', way[0], way[1], event.shiftKey)
  else if (event.key === 'Delete' || event.key === 'Backspace') emit('remove')
  else if (event.key === 'Enter' || event.key === ' ') emit('pick')
  else return
  event.preventDefault()
}
</script>

<template>
  <g
    class="ball"
    :class="[kindClass(id), { held, picked }]"
    :aria-pressed="picked"
    tabindex="0"
    role="button"
    :aria-label="`${ballName(id)}, ${label}`"
    :data-ball="id"
    :data-x="x"
    :data-y="y"
    @keydown="onKey"
  >
    <circle class="focus" :cx="x" :cy="y" :r="r + 16" />
    <path
      v-if="picked"
      class="corners"
      :d="`M${x - r - 20} ${y - r}v-20h20M${x + r} ${y - r - 20}h20v20M${x + r + 20} ${y + r}v20h-20M${x - r} ${y + r + 20}h-20v-20`"
    />
    <circle class="body" :cx="x" :cy="y" :r="r" />
    <circle class="light" :cx="x - r * 0.3" :cy="y - r * 0.34" :r="r * 0.26" />
  </g>
</template>

<style scoped>
.ball {
  cursor: grab;
  outline: none;
}
.held {
  cursor: grabbing;
}
.focus {
  fill: none;
  stroke: transparent;
  stroke-width: 9;
}
.ball:focus-visible .focus {
  stroke: var(--straw);
}
.corners {
  fill: none;
  stroke: var(--straw);
  stroke-width: 7;
}
.body {
  fill: var(--ball);
  stroke: var(--ball-edge);
  stroke-width: 2.5;
}
.light {
  fill: rgb(255 255 255 / 38%);
}
</style>
