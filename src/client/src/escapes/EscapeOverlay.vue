<script setup lang="ts">
import { computed } from 'vue'
import { useDesk } from '@/desk/context'
import PennantMark from '@/table/PennantMark.vue'
import { mm, toSheet } from '@/table/view'
import type { EscapeModel } from './useEscape'

/** The point on the first cushion with what hits either way, the other ways as hairlines, and the mirror's way when it is asked for. */
const props = defineProps<{ section: { escape: EscapeModel } }>()

const { view, playback, showsSection } = useDesk()
const escape = computed(() => props.section.escape)
const isShown = computed(() => showsSection.value && !playback.active.value && !escape.value.isOld.value)
const radius = computed(() => mm(view.value.ballRadius))
const at = (place: { x: number; y: number }) => toSheet(view.value, place.x, place.y)
const way = (path: { x: number; y: number }[]) =>
  path
    .map(at)
    .map((point) => `${point.x},${point.y}`)
    .join(' ')
const sketched = computed(() => (showsSection.value && !playback.active.value ? escape.value.sketched.value : []))
const chosen = computed(() => escape.value.chosen.value)
const others = computed(() => escape.value.routes.value.filter((route) => route !== chosen.value))
const end = computed(() => {
  const last = chosen.value?.path.at(-1)
  return last ? at(last) : null
})
const window = computed(() => chosen.value?.window.map(at) ?? [])
</script>

<template>
  <g v-if="sketched.length > 0" class="ways" data-testid="sketch">
    <polyline v-for="(path, i) in sketched" :key="i" class="other" :class="{ widest: i === 0 }" :points="way(path)" />
  </g>
  <g v-if="isShown && chosen" class="ways" data-testid="escape-marks">
    <g v-if="escape.hasFamily.value" data-testid="family">
      <circle
        v-for="(place, i) in chosen.family"
        :key="i"
        class="family"
        :cx="at(place).x"
        :cy="at(place).y"
        :r="0.9 * radius"
      />
    </g>
    <polyline v-for="(route, i) in others" :key="i" class="other" :points="way(route.path)" />
    <polyline
      v-if="escape.hasMirror.value && chosen.mirror.length > 0"
      class="mirror"
      data-testid="mirror-line"
      :points="way(chosen.mirror)"
    />
    <line
      v-if="window.length === 2"
      class="window"
      :x1="window[0]!.x"
      :y1="window[0]!.y"
      :x2="window[1]!.x"
      :y2="window[1]!.y"
      :stroke-width="radius"
    />
    <circle
      v-if="chosen.point"
      class="point"
      data-testid="escape-point"
      :cx="at(chosen.point).x"
      :cy="at(chosen.point).y"
      :r="radius"
    />
    <PennantMark v-if="end" data-testid="escape-end" :at="end" :radius="radius" />
  </g>
</template>

<style scoped>
.ways {
  pointer-events: none;
}
.other {
  fill: none;
  stroke: var(--straw);
  stroke-width: 3;
  stroke-opacity: 0.35;
}
.other.widest {
  stroke-width: 6;
  stroke-opacity: 0.8;
}
.family {
  fill: var(--straw);
  fill-opacity: 0.22;
}
.mirror {
  fill: none;
  stroke: var(--paper);
  stroke-width: 4;
  stroke-dasharray: 18 12;
}
.window {
  stroke: var(--straw);
  stroke-linecap: round;
  stroke-opacity: 0.55;
}
.point {
  fill: none;
  stroke: var(--straw);
  stroke-width: 7;
}
</style>
