<script setup lang="ts">
import { computed, ref } from 'vue'
import { t } from '@/words'

/** How far the butt is raised, seen from the side: the cue is pulled up and down, or moved with the arrow keys. */
const props = defineProps<{
  /** Degrees; 0 for a cue as level as it goes. */
  degrees: number
  /** The least that cushion and balls behind the white allow; null when nothing is known. */
  least: number | null
  /** Where the white's centre is drawn. */
  at: { x: number; y: number }
}>()
const emit = defineEmits<{ butt: [degrees: number]; done: [] }>()

const steepest = 80
const length = 66
const ballRadius = 9
const steps = { plain: 1, wide: 5 }

const handle = ref<SVGGElement | null>(null)
const dragging = ref(false)

const along = (degrees: number, distance: number) => {
  const angle = (degrees * Math.PI) / 180
  return { x: props.at.x + distance * Math.cos(angle), y: props.at.y - distance * Math.sin(angle) }
}
/** The cue lies as level as it goes until it is raised further. */
const shown = computed(() => Math.max(props.degrees, props.least ?? 0))
const cue = computed(() => ({ tip: along(shown.value, ballRadius + 1), butt: along(shown.value, length) }))
const arc = computed(() => {
  const [from, to] = [along(0, length), along(steepest, length)]
  return `M${from.x} ${from.y}A${length} ${length} 0 0 0 ${to.x} ${to.y}`
})
const ticks = computed(() =>
  [0, 20, 40, 60, 80].map((degrees) => ({ from: along(degrees, length - 4), to: along(degrees, length + 2) })),
)
/** Where the cue would touch what is behind the white. */
const blocked = computed(() => {
  if (props.least === null || props.least <= 3) return ''
  const to = along(props.least, length)
  const from = along(0, length)
  return `M${props.at.x} ${props.at.y}L${from.x} ${from.y}A${length} ${length} 0 0 0 ${to.x} ${to.y}Z`
})
const said = computed(() => t('stroke.buttUp', { degrees: Math.round(shown.value) }))

function set(degrees: number) {
  const raised = Math.min(steepest, Math.round(degrees))
  emit('butt', raised > (props.least ?? 0) ? raised : 0)
}

function pull(event: PointerEvent) {
  const matrix = handle.value!.getScreenCTM()!.inverse()
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix)
  set((Math.atan2(props.at.y - point.y, point.x - props.at.x) * 180) / Math.PI)
}

function onDown(event: PointerEvent) {
  if (event.button !== 0) return
  dragging.value = true
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  pull(event)
}

function onUp() {
  if (dragging.value) emit('done')
  dragging.value = false
}

function onKey(event: KeyboardEvent) {
  const way = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key]
  if (event.key === 'Home') set(0)
  else if (way) set(shown.value + way * (event.shiftKey ? steps.wide : steps.plain))
  else return
  emit('done')
  event.preventDefault()
}
</script>

<template>
  <g
    ref="handle"
    class="butt"
    role="slider"
    tabindex="0"
    :aria-label="t('stroke.butt')"
    aria-valuemin="0"
    :aria-valuemax="steepest"
    :aria-valuenow="Math.round(shown)"
    :aria-valuetext="said"
    data-testid="butt"
    @pointerdown="onDown"
    @pointermove="(event) => dragging && pull(event)"
    @pointerup="onUp"
    @pointercancel="onUp"
    @keydown="onKey"
  >
    <rect class="ground" :x="at.x - 10" :y="at.y - length - 28" width="86" :height="length + 41" rx="8" />
    <path v-if="blocked" class="blocked" :d="blocked" data-testid="butt-blocked" />
    <path class="arc" :d="arc" />
    <line
      v-for="(tick, i) in ticks"
      :key="i"
      class="arc"
      :x1="tick.from.x"
      :y1="tick.from.y"
      :x2="tick.to.x"
      :y2="tick.to.y"
    />
    <line class="bed" :x1="at.x - 9" :x2="at.x + length + 7" :y1="at.y + ballRadius" :y2="at.y + ballRadius" />
    <circle class="ball" :cx="at.x" :cy="at.y" :r="ballRadius" />
    <line class="cue" :x1="cue.tip.x" :y1="cue.tip.y" :x2="cue.butt.x" :y2="cue.butt.y" />
    <circle class="knob" :cx="cue.butt.x" :cy="cue.butt.y" r="7" />
    <text :x="at.x - 7" :y="at.y - length - 9">{{ said }}</text>
  </g>
</template>

<style scoped>
.butt {
  outline: none;
  cursor: ns-resize;
}
.ground {
  fill: color-mix(in srgb, var(--panel) 88%, transparent);
}
.butt:focus-visible .ground {
  stroke: var(--chalk);
  stroke-width: 3;
}
.arc {
  fill: none;
  stroke: var(--ink-soft);
  opacity: 0.6;
}
.bed {
  stroke: var(--cushion);
  stroke-width: 2;
}
.ball {
  fill: #fffdf6;
  stroke: rgb(16 28 24 / 45%);
}
.cue {
  stroke: var(--ink);
  stroke-width: 4;
  stroke-linecap: round;
}
.knob {
  fill: var(--chalk-fill);
}
.blocked {
  fill: rgb(60 46 30 / 35%);
}
text {
  fill: var(--ink);
  /* As the other words of the sight: 14 pixels where the sight is smallest. */
  font-size: 21px;
}
</style>
