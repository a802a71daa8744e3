<script setup lang="ts">
import { ballName, kindClass } from '@/sheet/sheet'

/** One ball on the table; it takes the focus, keys and a wide touch. */
defineProps<{ id: string; x: number; y: number; r: number; label: string; held: boolean }>()
const emit = defineEmits<{ nudge: [along: number, across: number, wide: boolean]; remove: [] }>()

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
  else return
  event.preventDefault()
}
</script>

<template>
  <g
    class="ball"
    :class="[kindClass(id), { held }]"
    tabindex="0"
    role="button"
    :aria-label="`${ballName(id)}, ${label}`"
    :data-ball="id"
    :data-x="x"
    :data-y="y"
    @keydown="onKey"
  >
    <circle class="focus" :cx="x" :cy="y" :r="r + 16" />
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
.body {
  fill: var(--ball);
  stroke: var(--ball-edge);
  stroke-width: 2.5;
}
.light {
  fill: rgb(255 255 255 / 38%);
}
</style>
