<script setup lang="ts">
import { computed } from 'vue'
import type { BallPlace, Cell, Outline, PlaceOnBed, Prediction } from '@/api/client'
import { placeLabels, pointsAlong } from '@/table/labels'
import { drawnOf } from '@/table/numerals'
import { curve, mm, textScale, toSheet, type Point } from '@/table/view'
import { t } from '@/words'
import PlaceMarker from './PlaceMarker.vue'
import { dialLabel, type Where } from './useWhere'

/** Where the white can go, on the table: the three hairlines, the fan of a sweep, the wanted place, the pupil's guess. */
const props = defineProps<{
  outline: Outline
  balls: BallPlace[]
  prediction: Prediction | null
  where: Where
  draft: PlaceOnBed | null
}>()
const emit = defineEmits<{ wanted: [place: PlaceOnBed]; draft: [place: PlaceOnBed]; guess: [place: PlaceOnBed] }>()

/** Half the width of a label in millimetres of the sheet: its letters are 14 px high at 1280 px. */
const scale = computed(() => textScale(props.outline))
const half = (text: string) => (text.length * 16.5 + 24) * scale.value
const view = computed(() => props.where.view.value)
const at = (place: PlaceOnBed) => toSheet(props.outline, place.x, place.y)

const anchors = computed(() => {
  if (view.value !== 'anchors' || props.where.answerIsHidden.value) return []
  return (props.where.anchors.value?.anchors ?? [])
    .filter((anchor) => anchor.rest || anchor.segments.length > 0)
    .map((anchor) => ({
      kind: anchor.kind,
      d: curve(props.outline, anchor.segments),
      rest: anchor.rest ? at(anchor.rest) : null,
      points: pointsAlong(props.outline, anchor.segments),
      reached: anchor.isReached,
    }))
})

const cells = computed<Cell[]>(() =>
  view.value === 'height' || view.value === 'pace' ? (props.where.sweep.value?.cells ?? []) : [],
)
const stops = computed(() =>
  cells.value.flatMap((cell) => (cell.rest ? [{ cell, ...at(cell.rest), label: dialLabel(view.value, cell) }] : [])),
)
const fan = computed(() => stops.value.map((stop) => `${stop.x},${stop.y}`).join(' '))

/** Only as many labels as there is room for: first, last, and those in between that stand apart. */
const labelled = computed(() => {
  const apart = 210
  const kept: (typeof stops.value)[number][] = []
  stops.value.forEach((stop, i) => {
    const isEnd = i === 0 || i === stops.value.length - 1
    if (isEnd || kept.every((other) => Math.hypot(other.x - stop.x, other.y - stop.y) > apart)) kept.push(stop)
  })
  return kept
})

const texts = computed(() => {
  const words = [
    ...anchors.value.filter((a) => a.rest).map((a) => ({ key: a.kind, text: a.kind, from: a.rest! })),
    ...labelled.value.map((stop, i) => ({ key: `s${i}`, text: stop.label, from: { x: stop.x, y: stop.y } })),
  ]
  const drawn: Point[] = [
    ...drawnOf(props.outline, props.prediction, props.balls),
    ...anchors.value.flatMap((anchor) => anchor.points),
    ...stops.value,
  ]
  const spots = placeLabels(
    props.outline,
    words.map((word) => word.from),
    drawn,
    (i) => ({ offset: 40 + 44 * scale.value, halfWidth: half(words[i]!.text), halfHeight: 44 * scale.value }),
  )
  return words.flatMap((word, i) => (spots[i]!.isClear ? [{ ...word, ...spots[i]!, half: half(word.text) }] : []))
})

const dots = computed(() =>
  view.value === 'map'
    ? props.where.rows.value.flatMap((row) =>
        row.cells.filter((cell) => cell.kind === 'inZone' && cell.rest).map((cell) => at(cell.rest!)),
      )
    : [],
)
const showsWanted = computed(() => ['height', 'pace', 'map'].includes(view.value) && props.where.wanted.value)
</script>

<template>
  <g data-testid="where">
    <g class="quiet">
      <path
        v-for="anchor in anchors"
        :key="anchor.kind"
        class="hairline"
        :class="{ faint: !anchor.reached }"
        :d="anchor.d"
        :data-anchor="anchor.kind"
        pathLength="1"
      />
      <polyline v-if="stops.length > 1" class="fan" :points="fan" />
      <circle
        v-for="(stop, i) in stops"
        :key="i"
        class="stop"
        :class="stop.cell.kind"
        :cx="stop.x"
        :cy="stop.y"
        r="15"
        :data-stop="stop.label"
      />
      <circle v-for="(dot, i) in dots" :key="`d${i}`" class="stop inZone" :cx="dot.x" :cy="dot.y" r="9" />
      <g v-for="word in texts" :key="word.key" class="word" :data-word="word.text">
        <line :x1="word.from.x" :y1="word.from.y" :x2="word.x" :y2="word.y" />
        <rect
          :x="word.x - word.half"
          :y="word.y - 43 * scale"
          :width="2 * word.half"
          :height="86 * scale"
          :rx="43 * scale"
        />
        <text :x="word.x" :y="word.y + 20 * scale" :font-size="60 * scale">{{ word.text }}</text>
      </g>
    </g>
    <PlaceMarker
      v-if="showsWanted"
      :outline="outline"
      :place="where.wanted.value!"
      :radius="mm(where.within.value)"
      :label="t('where.wantedMarker')"
      name="wanted"
      @move="(place) => emit('wanted', place)"
    />
    <PlaceMarker
      v-if="view === 'anchors' && (draft || where.guess.value)"
      :outline="outline"
      :place="(where.guess.value ?? draft)!"
      :radius="mm(outline.ballRadius)"
      :label="t('where.guessMarker')"
      name="guess"
      @move="(place) => emit('draft', place)"
      @confirm="(place) => emit('guess', place)"
    />
  </g>
</template>

<style scoped>
.quiet {
  pointer-events: none;
}
.hairline {
  fill: none;
  stroke: var(--ivory);
  stroke-width: 4;
  opacity: 0.85;
}
.hairline:not(.faint) {
  stroke-dasharray: 1;
  animation: leave 0.7s ease-out;
}
.hairline.faint {
  stroke-dasharray: 0.008 0.02;
}
@keyframes leave {
  from {
    stroke-dashoffset: 1;
  }
}
@media (prefers-reduced-motion: reduce) {
  .hairline {
    animation: none;
  }
}
.fan {
  fill: none;
  stroke: var(--straw);
  stroke-width: 3;
  opacity: 0.6;
}
.stop {
  fill: var(--ivory);
  stroke: var(--cushion);
  stroke-width: 3;
}
.stop.inZone {
  fill: var(--straw);
}
.stop.noPot,
.stop.meetsBall {
  fill: none;
  stroke: var(--ivory);
  stroke-width: 5;
}
.word line {
  stroke: rgb(247 243 230 / 55%);
  stroke-width: 3;
}
.word rect {
  fill: rgb(20 44 36 / 88%);
}
.word text {
  fill: var(--ivory);
  text-anchor: middle;
}
</style>
