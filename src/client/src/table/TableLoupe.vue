<script setup lang="ts">
import { computed } from 'vue'
import type { Point } from './view'

/** What lies beneath a finger, magnified above it. */
const props = defineProps<{ live: string; finger: Point; centre: Point; perPixel: number; top: number }>()

const zoom = 3.2
const size = computed(() => 62 * props.perPixel)
const lift = computed(() => 104 * props.perPixel)
/** Above the finger; where there is no room, below it. */
const at = computed(() => ({
  x: props.finger.x,
  y: props.finger.y - lift.value - size.value < props.top ? props.finger.y + lift.value : props.finger.y - lift.value,
}))
</script>

<template>
  <g class="loupe" data-testid="loupe" aria-hidden="true">
    <clipPath id="loupe-clip"><circle :cx="at.x" :cy="at.y" :r="size" /></clipPath>
    <circle class="ground" :cx="at.x" :cy="at.y" :r="size" />
    <g clip-path="url(#loupe-clip)">
      <use
        :href="`#${live}`"
        :transform="`translate(${at.x - zoom * centre.x} ${at.y - zoom * centre.y}) scale(${zoom})`"
      />
    </g>
    <path class="hair" :d="`M${at.x - size} ${at.y}h${2 * size}M${at.x} ${at.y - size}v${2 * size}`" />
    <circle class="rim" :cx="at.x" :cy="at.y" :r="size" />
  </g>
</template>

<style scoped>
.loupe {
  pointer-events: none;
}
.ground {
  fill: var(--cloth);
}
.hair {
  stroke: rgb(247 243 230 / 60%);
  stroke-width: 2;
  fill: none;
}
.rim {
  fill: none;
  stroke: var(--ivory);
  stroke-width: 10;
}
</style>
