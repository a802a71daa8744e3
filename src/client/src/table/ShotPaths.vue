<script setup lang="ts">
import { computed } from 'vue'
import type { Outline, Prediction, Segment } from '@/api/client'
import { kindClass } from '@/sheet/sheet'
import { curve, dotted, isFlight, moving, mm, ribbon, shadow, stipples, toSheet } from './view'

/**
 * Where the balls go: the white as a ribbon, stippled where it slides; the others in their colours on an ivory casing. A flight is a
 * broken line with a soft shadow beside it.
 */
const props = defineProps<{ outline: Outline; prediction: Prediction }>()

const white = computed(() => {
  const path = props.prediction.paths.find((candidate) => candidate.ball === 'cue')
  const segments = path ? moving(path) : []
  return {
    rolling: segments.filter((segment) => segment.phase === 'rolling').map((segment) => ribbon(props.outline, segment)),
    sliding: dotted(
      stipples(
        props.outline,
        segments.filter((segment) => segment.phase !== 'rolling' && !isFlight(props.outline, segment)),
      ),
    ),
    flights: flightsOf(segments),
  }
})

function flightsOf(segments: Segment[]) {
  return segments
    .filter((segment) => isFlight(props.outline, segment))
    .map((segment) => ({ way: curve(props.outline, [segment]), shadow: shadow(props.outline, segment) }))
}
const others = computed(() =>
  props.prediction.paths
    .filter((path) => path.ball !== 'cue')
    .map((path) => ({
      ball: path.ball,
      kind: kindClass(path.ball),
      d: curve(
        props.outline,
        moving(path).filter((segment) => !isFlight(props.outline, segment)),
      ),
      flights: flightsOf(moving(path)),
    }))
    .filter((path) => path.d !== '' || path.flights.length > 0),
)
const radius = computed(() => mm(props.outline.ballRadius))
const moved = computed(
  () => new Set(props.prediction.paths.filter((path) => moving(path).length > 0).map((p) => p.ball)),
)
const resting = computed(() =>
  props.prediction.final
    .filter((ball) => moved.value.has(ball.id))
    .map((ball) => ({
      id: ball.id,
      kind: kindClass(ball.id),
      ...toSheet(props.outline, ball.x, ball.y),
    })),
)
const contact = computed(() => {
  const aim = props.prediction.aim
  return aim ? toSheet(props.outline, aim.white.x, aim.white.y) : null
})
</script>

<template>
  <g class="paths" data-testid="paths">
    <g v-for="path in others" :key="path.ball" :data-path="path.ball">
      <path class="casing" :d="path.d" />
      <path class="line" :class="path.kind" :d="path.d" />
      <template v-for="(flight, i) in path.flights" :key="i">
        <path class="shadow" :d="flight.shadow" />
        <path class="line flight" :class="path.kind" :d="flight.way" />
      </template>
    </g>
    <g data-path="cue">
      <template v-for="(flight, i) in white.flights" :key="`f${i}`">
        <path class="shadow" :d="flight.shadow" />
        <path class="flight" :d="flight.way" data-testid="flight" />
      </template>
      <path v-for="(d, i) in white.rolling" :key="`r${i}`" class="ribbon" :d="d" />
      <path v-if="white.sliding" class="ribbon" :d="white.sliding" />
    </g>
    <circle v-if="contact" class="contact" :cx="contact.x" :cy="contact.y" :r="radius" />
    <circle
      v-for="ball in resting"
      :key="ball.id"
      class="resting"
      :class="ball.kind"
      :cx="ball.x"
      :cy="ball.y"
      :r="radius"
      :data-resting="ball.id"
    />
  </g>
</template>

<style scoped>
.paths {
  pointer-events: none;
}
.casing,
.line {
  fill: none;
  stroke-linejoin: round;
  stroke-linecap: round;
}
.casing {
  stroke: rgb(247 243 230 / 80%);
  stroke-width: 12;
}
.line {
  stroke: var(--ball);
  stroke-width: 7;
}
.ribbon {
  fill: var(--ivory);
}
.flight {
  fill: none;
  stroke: var(--ivory);
  stroke-width: 10;
  stroke-dasharray: 26 16;
}
.line.flight {
  stroke: var(--ball);
  stroke-width: 7;
}
.shadow {
  fill: none;
  stroke: rgb(8 24 18 / 34%);
  stroke-width: 18;
  stroke-linecap: round;
}
.contact {
  fill: rgb(247 243 230 / 34%);
}
.resting {
  fill: var(--ball);
  fill-opacity: 0.62;
}
</style>
