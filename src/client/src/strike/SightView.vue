<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BallPlace, Cueing, Outline, PotAnswer, Prediction, Stroke } from '@/api/client'
import { t } from '@/words'
import { eyeBehind } from './perspective'
import ButtGauge from './ButtGauge.vue'
import SightMarks from './SightMarks.vue'
import SightWorld from './SightWorld.vue'

/** The sight: from behind the white along the cue, with the tip on it at true scale, the butt and the overlap at contact. */
const props = defineProps<{
  outline: Outline
  balls: BallPlace[]
  prediction: Prediction | null
  stroke: Stroke
  pot: PotAnswer | null
  cueing: Cueing | null
}>()
const emit = defineEmits<{ tip: [side: number, height: number]; butt: [degrees: number]; done: [] }>()

const width = 320
const height = 352
const focal = 1280
const behind = 0.46
const eyeHeight = 0.112
const reachOfTip = 0.7
const snapToCentre = 0.025
/** Where the white of the butt's gauge stands: beside the white, where the sight shows bare cloth. */
const gaugeAt = { x: 244, y: 334 }
const tipSteps = { plain: 0.02, wide: 0.1 }

const svg = ref<SVGSVGElement | null>(null)
const white = computed(() => props.balls.find((ball) => ball.id === 'cue'))
const R = computed(() => props.outline.ballRadius)
const horizon = { x: width / 2, y: 12 }
const eye = computed(() =>
  eyeBehind({
    white: white.value ?? { x: 0, y: 0 },
    directionDeg: props.stroke.directionDeg,
    behind,
    height: eyeHeight,
    focal,
    horizon,
  }),
)
/** The point of the pocket that the ball is sent to. */
const target = computed(() => {
  const place = props.pot?.judge?.target
  if (!place) return null
  const seen = eye.value.see({ ...place, z: 0 })
  return seen.depth > behind ? seen : null
})
const cueBall = computed(() => {
  const seen = eye.value.see({ x: white.value?.x ?? 0, y: white.value?.y ?? 0, z: R.value })
  return { x: seen.x, y: seen.y, r: R.value * seen.scale }
})

const tip = computed(() => {
  const { x, y, r } = cueBall.value
  const factor = props.outline.tipAxisFactor
  return {
    contact: { x: x + props.stroke.side * r, y: y - props.stroke.height * r },
    axis: { x: x + props.stroke.side * factor * r, y: y - props.stroke.height * factor * r },
    r: (props.outline.tipRadius / R.value) * r,
  }
})

/** What of the face this cueing position forbids: everything below the lowest point that the tip can reach. */
const forbidden = computed(() => {
  const { x, y, r } = cueBall.value
  const limits = props.cueing?.face ?? []
  const limit = props.outline.miscueOffset
  if (limits.every((one) => one.lowest != null && one.lowest <= -Math.sqrt(limit * limit - one.side * one.side) + 0.03))
    return ''
  const edge = limits.map((one) => `${x + one.side * r} ${y - (one.lowest ?? limit) * r}`)
  const last = limits.length - 1
  return `M${edge.join('L')}L${x + limits[last]!.side * r} ${y}A${limit * r} ${limit * r} 0 0 1 ${x + limits[0]!.side * r} ${y}Z`
})

const dragging = ref(false)

function placeTip(event: PointerEvent) {
  const matrix = svg.value!.getScreenCTM()!.inverse()
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix)
  setTip((point.x - cueBall.value.x) / cueBall.value.r, (cueBall.value.y - point.y) / cueBall.value.r)
}

function setTip(side: number, tipHeight: number) {
  const offset = Math.hypot(side, tipHeight)
  const shrink = offset > reachOfTip ? reachOfTip / offset : 1
  const tidy = (value: number) => (Math.abs(value) < snapToCentre ? 0 : Math.round(value * 1000) / 1000)
  emit('tip', tidy(side * shrink), tidy(tipHeight * shrink))
}

function onDown(event: PointerEvent) {
  if (event.button !== 0) return
  dragging.value = true
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  placeTip(event)
}

function onUp() {
  if (dragging.value) emit('done')
  dragging.value = false
}

function onKey(event: KeyboardEvent) {
  const way = { ArrowUp: [0, 1], ArrowDown: [0, -1], ArrowRight: [1, 0], ArrowLeft: [-1, 0] }[event.key]
  if (event.key === 'Home') setTip(0, 0)
  else if (way) {
    const step = event.shiftKey ? tipSteps.wide : tipSteps.plain
    const tidy = (value: number) => Math.round(value * 1000) / 1000
    const [side, tipHeight] = [props.stroke.side + way[0]! * step, props.stroke.height + way[1]! * step]
    if (Math.hypot(side, tipHeight) > reachOfTip) return
    emit('tip', tidy(side), tidy(tipHeight))
  } else return
  emit('done')
  event.preventDefault()
}
</script>

<template>
  <svg ref="svg" class="sight" :viewBox="`0 0 ${width} ${height}`" role="group" :aria-label="t('stroke.sight')">
    <defs>
      <radialGradient id="ivory" cx="0.4" cy="0.32" r="0.8">
        <stop offset="0" stop-color="#fffdf6" />
        <stop offset="0.75" stop-color="#f3eddc" />
        <stop offset="1" stop-color="#d9d0b8" />
      </radialGradient>
    </defs>
    <SightWorld :outline="outline" :balls="balls" :eye="eye" :nearest="behind + 0.02" :width="width" :height="height">
      <path v-if="target" class="target" data-testid="sight-target" :d="`M${target.x} ${target.y}l-7 -12h14Z`" />
      <line class="line" :x1="width / 2" :x2="width / 2" :y1="horizon.y + 14" :y2="cueBall.y - cueBall.r" />
    </SightWorld>
    <SightMarks :outline="outline" :balls="balls" :prediction="prediction" :pot="pot" :eye="eye" :behind="behind" />
    <g
      class="white"
      tabindex="0"
      role="slider"
      :aria-label="t('stroke.tip')"
      aria-valuemin="-70"
      aria-valuemax="70"
      :aria-valuenow="Math.round(stroke.height * 100)"
      :aria-valuetext="prediction?.stroke?.clock ?? 'centre'"
      data-testid="tip"
      @pointerdown="onDown"
      @pointermove="(event) => dragging && placeTip(event)"
      @pointerup="onUp"
      @pointercancel="onUp"
      @keydown="onKey"
    >
      <ellipse class="shade" :cx="cueBall.x" :cy="cueBall.y + cueBall.r * 0.95" :rx="cueBall.r * 0.9" :ry="9" />
      <circle class="face" :cx="cueBall.x" :cy="cueBall.y" :r="cueBall.r" fill="url(#ivory)" />
      <path
        class="cross"
        :d="`M${cueBall.x - cueBall.r} ${cueBall.y}h${2 * cueBall.r}M${cueBall.x} ${cueBall.y - cueBall.r}v${2 * cueBall.r}`"
      />
      <path
        class="limit"
        :d="`M${cueBall.x - cueBall.r * outline.miscueOffset} ${cueBall.y}a${cueBall.r * outline.miscueOffset} ${cueBall.r * outline.miscueOffset} 0 1 0 ${2 * cueBall.r * outline.miscueOffset} 0a${cueBall.r * outline.miscueOffset} ${cueBall.r * outline.miscueOffset} 0 1 0 ${-2 * cueBall.r * outline.miscueOffset} 0`"
      />
      <path v-if="forbidden" class="forbidden" :d="forbidden" data-testid="forbidden" />
      <circle
        class="tip"
        :class="{ risky: prediction?.outcome.miscueRisk }"
        :cx="tip.axis.x"
        :cy="tip.axis.y"
        :r="tip.r"
      />
      <circle class="touch" :cx="tip.contact.x" :cy="tip.contact.y" r="2.6" data-testid="tip-contact" />
    </g>
    <ButtGauge
      :degrees="stroke.elevationDeg"
      :least="cueing?.elevationDeg ?? null"
      :at="gaugeAt"
      @butt="(degrees) => emit('butt', degrees)"
      @done="emit('done')"
    />
  </svg>
</template>

<style scoped>
.sight {
  display: block;
  width: 100%;
  /* What the longest words beside it leave: the white keeps its size whatever is said. */
  height: clamp(190px, calc(100vh - 557px), 334px);
  border-radius: 10px;
  border: 1px solid var(--line);
  touch-action: none;
  user-select: none;
}
.line {
  stroke: var(--straw);
  stroke-width: 1.2;
  opacity: 0.8;
}
.shade {
  fill: rgb(10 24 20 / 30%);
}
.target {
  fill: var(--straw);
  stroke: var(--cushion);
}
.white {
  outline: none;
  cursor: pointer;
}
.face {
  stroke: rgb(16 28 24 / 25%);
}
.white:focus-visible .face {
  stroke: var(--chalk);
  stroke-width: 4;
}
.cross {
  stroke: rgb(29 42 38 / 16%);
  fill: none;
}
.limit {
  fill: none;
  stroke: rgb(160 118 20 / 75%);
  stroke-dasharray: 2 4;
}

.forbidden {
  fill: rgb(60 46 30 / 45%);
}
.tip {
  fill: var(--chalk-fill);
  fill-opacity: 0.86;
}
.tip.risky {
  fill: var(--warn);
}
.touch {
  fill: #fff;
}
@media (max-width: 700px) {
  .sight {
    height: auto;
  }
}
</style>
