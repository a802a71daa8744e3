<script setup lang="ts">
import { computed } from 'vue'
import type { BallPlace, BreakAnswer, HandPlace, Outline, Prediction, Reason } from '@/api/client'
import { placeLabels } from '@/table/labels'
import { drawnOf } from '@/table/numerals'
import PennantMark from '@/table/PennantMark.vue'
import { mm, toSheet, type Point } from '@/table/view'

/** A plan on the table: a pennant on the ball to play, faint marks for what follows, and the lines that prove a fact. */
const props = defineProps<{
  outline: Outline
  balls: BallPlace[]
  prediction: Prediction | null
  answer: BreakAnswer | null
  proof: Reason | null
  inHand: HandPlace[]
}>()

const at = (place: { x: number; y: number }) => toSheet(props.outline, place.x, place.y)
const pocketAt = (id: string) => {
  const pocket = props.outline.pockets.find((other) => other.id === id)!
  return at(pocket.dropCentre)
}
const radius = computed(() => mm(props.outline.ballRadius))
const steps = computed(() =>
  (props.answer?.line ?? []).map((step, i) => ({
    number: i + 1,
    turn: step.turn,
    from: at(step.from),
    to: pocketAt(step.pocket),
    white: step.white ? at(step.white) : null,
  })),
)
/** When the later strokes come, beside their balls, where they have room; a ball that is played twice has one label for both. */
const labels = computed(() => {
  const found = new Map<string, { from: Point; text: string }>()
  steps.value.slice(1).forEach((step, i) => {
    const ball = props.answer!.line[i + 1]!.ball
    const known = found.get(ball)
    found.set(ball, { from: step.from, text: known ? `${known.text}, ${step.turn}` : step.turn })
  })
  const words = [...found.values()]
  const spots = placeLabels(
    props.outline,
    words.map((word) => word.from),
    drawn.value,
    (i) => ({
      // Above the ball when it can be.
      first: 12,
      offset: 2.6 * radius.value,
      halfWidth: 0.62 * radius.value * words[i]!.text.length,
      halfHeight: 1.4 * radius.value,
    }),
  )
  return words.map((word, i) => ({ ...word, ...spots[i]! }))
})
/** What the numbers keep off: paths, balls, the numerals of contacts and the pennant. */
const drawn = computed<Point[]>(() => [
  ...drawnOf(props.outline, props.prediction, props.balls),
  ...(steps.value[0] ? [1.5, 2.5, 3.5, 4.5].flatMap((up) => flagAt(steps.value[0]!.from, up)) : []),
])
const flagAt = (foot: Point, up: number) =>
  [0, 1.5, 3].map((along) => ({ x: foot.x + along * radius.value, y: foot.y - up * radius.value }))
const lines = computed(() =>
  (props.proof?.pots ?? []).map((pot) => ({
    key: `${pot.ball}-${pot.pocket}`,
    white: at(pot.white),
    from: at(pot.from),
    to: pocketAt(pot.pocket),
  })),
)
/** Places in the D, larger where they are worth more. */
const dots = computed(() => {
  const worths = props.inHand.map((one) => one.worth)
  const [least, most] = [Math.min(...worths), Math.max(...worths)]
  return props.inHand.map((one) => ({
    ...at(one.place),
    r: radius.value * (0.15 + (0.45 * (one.worth - least)) / Math.max(most - least, 1e-9)),
  }))
})
</script>

<template>
  <g class="plan" data-testid="plan-marks">
    <circle v-for="(dot, i) in dots" :key="`d${i}`" class="place" data-place :cx="dot.x" :cy="dot.y" :r="dot.r" />
    <g v-for="step in steps.slice(1)" :key="step.number" class="later" :data-later="step.number">
      <line :x1="step.from.x" :y1="step.from.y" :x2="step.to.x" :y2="step.to.y" />
    </g>
    <text
      v-for="label in labels"
      :key="label.text"
      class="number"
      :x="label.x"
      :y="label.y + 0.8 * radius"
      :font-size="2.3 * radius"
    >
      {{ label.text }}
    </text>
    <PennantMark v-if="steps[0]" data-testid="plan-mark" :at="steps[0].from" :radius="radius" />
    <g v-for="line in lines" :key="line.key" class="proof" :data-proof="line.key">
      <line :x1="line.white.x" :y1="line.white.y" :x2="line.from.x" :y2="line.from.y" />
      <line :x1="line.from.x" :y1="line.from.y" :x2="line.to.x" :y2="line.to.y" />
      <circle :cx="line.white.x" :cy="line.white.y" :r="radius" />
    </g>
  </g>
</template>

<style scoped>
.plan {
  pointer-events: none;
}
.place {
  fill: var(--straw);
  opacity: 0.75;
}
.later line {
  stroke: var(--ivory);
  stroke-width: 3;
  stroke-dasharray: 10 14;
  opacity: 0.55;
}
.number {
  text-anchor: middle;
  fill: var(--ivory);
  opacity: 0.85;
}
.proof line {
  stroke: var(--straw);
  stroke-width: 5;
}
.proof circle {
  fill: none;
  stroke: var(--straw);
  stroke-width: 5;
}
</style>
