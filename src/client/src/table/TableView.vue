<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BallPlace, Outline, Prediction } from '@/api/client'
import BallMark from './BallMark.vue'
import ContactNumerals from './ContactNumerals.vue'
import ShotPaths from './ShotPaths.vue'
import TableBed from './TableBed.vue'
import { frame, fromSheet, mm, toSheet, type Point } from './view'

/** The table in plan, to scale: balls are dragged, the aim is turned, paths are shown. */
const props = defineProps<{
  outline: Outline
  balls: BallPlace[]
  prediction: Prediction | null
  directionDeg: number
  still: boolean
  told: number | null
  picked: string | null
  /** True while a touch of the cloth names a place: balls and aim rest. */
  names: boolean
}>()
const emit = defineEmits<{
  drag: [ball: string, x: number, y: number]
  drop: [ball: string]
  aim: [directionDeg: number]
  aimed: []
  nudge: [ball: string, x: number, y: number]
  remove: [ball: string]
  lay: [x: number, y: number]
  tell: [number: number | null]
  pick: [ball: string]
  pocket: [id: string]
  touch: [x: number, y: number]
}>()

const svg = ref<SVGSVGElement | null>(null)
const grabPixels = 22
const stirPixels = 3
const fineStep = 0.0005
const aimSteps = { plain: 0.1, wide: 1, fine: 0.01 }

const radius = computed(() => mm(props.outline.ballRadius))
const viewBox = computed(() => {
  const width = mm(props.outline.length) + 2 * frame
  const height = mm(props.outline.width) + 2 * frame
  return `${-frame} ${-frame} ${width} ${height}`
})
const drawn = computed(() => props.balls.map((ball) => ({ id: ball.id, ...toSheet(props.outline, ball.x, ball.y) })))
const white = computed(() => drawn.value.find((ball) => ball.id === 'cue'))

/** The cue's line: behind the white to the handle, ahead as a thin sighting line. */
const cue = computed(() => {
  if (!white.value) return null
  const angle = (props.directionDeg * Math.PI) / 180
  const [dx, dy] = [Math.cos(angle), -Math.sin(angle)]
  const along = (distance: number) => ({ x: white.value!.x + dx * distance, y: white.value!.y + dy * distance })
  return { tip: along(-radius.value - 8), handle: along(-330), ahead: along(radius.value + 4), sight: along(420) }
})

type Gesture = { kind: 'ball'; id: string; offset: Point; from: Point; moved: boolean } | { kind: 'aim'; last: number }
const gesture = ref<Gesture | null>(null)
const held = computed(() => (gesture.value?.kind === 'ball' ? gesture.value.id : null))

function pointOf(event: PointerEvent | MouseEvent): Point {
  const matrix = svg.value!.getScreenCTM()!.inverse()
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix)
  return { x: point.x, y: point.y }
}

const millimetresPerPixel = () => 1 / svg.value!.getScreenCTM()!.a

function nearestBall(point: Point) {
  const reach = grabPixels * millimetresPerPixel()
  return drawn.value
    .map((ball) => ({ ball, distance: Math.hypot(ball.x - point.x, ball.y - point.y) }))
    .filter((candidate) => candidate.distance <= Math.max(reach, radius.value))
    .sort((a, b) => a.distance - b.distance)[0]?.ball
}

const bearing = (point: Point) => Math.atan2(-(point.y - white.value!.y), point.x - white.value!.x)

function onDown(event: PointerEvent) {
  if (props.still || event.button !== 0) return
  const point = pointOf(event)
  const pocket = (event.target as Element).closest('[data-pocket-button]')
  if (pocket) {
    emit('pocket', pocket.getAttribute('data-pocket-button')!)
    return
  }
  if (props.names) {
    const place = fromSheet(props.outline, point)
    emit('touch', place.x, place.y)
    return
  }
  const ball = nearestBall(point)
  svg.value!.setPointerCapture(event.pointerId)
  if (ball) {
    gesture.value = {
      kind: 'ball',
      id: ball.id,
      offset: { x: ball.x - point.x, y: ball.y - point.y },
      from: point,
      moved: false,
    }
    svg.value!.querySelector<SVGGElement>(`[data-ball="${ball.id}"]`)?.focus()
    event.preventDefault()
  } else if (white.value) gesture.value = { kind: 'aim', last: bearing(point) }
}

function onMove(event: PointerEvent) {
  if (!gesture.value) return
  const point = pointOf(event)
  if (gesture.value.kind === 'ball') {
    const { offset, id, from } = gesture.value
    const moved = Math.hypot(point.x - from.x, point.y - from.y)
    // A finger that trembles on a ball touches it; only a pull moves it.
    if (!gesture.value.moved && moved < stirPixels * millimetresPerPixel()) return
    gesture.value.moved = true
    const place = fromSheet(props.outline, { x: point.x + offset.x, y: point.y + offset.y })
    emit('drag', id, place.x, place.y)
  } else {
    const now = bearing(point)
    turnBy(((now - gesture.value.last) * 180) / Math.PI)
    gesture.value.last = now
  }
}

function onUp() {
  if (gesture.value?.kind === 'ball') {
    if (gesture.value.moved) emit('drop', gesture.value.id)
    else emit('pick', gesture.value.id)
  }
  if (gesture.value?.kind === 'aim') emit('aimed')
  gesture.value = null
}

/** Turns the aim; directions are kept between -180 and 180 degrees. */
function turnBy(degrees: number) {
  const turned = props.directionDeg + degrees
  emit('aim', Math.round((turned - 360 * Math.round(turned / 360)) * 1e4) / 1e4)
}

function onAimKey(event: KeyboardEvent) {
  const way = { ArrowLeft: 1, ArrowUp: 1, ArrowRight: -1, ArrowDown: -1 }[event.key]
  if (!way) return
  turnBy(way * (event.shiftKey ? aimSteps.wide : event.altKey ? aimSteps.fine : aimSteps.plain))
  emit('aimed')
  event.preventDefault()
}

function onNudge(id: string, along: number, across: number, wide: boolean) {
  const ball = props.balls.find((other) => other.id === id)
  const step = wide ? 2 * props.outline.ballRadius : fineStep
  if (ball && !props.still) emit('nudge', id, ball.x + along * step, ball.y + across * step)
}

function onDoubleClick(event: MouseEvent) {
  const point = pointOf(event)
  if (props.still || nearestBall(point)) return
  const place = fromSheet(props.outline, point)
  emit('lay', place.x, place.y)
}
</script>

<template>
  <svg
    ref="svg"
    class="table"
    :viewBox="viewBox"
    role="application"
    aria-label="The table. Balls and the aim take the focus and are moved by arrow keys."
    @pointerdown="onDown"
    @pointermove="onMove"
    @pointerup="onUp"
    @pointercancel="onUp"
    @dblclick="onDoubleClick"
  >
    <TableBed :outline="outline" />
    <slot name="under" />
    <ShotPaths v-if="prediction" :outline="outline" :prediction="prediction" />
    <g
      v-if="cue && !still"
      class="cue"
      tabindex="0"
      role="slider"
      aria-label="Aim"
      aria-valuemin="-180"
      aria-valuemax="180"
      :aria-valuenow="directionDeg"
      :aria-valuetext="`${directionDeg.toFixed(2)} degrees from straight up the table`"
      data-testid="aim"
      @keydown="onAimKey"
    >
      <line class="sight" :x1="cue.ahead.x" :y1="cue.ahead.y" :x2="cue.sight.x" :y2="cue.sight.y" />
      <line class="shaft" :x1="cue.tip.x" :y1="cue.tip.y" :x2="cue.handle.x" :y2="cue.handle.y" />
      <circle class="grab" :cx="cue.handle.x" :cy="cue.handle.y" r="90" />
      <circle class="handle" :cx="cue.handle.x" :cy="cue.handle.y" r="21" />
    </g>
    <BallMark
      v-for="ball in drawn"
      :id="ball.id"
      :key="ball.id"
      :x="ball.x"
      :y="ball.y"
      :r="radius"
      :held="held === ball.id"
      :picked="picked === ball.id"
      :label="prediction?.placing?.ball === ball.id ? prediction.placing.words : 'arrow keys move it'"
      @nudge="(along, across, wide) => onNudge(ball.id, along, across, wide)"
      @remove="emit('remove', ball.id)"
      @pick="emit('pick', ball.id)"
    />
    <slot />
    <ContactNumerals
      v-if="prediction && !still"
      :outline="outline"
      :prediction="prediction"
      :balls="balls"
      :told="told"
      @tell="(number) => emit('tell', number)"
    />
  </svg>
</template>

<style scoped>
.table {
  display: block;
  width: 100%;
  touch-action: none;
  user-select: none;
  cursor: crosshair;
}
.cue {
  outline: none;
}
.shaft {
  stroke: var(--straw);
  stroke-width: 7;
  stroke-linecap: round;
}
.sight {
  stroke: var(--straw);
  stroke-width: 2.5;
  opacity: 0.75;
}
.grab {
  fill: transparent;
  cursor: grab;
}
.handle {
  fill: var(--straw);
  stroke: var(--cushion);
  stroke-width: 4;
}
.cue:focus-visible .handle {
  stroke: var(--ivory);
  stroke-width: 10;
}
</style>
