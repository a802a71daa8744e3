<script setup lang="ts">
import { computed } from 'vue'
import type { BallPlace, Outline, Prediction, ShotEvent } from '@/api/client'
import { mm, moving, placeOn, toSheet, type Point } from './view'

/** The contacts of the white, numbered in order; pointing at one tells its figures. */
const props = defineProps<{ outline: Outline; prediction: Prediction; balls: BallPlace[]; told: number | null }>()
const emit = defineEmits<{ tell: [number: number | null] }>()

interface Numeral extends Point {
  event: ShotEvent
  from: Point
}

const offset = 78
const directions = 16

/** Points along everything that is drawn: numerals keep clear of it. */
const drawn = computed<Point[]>(() =>
  props.prediction.paths.flatMap((path) =>
    moving(path).flatMap((segment) =>
      [0, 0.25, 0.5, 0.75, 1].map((u) => {
        const place = placeOn(segment, u)
        return toSheet(props.outline, place.x, place.y)
      }),
    ),
  ),
)
const standing = computed(() => props.balls.map((ball) => toSheet(props.outline, ball.x, ball.y)))

/** Each numeral stands beside its contact where it has the most room. */
const numerals = computed<Numeral[]>(() => {
  const placed: Point[] = []
  return props.prediction.events
    .filter((event) => event.number != null)
    .slice(0, 9)
    .map((event) => {
      const [x, y] = event.balls[0]!.position as [number, number]
      const from = toSheet(props.outline, x, y)
      const candidates = [...Array(directions).keys()].map((i) => {
        const angle = (2 * Math.PI * i) / directions
        return { x: from.x + offset * Math.cos(angle), y: from.y + offset * Math.sin(angle) }
      })
      const rooms = candidates.map((point) => room(point, placed))
      const spot = candidates[rooms.indexOf(Math.max(...rooms))]!
      placed.push(spot)
      return { event, from, ...spot }
    })
})

/** Squared distance to the nearest thing drawn; nothing at all outside the bed. */
function room(point: Point, placed: Point[]): number {
  const edge = 40
  const { length, width } = { length: mm(props.outline.length), width: mm(props.outline.width) }
  if (point.x < edge || point.y < edge || point.x > length - edge || point.y > width - edge) return -1
  let nearest = Infinity
  for (const others of [placed, drawn.value, standing.value]) {
    for (const other of others) nearest = Math.min(nearest, (point.x - other.x) ** 2 + (point.y - other.y) ** 2)
  }
  return nearest
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
      <circle :cx="numeral.x" :cy="numeral.y" r="35" />
      <text :x="numeral.x" :y="numeral.y + 21">{{ numeral.event.number }}</text>
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
  fill: var(--ivory);
  stroke: var(--cushion);
  stroke-width: 3;
}
.numeral text {
  font-size: 61px;
  font-weight: 650;
  text-anchor: middle;
  fill: #1d2a26;
}
.numeral.told circle,
.numeral:focus-visible circle {
  fill: var(--straw);
}
</style>
