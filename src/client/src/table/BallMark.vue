<script setup lang="ts">
import { computed } from 'vue'
import { ballName, isRed } from '@/sheet/sheet'

/** One ball on the table; it takes the focus, keys and a wide touch. */
const props = defineProps<{ id: string; x: number; y: number; r: number; label: string; held: boolean }>()
const emit = defineEmits<{ nudge: [along: number, across: number, wide: boolean]; remove: [] }>()
const kind = computed(() => (isRed(props.id) ? 'red' : props.id))

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
    :class="[kind, { held }]"
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
  stroke: rgb(16 28 24 / 55%);
  stroke-width: 2.5;
}
.light {
  fill: rgb(255 255 255 / 38%);
}
.cue .body {
  fill: var(--ivory);
}
.red .body {
  fill: var(--ball-red);
  stroke: #f3d8cf;
}
.yellow .body {
  fill: var(--ball-yellow);
}
.green .body {
  fill: var(--ball-green);
  stroke: #d9f0e2;
}
.brown .body {
  fill: var(--ball-brown);
  stroke: #ecd6c2;
}
.blue .body {
  fill: var(--ball-blue);
  stroke: #d4e2f2;
}
.pink .body {
  fill: var(--ball-pink);
}
.black .body {
  fill: var(--ball-black);
  stroke: #c9cfcc;
}
</style>
