<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Chance, Cueing, Outline, PlaceOnBed, Zone } from '@/api/client'
import { mm, textScale, toSheet } from '@/table/view'

/** On the cloth: where the white may stop, a computed zone, and where the player stands. */
const props = defineProps<{
  outline: Outline
  chance: Chance | null
  isOld: boolean
  cueing: Cueing | null
  zone: Zone | null
}>()

const soft = useId()
const blur = computed(() => mm(props.chance?.stain.reach ?? 0) * 0.35)
const at = (place: PlaceOnBed) => toSheet(props.outline, place.x, place.y)

/** All discs as one shape: where they overlap nothing adds up. */
function discs(places: PlaceOnBed[], reach: number) {
  const r = mm(reach)
  return places
    .map(at)
    .map(({ x, y }) => `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`)
    .join('')
}

const stain = computed(() => {
  const found = props.chance?.stain
  if (!found) return null
  return { half: discs(found.half, found.reach), most: discs([...found.half, ...found.rest], found.reach) }
})

const cells = computed(() => {
  const zone = props.zone
  if (!zone) return ''
  return zone.runs
    .map(([row, from, count]) => {
      const [a, b] = [
        at({ x: from! * zone.cell, y: row! * zone.cell }),
        at({ x: (from! + count!) * zone.cell, y: (row! + 1) * zone.cell }),
      ]
      return `M${a.x} ${a.y}H${b.x}V${b.y}H${a.x}Z`
    })
    .join('')
})

/** Where the body leans over the cushion, with the way of reaching when it is not a plain one. */
const stance = computed(() => {
  const best = props.cueing?.best
  if (!best || best.way === 'outOfReach') return null
  return { ...at(best.feet), bridge: at(props.cueing!.bridge), isPlain: best.way === 'plain' }
})
const scale = computed(() => textScale(props.outline))
</script>

<template>
  <g class="chance" data-testid="chance-overlay">
    <filter :id="soft" x="-10%" y="-10%" width="120%" height="120%">
      <feGaussianBlur :stdDeviation="blur" />
    </filter>
    <path v-if="cells" class="zone" :d="cells" data-testid="computed-zone" />
    <g v-if="stain" class="stain" :class="{ old: isOld }" :filter="`url(#${soft})`">
      <path class="most" :d="stain.most" data-testid="stain-most" />
      <path class="half" :d="stain.half" data-testid="stain-half" />
    </g>
    <g v-if="stance" class="stance" :class="{ plain: stance.isPlain }" data-testid="stance">
      <line :x1="stance.x" :y1="stance.y" :x2="stance.bridge.x" :y2="stance.bridge.y" />
      <rect
        :x="stance.x - 26 * scale"
        :y="stance.y - 26 * scale"
        :width="52 * scale"
        :height="52 * scale"
        :rx="12 * scale"
      />
    </g>
  </g>
</template>

<style scoped>
.chance {
  pointer-events: none;
}
.zone {
  fill: rgb(240 217 160 / 26%);
  stroke: none;
}
.stain path {
  fill: var(--ivory);
}
.stain .most {
  opacity: 0.2;
}
.stain .half {
  opacity: 0.3;
}
.stain.old {
  opacity: 0.35;
}
.stance line {
  stroke: var(--ivory);
  stroke-width: 5;
  stroke-dasharray: 4 16;
  opacity: 0.6;
}
.stance rect {
  fill: var(--chalk-fill);
  stroke: var(--ivory);
  stroke-width: 4;
}
.stance.plain line {
  display: none;
}
.stance.plain rect {
  opacity: 0.65;
}
</style>
