<script setup lang="ts">
import { computed } from 'vue'
import type { Outline, Prediction, ShotEvent } from '@/api/client'
import { toSheet, type Point } from './view'

/** The contacts of the white, numbered in order; pointing at one tells its figures. */
const props = defineProps<{ outline: Outline; prediction: Prediction; told: number | null }>()
const emit = defineEmits<{ tell: [number: number | null] }>()

interface Numeral extends Point {
  event: ShotEvent
  from: Point
}

const offset = 62

/** Numerals stand beside the path, to the side away from other numerals. */
const numerals = computed<Numeral[]>(() => {
  const placed: Point[] = []
  return props.prediction.events
    .filter((event) => event.number != null)
    .slice(0, 9)
    .map((event) => {
      const [x, y] = event.balls[0]!.position as [number, number]
      const from = toSheet(props.outline, x, y)
      const [vx, vy] = event.balls[0]!.velocity as [number, number]
      const speed = Math.hypot(vx, vy) || 1
      const sides = [1, -1].map((side) => ({
        x: from.x + (side * offset * vy) / speed,
        y: from.y + (side * offset * vx) / speed,
      }))
      const inside = sides.filter((p) => p.x > 30 && p.y > 30 && p.x < 3540 && p.y < 1750)
      const candidates = inside.length ? inside : sides
      const spot = candidates.reduce((best, p) => (room(p, placed) > room(best, placed) ? p : best))
      placed.push(spot)
      return { event, from, ...spot }
    })
})

function room(point: Point, placed: Point[]): number {
  return Math.min(1000, ...placed.map((other) => Math.hypot(point.x - other.x, point.y - other.y)))
}
</script>

<template>
  <g>
    <g
      v-for="numeral in numerals"
      :key="numeral.event.number!"
      class="numeral"
      :class="{ told: told === numeral.event.number }"
      tabindex="0"
      role="button"
      :aria-label="`Contact ${numeral.event.number}: ${numeral.event.words}`"
      :data-contact="numeral.event.number"
      @pointerenter="emit('tell', numeral.event.number!)"
      @pointerleave="emit('tell', null)"
      @focus="emit('tell', numeral.event.number!)"
      @blur="emit('tell', null)"
    >
      <line :x1="numeral.from.x" :y1="numeral.from.y" :x2="numeral.x" :y2="numeral.y" />
      <circle :cx="numeral.x" :cy="numeral.y" r="33" />
      <text :x="numeral.x" :y="numeral.y + 19">{{ numeral.event.number }}</text>
    </g>
  </g>
</template>

<style scoped>
.numeral {
  outline: none;
  cursor: default;
}
.numeral line {
  stroke: rgb(247 243 230 / 55%);
  stroke-width: 3;
}
.numeral circle {
  fill: var(--paper);
  stroke: var(--cushion);
  stroke-width: 3;
}
.numeral text {
  font-size: 54px;
  font-weight: 650;
  text-anchor: middle;
  fill: var(--ink);
}
.numeral.told circle,
.numeral:focus-visible circle {
  fill: var(--straw);
}
</style>
