<script setup lang="ts">
import { computed } from 'vue'
import type { BallPlace, Outline, Prediction, ShotEvent } from '@/api/client'
import { t } from '@/words'
import { placeLabels, pointsOf } from './labels'
import { textScale, toSheet, type Point } from './view'

/** The contacts of the white, numbered in order; pointing at one tells its figures. */
const props = defineProps<{ outline: Outline; prediction: Prediction; balls: BallPlace[]; told: number | null }>()
const emit = defineEmits<{ tell: [number: number | null] }>()

interface Numeral extends Point {
  event: ShotEvent
  from: Point
}

const scale = computed(() => textScale(props.outline))
const size = computed(() => ({
  offset: 43 + 35 * scale.value,
  halfWidth: 35 * scale.value,
  halfHeight: 35 * scale.value,
}))

/** Everything that is drawn: numerals keep clear of it. */
const drawn = computed<Point[]>(() => [
  ...pointsOf(props.outline, props.prediction.paths),
  ...props.balls.map((ball) => toSheet(props.outline, ball.x, ball.y)),
])

/** Each numeral stands beside its contact where it has room. */
const numerals = computed<Numeral[]>(() => {
  const events = props.prediction.events.filter((event) => event.number != null).slice(0, 9)
  const from = events.map((event) => {
    const [x, y] = event.balls[0]!.position as [number, number]
    return toSheet(props.outline, x, y)
  })
  const spots = placeLabels(props.outline, from, drawn.value, () => size.value)
  return events.map((event, i) => ({ event, from: from[i]!, ...spots[i]! }))
})
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
      :aria-label="t('table.contact', { number: numeral.event.number!, words: numeral.event.words })"
      :data-contact="numeral.event.number"
      @pointerenter="emit('tell', numeral.event.number!)"
      @pointerleave="emit('tell', null)"
      @focus="emit('tell', numeral.event.number!)"
      @blur="emit('tell', null)"
    >
      <line :x1="numeral.from.x" :y1="numeral.from.y" :x2="numeral.x" :y2="numeral.y" />
      <circle :cx="numeral.x" :cy="numeral.y" :r="35 * scale" />
      <text :x="numeral.x" :y="numeral.y + 21 * scale" :font-size="61 * scale">{{ numeral.event.number }}</text>
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
  font-weight: 650;
  text-anchor: middle;
  fill: #1d2a26;
}
.numeral.told circle,
.numeral:focus-visible circle {
  fill: var(--straw);
}
</style>
