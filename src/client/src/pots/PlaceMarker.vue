<script setup lang="ts">
import { computed } from 'vue'
import type { Outline, PlaceOnBed } from '@/api/client'
import { arrowWays, toSheet, wayFromSheet } from '@/table/view'

/** A place on the cloth that the player chose: a dashed outline with a handle, moved by keys. */
const props = defineProps<{ outline: Outline; place: PlaceOnBed; radius: number; label: string; name: string }>()
const emit = defineEmits<{ move: [place: PlaceOnBed]; confirm: [place: PlaceOnBed] }>()

const steps = { plain: 0.02, wide: 0.1 }
const centre = computed(() => toSheet(props.outline, props.place.x, props.place.y))

function onKey(event: KeyboardEvent) {
  const pressed = arrowWays[event.key]
  const way = pressed && wayFromSheet(props.outline, pressed)
  if (event.key === 'Enter') emit('confirm', { ...props.place })
  else if (way) {
    const step = event.shiftKey ? steps.wide : steps.plain
    const inside = (value: number, most: number) => Math.min(most, Math.max(0, value))
    emit('move', {
      x: inside(props.place.x + way.x * step, props.outline.length),
      y: inside(props.place.y + way.y * step, props.outline.width),
    })
  } else return
  event.preventDefault()
  event.stopPropagation()
}
</script>

<template>
  <g class="marker" tabindex="0" role="button" :aria-label="label" :data-marker="name" @keydown="onKey">
    <circle class="zone" :cx="centre.x" :cy="centre.y" :r="radius" />
    <path class="plus" :d="`M${centre.x - 16} ${centre.y}h32M${centre.x} ${centre.y - 16}v32`" />
  </g>
</template>

<style scoped>
.marker {
  outline: none;
  pointer-events: none;
}
.zone {
  fill: rgb(240 217 160 / 14%);
  stroke: var(--straw);
  stroke-width: 5;
  stroke-dasharray: 16 10;
}
.plus {
  stroke: var(--straw);
  stroke-width: 5;
}
.marker:focus-visible .zone {
  stroke-width: 10;
}
</style>
