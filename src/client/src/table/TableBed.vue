<script setup lang="ts">
import { computed } from 'vue'
import type { Outline } from '@/api/client'
import { frame, mm, sizeOf, toSheet } from './view'

/** The table itself, drawn from the outline that is simulated. */
const props = defineProps<{ outline: Outline }>()

const cushionDepth = 46
const bed = computed(() => sizeOf(props.outline))
const at = (place: { x: number; y: number }) => toSheet(props.outline, place.x, place.y)

/** The slate of a pocket: between its jaws and facings. */
const mouths = computed(() =>
  props.outline.pockets.map((pocket) => {
    const [first, second] = pocket.jaws as [(typeof pocket.jaws)[0], (typeof pocket.jaws)[0]]
    const r = mm(first.radius)
    const [a, b, c, e] = [at(first.from), at(first.to), at(second.to), at(second.from)]
    const drop = at(pocket.dropCentre)
    const arc = (from: { x: number; y: number }, to: { x: number; y: number }, centre: { x: number; y: number }) => {
      const cross = (from.x - centre.x) * (to.y - centre.y) - (from.y - centre.y) * (to.x - centre.x)
      return `A${r} ${r} 0 0 ${cross > 0 ? 1 : 0} ${to.x} ${to.y}`
    }
    const inner = `L${c.x} ${c.y}`
    const outline =
      `M${a.x} ${a.y}${arc(a, b, at(first.centre))}${inner}` + `${arc(c, e, at(second.centre))}L${a.x} ${a.y}Z`
    return { id: pocket.id, name: pocket.name, outline, drop, r: mm(pocket.dropRadius) }
  }),
)

/** The rail: everything beyond the cushions. */
const rail = computed(() => {
  const [x, y] = [bed.value.width + 2 * frame, bed.value.height + 2 * frame]
  const [ix, iy] = [bed.value.width + 2 * cushionDepth, bed.value.height + 2 * cushionDepth]
  return `M${-frame} ${-frame}h${x}v${y}h${-x}Z` + `M${-cushionDepth} ${-cushionDepth}h${ix}v${iy}h${-ix}Z`
})
/** The baulk line and the D behind it. */
const markings = computed(() => {
  const { baulkLine, dRadius, width } = props.outline
  const [from, to] = [at({ x: baulkLine, y: 0 }), at({ x: baulkLine, y: width })]
  const [start, end] = [at({ x: baulkLine, y: width / 2 - dRadius }), at({ x: baulkLine, y: width / 2 + dRadius })]
  const d = mm(dRadius)
  return { from, to, d: `M${start.x} ${start.y}A${d} ${d} 0 0 1 ${end.x} ${end.y}` }
})
const spots = computed(() => props.outline.spots.map((spot) => ({ id: spot.ball, ...at(spot) })))
</script>

<template>
  <g>
    <rect
      class="cushion"
      :x="-cushionDepth"
      :y="-cushionDepth"
      :width="bed.width + 2 * cushionDepth"
      :height="bed.height + 2 * cushionDepth"
    />
    <rect class="cloth" x="0" y="0" :width="bed.width" :height="bed.height" />
    <path v-for="mouth in mouths" :key="mouth.id" class="slate" :d="mouth.outline" :data-pocket="mouth.id" />
    <path class="frame" fill-rule="evenodd" :d="rail" />
    <circle
      v-for="mouth in mouths"
      :key="`${mouth.id}-drop`"
      class="drop"
      :cx="mouth.drop.x"
      :cy="mouth.drop.y"
      :r="mouth.r"
    />
    <g class="marking">
      <line :x1="markings.from.x" :y1="markings.from.y" :x2="markings.to.x" :y2="markings.to.y" />
      <path :d="markings.d" />
    </g>
    <circle v-for="spot in spots" :key="spot.id" class="spot" :cx="spot.x" :cy="spot.y" r="6" />
  </g>
</template>

<style scoped>
.frame {
  fill: var(--frame);
  stroke: var(--line);
  stroke-width: 3;
}
.cushion {
  fill: var(--cushion);
}
.cloth,
.slate {
  fill: var(--cloth);
}
.drop {
  fill: #12201c;
}
.marking {
  fill: none;
  stroke: rgb(247 243 230 / 55%);
  stroke-width: 4;
}
.spot {
  fill: rgb(247 243 230 / 50%);
}
</style>
