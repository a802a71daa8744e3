<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BallPlace, Mark, Pocket, Prediction } from '@/api/client'
import { ballLetters, isRed } from '@/sheet/sheet'
import { t } from '@/words'
import BallMark from './BallMark.vue'
import ContactNumerals from './ContactNumerals.vue'
import type { DrawnKind, Manner } from './gestures'
import { isCovered } from './labels'
import MarkLayer from './MarkLayer.vue'
import ShotPaths from './ShotPaths.vue'
import TableBed from './TableBed.vue'
import TableLoupe from './TableLoupe.vue'
import { useTablePointer } from './useTablePointer'
import {
  arrowWays,
  frame,
  mm,
  sizeOf,
  textScale,
  toSheet,
  wayFromSheet,
  wayOnSheet,
  type Point,
  type View,
} from './view'

/** The table in plan, to scale: balls are laid and dragged, the aim is turned, paths are shown. */
const props = defineProps<{
  outline: View
  balls: BallPlace[]
  prediction: Prediction | null
  directionDeg: number
  still: boolean
  told: number | null
  picked: string | null
  /** Balls that are chosen together. */
  chosen: string[]
  marks: Mark[]
  /** What a touch of the cloth does. */
  manner: Manner
  /** True when marks can be moved although the cloth is not laid on. */
  marksMove?: boolean
  /** The red that is laid next. */
  nextRed: string | undefined
  /** Balls that wait for the server to settle them. */
  raw: string[]
  letters: boolean
  /** Reds show their numbers, because words beside the table name them. */
  numbers: boolean
  /** True where the page scrolls under the finger. */
  scrolls: boolean
}>()
const emit = defineEmits<{
  drag: [ball: string, x: number, y: number, exactly: boolean]
  drop: [ball: string]
  takeOff: [ball: string]
  aim: [directionDeg: number]
  aimed: []
  nudge: [ball: string, along: number, across: number]
  remove: [ball: string]
  lay: [x: number, y: number]
  tell: [number: number | null]
  pick: [ball: string, more: boolean, byKey?: boolean]
  pocket: [id: Pocket]
  touch: [x: number, y: number]
  choose: [balls: string[]]
  shift: [along: number, across: number]
  mark: [kind: DrawnKind, places: Point[], radius: number | null]
  moveMark: [id: string, index: number, x: number, y: number]
  marked: []
  removeMark: [id: string]
}>()

const live = 'live-table'
const svg = ref<SVGSVGElement | null>(null)
const fineStep = 0.0005
const aimSteps = { plain: 0.1, wide: 1, fine: 0.01 }

const radius = computed(() => mm(props.outline.ballRadius))
const viewBox = computed(() => {
  const { width, height } = sizeOf(props.outline)
  return `${-frame} ${-frame} ${width + 2 * frame} ${height + 2 * frame}`
})
const drawn = computed(() => props.balls.map((ball) => ({ id: ball.id, ...toSheet(props.outline, ball.x, ball.y) })))
const white = computed(() => drawn.value.find((ball) => ball.id === 'cue'))
const lays = computed(() => props.manner.kind !== 'aim' && props.manner.kind !== 'name')
const moves = computed(() => lays.value || props.marksMove)

const pointer = useTablePointer(svg, props, drawn, {
  drag: (ball, x, y, exactly) => emit('drag', ball, x, y, exactly),
  drop: (ball) => emit('drop', ball),
  takeOff: (ball) => emit('takeOff', ball),
  aim: (now, before) => turnBy(((now - before) * 180) / Math.PI),
  aimed: () => emit('aimed'),
  lay: (x, y) => emit('lay', x, y),
  pick: (ball, more) => emit('pick', ball, more),
  pocket: (id) => emit('pocket', id),
  touch: (x, y) => emit('touch', x, y),
  choose: (balls) => emit('choose', balls),
  shift: (along, across) => emit('shift', along, across),
  mark: (kind, places, around) => emit('mark', kind, places, around),
  moveMark: (id, index, x, y) => emit('moveMark', id, index, x, y),
  marked: () => emit('marked'),
})
const { gesture, finger, leaves } = pointer
const held = computed(() => (gesture.value?.kind === 'ball' ? gesture.value.id : null))
/** What the loupe shows in its middle: the ball in the hand, or the finger itself. */
const inHand = computed(() => drawn.value.find((ball) => ball.id === held.value) ?? finger.value)
const dragged = computed(() => {
  const now = gesture.value
  return now?.kind === 'group' ? { x: now.to.x - now.from.x, y: now.to.y - now.from.y } : null
})
const shown = computed(() =>
  drawn.value.map((ball) =>
    dragged.value && props.chosen.includes(ball.id)
      ? { ...ball, x: ball.x + dragged.value.x, y: ball.y + dragged.value.y }
      : ball,
  ),
)
/** What draws the ball in the hand: seen before it is let go. */
const drawnTo = computed(() => {
  const placing = props.prediction?.placing
  const ball = held.value && placing?.ball === held.value && placing.snap !== 'none' ? inHand.value : null
  return ball && { x: ball.x, y: ball.y, snap: placing!.snap }
})
const sketch = computed(() => {
  const now = gesture.value
  return now?.kind === 'draw' || now?.kind === 'frame' ? now : null
})

/** The cue's line: behind the white to the handle, ahead as a thin sighting line. */
const cue = computed(() => {
  if (!white.value) return null
  const angle = (props.directionDeg * Math.PI) / 180
  const way = wayOnSheet(props.outline, Math.cos(angle), Math.sin(angle))
  const along = (far: number) => ({ x: white.value!.x + way.x * far, y: white.value!.y + way.y * far })
  return { tip: along(-radius.value - 8), handle: along(-330), ahead: along(radius.value + 4), sight: along(420) }
})

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

/** Arrow keys point as they do on screen, however the table is turned. */
function onNudge(id: string, key: string, wide: boolean) {
  if (props.still) return
  const step = wide ? 2 * props.outline.ballRadius : fineStep
  const way = wayFromSheet(props.outline, arrowWays[key]!)
  if (props.chosen.length > 1 && props.chosen.includes(id)) emit('shift', way.x * step, way.y * step)
  else emit('nudge', id, way.x * step, way.y * step)
}

function labelOf(id: string) {
  if (props.raw.includes(id)) return t('table.raw')
  const placing = props.prediction?.placing
  return placing?.ball === id ? placing.words : t('table.keysMoveIt')
}

defineExpose({ svg })
</script>

<template>
  <svg
    ref="svg"
    class="table"
    :class="{ lays, scrolls }"
    :viewBox="viewBox"
    role="application"
    :aria-label="t('table.label')"
    @pointerdown="pointer.onDown"
    @pointermove="pointer.onMove"
    @pointerup="pointer.onUp"
    @pointercancel="pointer.onUp"
    @touchstart="pointer.onTouch"
    @dblclick="pointer.onDoubleClick"
  >
    <g :id="live">
      <TableBed :outline="outline" />
      <slot name="under" />
      <ShotPaths v-if="prediction" :outline="outline" :prediction="prediction" />
      <MarkLayer
        :outline="outline"
        :marks="marks"
        :movable="moves"
        @move="(id, index, x, y) => emit('moveMark', id, index, x, y)"
        @done="emit('marked')"
        @remove="(id) => emit('removeMark', id)"
      />
      <g
        v-if="cue && !still"
        class="cue"
        tabindex="0"
        role="slider"
        :aria-label="t('table.aim')"
        aria-valuemin="-180"
        aria-valuemax="180"
        :aria-valuenow="directionDeg"
        :aria-valuetext="t('table.aimValue', { degrees: directionDeg.toFixed(2) })"
        data-testid="aim"
        @keydown="onAimKey"
      >
        <line class="sight" :x1="cue.ahead.x" :y1="cue.ahead.y" :x2="cue.sight.x" :y2="cue.sight.y" />
        <line class="shaft" :x1="cue.tip.x" :y1="cue.tip.y" :x2="cue.handle.x" :y2="cue.handle.y" />
        <circle class="grab" :cx="cue.handle.x" :cy="cue.handle.y" r="90" />
        <circle class="handle" :cx="cue.handle.x" :cy="cue.handle.y" r="21" />
      </g>
      <BallMark
        v-for="ball in shown"
        :id="ball.id"
        :key="ball.id"
        :x="ball.x"
        :y="ball.y"
        :r="radius"
        :held="held === ball.id"
        :leaving="leaves && held === ball.id"
        :raw="raw.includes(ball.id)"
        :picked="picked === ball.id || chosen.includes(ball.id)"
        :label="labelOf(ball.id)"
        :letters="
          (letters || (numbers && isRed(ball.id))) && !isCovered(ball, shown, radius) ? ballLetters(ball.id) : ''
        "
        :scale="textScale(outline)"
        @nudge="(key, wide) => onNudge(ball.id, key, wide)"
        @remove="emit('remove', ball.id)"
        @pick="(more) => emit('pick', ball.id, more, true)"
      />
      <!-- After the balls: the focus goes from ball to ball first, then to the pockets. -->
      <slot name="pockets" />
    </g>
    <slot />
    <circle
      v-if="drawnTo"
      class="drawn"
      data-testid="drawn-to"
      :data-snap="drawnTo.snap"
      :cx="drawnTo.x"
      :cy="drawnTo.y"
      :r="2 * radius"
    />
    <template v-if="sketch">
      <rect
        v-if="sketch.kind === 'frame' || sketch.mark === 'zone'"
        class="sketch"
        :x="Math.min(sketch.from.x, sketch.to.x)"
        :y="Math.min(sketch.from.y, sketch.to.y)"
        :width="Math.abs(sketch.to.x - sketch.from.x)"
        :height="Math.abs(sketch.to.y - sketch.from.y)"
      />
      <line v-else class="sketch" :x1="sketch.from.x" :y1="sketch.from.y" :x2="sketch.to.x" :y2="sketch.to.y" />
    </template>
    <ContactNumerals
      v-if="prediction && !still"
      :outline="outline"
      :prediction="prediction"
      :balls="balls"
      :told="told"
      @tell="(number) => emit('tell', number)"
    />
    <TableLoupe
      v-if="finger && inHand"
      :live="live"
      :finger="finger"
      :centre="inHand"
      :per-pixel="outline.perPixel"
      :top="-frame"
    />
  </svg>
</template>

<style scoped>
.table {
  display: block;
  width: 100%;
  max-height: 100%;
  touch-action: none;
  user-select: none;
  cursor: crosshair;
}
.lays {
  cursor: cell;
}
.scrolls {
  touch-action: pan-y pinch-zoom;
}
.sketch {
  fill: rgb(240 217 160 / 12%);
  stroke: var(--straw);
  stroke-width: 5;
  stroke-dasharray: 16 12;
  pointer-events: none;
}
.drawn {
  fill: none;
  stroke: var(--straw);
  stroke-width: 6;
  pointer-events: none;
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
