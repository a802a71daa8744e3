<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { RunRule } from '@/api/client'
import { t } from '@/words'

/** Pace as what it does: a rule marked in lengths that the white would run alone, with the paces at their places. */
const props = defineProps<{ rule: RunRule; pace: number; hardest: number; inset: number }>()
const emit = defineEmits<{ pace: [pace: number]; done: [] }>()

const track = ref<SVGSVGElement | null>(null)
const { width: pixels } = useElementSize(track)
/** Drawing units: about 0.84 pixels each, so that the numbers are read at every width. */
const width = computed(() => Math.round((pixels.value || 840) / 0.84))
const apart = 27
const longest = computed(() => Math.max(...props.rule.marks.map((mark) => mark.lengths)) * 1.02)
const xOf = (lengths: number) => (lengths / longest.value) * width.value
/** Whole paces, as many as have room beside each other and the marker. */
const whole = computed(() => {
  const shown: RunRule['marks'] = []
  for (const mark of props.rule.marks) {
    const last = shown.at(-1)
    const isWhole = Math.abs(mark.pace - Math.round(mark.pace)) < 0.001
    const isFree = Math.abs(xOf(mark.lengths) - xOf(nearest.value.lengths)) >= apart || mark.pace === nearest.value.pace
    if (isWhole && isFree && (!last || xOf(mark.lengths) - xOf(last.lengths) >= apart)) shown.push(mark)
  }
  return shown
})
const ticks = computed(() => Array.from({ length: Math.floor(longest.value) + 1 }, (_, i) => i))
const nearest = computed(() =>
  props.rule.marks.reduce((best, mark) =>
    Math.abs(mark.pace - props.pace) < Math.abs(best.pace - props.pace) ? mark : best,
  ),
)
const reachable = computed(() => props.rule.marks.filter((mark) => mark.pace <= props.hardest + 1e-9))
const limit = computed(() => reachable.value.at(-1)?.lengths ?? 0)

const dragging = ref(false)

function pull(event: PointerEvent) {
  const box = track.value!.getBoundingClientRect()
  const lengths = ((event.clientX - box.left) / box.width) * longest.value
  const mark = reachable.value.reduce((best, other) =>
    Math.abs(other.lengths - lengths) < Math.abs(best.lengths - lengths) ? other : best,
  )
  emit('pace', mark.pace)
}

function onDown(event: PointerEvent) {
  if (event.button !== 0) return
  dragging.value = true
  track.value!.setPointerCapture(event.pointerId)
  pull(event)
}

function onUp() {
  if (dragging.value) emit('done')
  dragging.value = false
}

function onKey(event: KeyboardEvent) {
  const steps: Record<string, number> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }
  const way = steps[event.key]
  const marks = reachable.value
  const current = marks.findIndex((mark) => mark.pace === nearest.value.pace)
  const ends: Record<string, number> = { Home: 0, End: marks.length - 1 }
  const wanted = ends[event.key] ?? (way === undefined ? undefined : current + way * (event.shiftKey ? 10 : 1))
  if (wanted === undefined) return
  emit('pace', marks[Math.min(marks.length - 1, Math.max(0, wanted))]!.pace)
  emit('done')
  event.preventDefault()
}
</script>

<template>
  <div class="rule" :style="{ paddingLeft: `${inset}%`, paddingRight: `${inset}%` }">
    <svg
      ref="track"
      :viewBox="`0 0 ${width} 46`"
      role="slider"
      tabindex="0"
      :aria-label="t('stroke.rule')"
      aria-valuemin="1"
      aria-valuemax="10"
      :aria-valuenow="nearest.pace"
      :aria-valuetext="t('stroke.ruleValue', { pace: nearest.pace, lengths: nearest.lengths.toFixed(2) })"
      data-testid="run-rule"
      @pointerdown="onDown"
      @pointermove="(event) => dragging && pull(event)"
      @pointerup="onUp"
      @pointercancel="onUp"
      @keydown="onKey"
    >
      <rect x="-20" y="0" :width="width + 40" height="46" fill="transparent" />
      <line class="base" x1="0" :x2="width" y1="17" y2="17" />
      <line v-if="limit < longest" class="beyond" :x1="xOf(limit)" :x2="width" y1="17" y2="17" />
      <g v-for="tick in ticks" :key="tick">
        <line class="tick" :x1="xOf(tick)" :x2="xOf(tick)" y1="9" y2="25" />
        <text
          v-if="tick > 0 || xOf(1) > 112"
          class="lengths"
          :x="xOf(tick)"
          y="43"
          :text-anchor="tick === 0 ? 'start' : 'middle'"
        >
          {{ tick === 0 ? t('stroke.lengths') : tick }}
        </text>
      </g>
      <line class="run" x1="0" :x2="xOf(nearest.lengths)" y1="17" y2="17" />
      <g v-for="mark in whole" :key="mark.pace" class="pace" :class="{ beyond: mark.pace > hardest }">
        <circle :cx="xOf(mark.lengths)" cy="17" r="13" />
        <text :x="xOf(mark.lengths)" y="22.5">{{ Math.round(mark.pace) }}</text>
      </g>
      <g class="marker">
        <circle :cx="xOf(nearest.lengths)" cy="17" r="16" />
        <text :x="xOf(nearest.lengths)" y="23">{{ nearest.pace }}</text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  overflow: visible;
  touch-action: none;
  user-select: none;
  cursor: ew-resize;
  outline: none;
}
.base {
  stroke: var(--ink-faint);
  stroke-width: 2;
}
.beyond {
  stroke: var(--line);
  stroke-width: 3;
  stroke-dasharray: 3 6;
}
.run {
  stroke: var(--chalk);
  stroke-width: 3.5;
}
.tick {
  stroke: var(--ink-faint);
  stroke-width: 2;
}
.lengths {
  font-size: 17px;
  fill: var(--ink-soft);
}
.pace circle {
  fill: var(--paper);
  stroke: var(--ink-faint);
  stroke-width: 1.5;
}
.pace text,
.marker text {
  font-size: 17px;
  text-anchor: middle;
  font-variant-numeric: tabular-nums;
  fill: var(--ink);
}
.pace.beyond circle {
  stroke-dasharray: 3 3;
}
.pace.beyond text {
  fill: var(--ink-faint);
  text-decoration: line-through;
}
.marker circle {
  fill: var(--chalk-fill);
}
.marker text {
  fill: #fff;
  font-weight: 700;
}
svg:focus-visible .marker circle {
  stroke: var(--straw);
  stroke-width: 5;
}
</style>
