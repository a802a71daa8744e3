<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BallPlace, Outline, PotAnswer, Prediction, Stroke } from '@/api/client'
import { kindClass } from '@/sheet/sheet'
import { eyeBehind, type Seen } from './perspective'

/** The sight: from behind the white along the cue, with the tip on it at true scale and the overlap at contact. */
const props = defineProps<{
  outline: Outline
  balls: BallPlace[]
  prediction: Prediction | null
  stroke: Stroke
  pot: PotAnswer | null
}>()
const emit = defineEmits<{ tip: [side: number, height: number]; done: [] }>()

const width = 320
const height = 352
const focal = 1280
const behind = 0.46
const eyeHeight = 0.112
const reachOfTip = 0.7
const snapToCentre = 0.025
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
const polygon = (points: { x: number; y: number }[]) =>
  points.map((p) => `${p.x.toFixed(1)},${p.y.toFixed(1)}`).join(' ')

const cloth = computed(() => {
  const { length, width: across } = props.outline
  const corners = [
    [0, 0],
    [length, 0],
    [length, across],
    [0, across],
  ]
  return polygon(eye.value.seePolygon(corners.map(([x, y]) => ({ x: x!, y: y!, z: 0 }))))
})
const cushions = computed(() =>
  props.outline.noses.map((nose) => {
    const [a, b] = [nose.from, nose.to]
    const top = props.outline.noseHeight
    return polygon(
      eye.value.seePolygon([
        { ...a, z: 0 },
        { ...b, z: 0 },
        { ...b, z: top },
        { ...a, z: top },
      ]),
    )
  }),
)
const pockets = computed(() =>
  props.outline.pockets.map((pocket) => {
    const rim = [...Array(20).keys()].map((i) => {
      const angle = (i * Math.PI) / 10
      return {
        x: pocket.dropCentre.x + pocket.dropRadius * Math.cos(angle),
        y: pocket.dropCentre.y + pocket.dropRadius * Math.sin(angle),
        z: 0,
      }
    })
    return { id: pocket.id, points: polygon(eye.value.seePolygon(rim)) }
  }),
)

/** The other balls, far ones first. */
const spheres = computed(() =>
  props.balls
    .filter((ball) => ball.id !== 'cue')
    .map((ball) => ({
      id: ball.id,
      kind: kindClass(ball.id),
      seen: eye.value.see({ ...ball, z: R.value }),
    }))
    .filter((ball) => ball.seen.depth > behind + 0.02)
    .sort((a, b) => b.seen.depth - a.seen.depth)
    .map((ball) => ({ ...ball, r: R.value * ball.seen.scale })),
)

/** The overlap at contact: the white where it meets the ball, over that ball. */
const overlap = computed(() => {
  const aim = props.prediction?.aim
  if (!aim) return null
  const met = eye.value.see({ ...aim.objectBall, z: R.value })
  const there = eye.value.see({ ...aim.white, z: R.value })
  if (there.depth <= behind) return null
  return { met: { ...met, r: R.value * met.scale }, white: { ...there, r: R.value * there.scale } }
})
/** The band of the object ball that still pots: from the contact at the thick edge of the window to that at the thin one. */
const band = computed(() => {
  const window = props.pot?.window
  const ball = props.balls.find((other) => other.id === props.pot?.ball)
  if (!window || !ball) return null
  const [thick, thin] = [window.thick, window.thin].map((edge) =>
    eye.value.see({ x: (ball.x + edge.contact.x) / 2, y: (ball.y + edge.contact.y) / 2, z: R.value }),
  ) as [Seen, Seen]
  const middle = eye.value.see({ ...ball, z: R.value })
  if (middle.depth <= behind) return null
  const least = 3
  const width = Math.max(least, Math.abs(thin.x - thick.x))
  const left = (thick.x + thin.x) / 2 - width / 2
  const r = R.value * middle.scale
  const straight = props.pot!.judge?.cutTo === 'straight'
  const thickIsLeft = thick.x < thin.x
  return {
    left,
    width,
    y: middle.y,
    half: Math.max(5, r * 0.45),
    below: middle.y + r + 20,
    first: { x: middle.x - Math.max(r, 24) - 4, text: straight ? 'left' : thickIsLeft ? 'thick' : 'thin' },
    last: { x: middle.x + Math.max(r, 24) + 4, text: straight ? 'right' : thickIsLeft ? 'thin' : 'thick' },
  }
})
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
  <svg
    ref="svg"
    class="sight"
    :viewBox="`0 0 ${width} ${height}`"
    role="group"
    aria-label="The sight: the white from behind, with the tip on it and the ball beyond"
  >
    <defs>
      <clipPath v-if="overlap" id="met-ball">
        <circle :cx="overlap.met.x" :cy="overlap.met.y" :r="overlap.met.r" />
      </clipPath>
      <radialGradient id="ivory" cx="0.4" cy="0.32" r="0.8">
        <stop offset="0" stop-color="#fffdf6" />
        <stop offset="0.75" stop-color="#f3eddc" />
        <stop offset="1" stop-color="#d9d0b8" />
      </radialGradient>
    </defs>
    <rect class="wall" x="0" y="0" :width="width" :height="height" />
    <polygon v-if="cloth" class="cloth" :points="cloth" />
    <polygon v-for="pocket in pockets" :key="pocket.id" class="pocket" :points="pocket.points" />
    <polygon v-for="(points, i) in cushions" :key="i" class="cushion" :points="points" />
    <path v-if="target" class="target" data-testid="sight-target" :d="`M${target.x} ${target.y}l-7 -12h14Z`" />
    <line class="line" :x1="width / 2" :x2="width / 2" :y1="horizon.y + 14" :y2="cueBall.y - cueBall.r" />
    <g v-for="ball in spheres" :key="ball.id" :class="ball.kind">
      <ellipse
        class="shade"
        :cx="ball.seen.x"
        :cy="ball.seen.y + ball.r * 0.94"
        :rx="ball.r * 0.9"
        :ry="ball.r * 0.2"
      />
      <circle class="sphere" :cx="ball.seen.x" :cy="ball.seen.y" :r="ball.r" />
    </g>
    <g v-if="overlap" data-testid="overlap">
      <circle
        class="lens"
        clip-path="url(#met-ball)"
        :cx="overlap.white.x"
        :cy="overlap.white.y"
        :r="overlap.white.r"
      />
    </g>
    <g v-if="band" data-testid="band">
      <rect class="band" :x="band.left" :y="band.y - band.half" :width="band.width" :height="2 * band.half" />
      <text class="side" :x="band.first.x" :y="band.below" text-anchor="end">{{ band.first.text }}</text>
      <text class="side" :x="band.last.x" :y="band.below" text-anchor="start">{{ band.last.text }}</text>
    </g>
    <g
      class="white"
      tabindex="0"
      role="slider"
      aria-label="Tip on the white: arrow keys move it, Home puts it in the centre"
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
      <circle
        class="tip"
        :class="{ risky: prediction?.outcome.miscueRisk }"
        :cx="tip.axis.x"
        :cy="tip.axis.y"
        :r="tip.r"
      />
      <circle class="touch" :cx="tip.contact.x" :cy="tip.contact.y" r="2.6" data-testid="tip-contact" />
    </g>
  </svg>
</template>

<style scoped>
.sight {
  display: block;
  width: 100%;
  border-radius: 10px;
  border: 1px solid var(--line);
  touch-action: none;
  user-select: none;
}
.wall {
  fill: var(--frame);
}
.cloth {
  fill: var(--cloth-lit);
}
.cushion {
  fill: var(--cushion);
}
.pocket {
  fill: #12201c;
}
.line {
  stroke: var(--straw);
  stroke-width: 1.2;
  opacity: 0.8;
}
.shade {
  fill: rgb(10 24 20 / 30%);
}
.sphere {
  fill: var(--ball);
  stroke: rgb(16 28 24 / 40%);
  stroke-width: 0.6;
}
.lens {
  fill: rgb(247 243 230 / 72%);
}
.target {
  fill: var(--straw);
  stroke: var(--cushion);
}
.band {
  fill: var(--straw);
  opacity: 0.9;
}
.side {
  font-size: 19px;
  fill: var(--ivory);
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
</style>
