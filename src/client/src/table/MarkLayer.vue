<script setup lang="ts">
import { computed } from 'vue'
import type { Mark } from '@/api/client'
import { t } from '@/words'
import { arrowWays, mm, textScale, toSheet, wayFromSheet, type View } from './view'

/** Marks on the cloth: where the white stands, targets, gates and zones; they are outlines, never shapes of a ball. */
const props = defineProps<{ outline: View; marks: Mark[]; movable: boolean }>()
const emit = defineEmits<{ move: [id: string, index: number, x: number, y: number]; done: []; remove: [id: string] }>()

const steps = { plain: 0.005, wide: 0.0525 }
const scale = computed(() => textScale(props.outline))
const drawn = computed(() =>
  props.marks.map((mark) => {
    const places = mark.places.map((place) => toSheet(props.outline, place.x, place.y))
    return {
      ...mark,
      at: places,
      points: places.map((place) => `${place.x},${place.y}`).join(' '),
      r: mark.radius ? mm(mark.radius) : 0,
      label: `${t(`marks.${mark.kind}`)}${mark.text ? `, ${mark.text}` : ''}`,
    }
  }),
)

function onKey(event: KeyboardEvent, mark: Mark, index: number) {
  const pressed = arrowWays[event.key]
  const place = mark.places[index]!
  if (event.key === 'Delete' || event.key === 'Backspace') emit('remove', mark.id)
  else if (pressed) {
    const step = event.shiftKey ? steps.wide : steps.plain
    const way = wayFromSheet(props.outline, pressed)
    emit('move', mark.id, index, place.x + way.x * step, place.y + way.y * step)
    emit('done')
  } else return
  event.preventDefault()
}
</script>

<template>
  <g class="marks">
    <g v-for="mark in drawn" :key="mark.id" :class="mark.kind" :data-mark="mark.id">
      <template v-if="mark.kind === 'whitePlace'">
        <path
          :d="`M${mark.at[0]!.x - 52} ${mark.at[0]!.y}h22m60 0h22M${mark.at[0]!.x} ${mark.at[0]!.y - 52}v22m0 60v22`"
        />
      </template>
      <template v-else-if="mark.kind === 'target'">
        <circle :cx="mark.at[0]!.x" :cy="mark.at[0]!.y" :r="mark.r" />
        <path :d="`M${mark.at[0]!.x - 14} ${mark.at[0]!.y}h28m-14 -14v28`" />
      </template>
      <template v-else-if="mark.kind === 'gate'">
        <line :x1="mark.at[0]!.x" :y1="mark.at[0]!.y" :x2="mark.at[1]!.x" :y2="mark.at[1]!.y" />
        <rect v-for="(post, i) in mark.at" :key="i" :x="post.x - 13" :y="post.y - 13" width="26" height="26" />
      </template>
      <polygon v-else :points="mark.points" />
      <text v-if="mark.text" :x="mark.at[0]!.x + 24" :y="mark.at[0]!.y - 24" :font-size="60 * scale">
        {{ mark.text }}
      </text>
      <template v-if="movable">
        <circle
          v-for="(handle, i) in mark.at"
          :key="`h${i}`"
          class="handle"
          :cx="handle.x"
          :cy="handle.y"
          r="15"
          tabindex="0"
          role="button"
          :aria-label="t('marks.handle', { mark: mark.label, number: i + 1 })"
          @keydown="(event) => onKey(event, mark, i)"
        />
      </template>
    </g>
  </g>
</template>

<style scoped>
.marks path,
.marks line,
.marks > g > circle,
.marks polygon {
  fill: none;
  stroke: var(--straw);
  stroke-width: 5;
  pointer-events: none;
}
.marks .whitePlace path {
  stroke: var(--ivory);
}
.marks polygon {
  fill: rgb(240 217 160 / 10%);
  stroke-dasharray: 22 14;
}
.marks line {
  stroke-dasharray: 10 12;
}
.marks rect {
  fill: var(--straw);
}
.marks text {
  fill: var(--ivory);
  paint-order: stroke;
  stroke: var(--cloth);
  stroke-width: 12px;
  pointer-events: none;
}
.marks > g > circle.handle {
  fill: var(--straw);
  stroke: var(--cushion);
  stroke-width: 4;
  cursor: grab;
  pointer-events: auto;
  outline: none;
}
.handle:focus-visible {
  stroke: var(--ivory);
  stroke-width: 9;
}
</style>
