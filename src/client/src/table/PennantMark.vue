<script setup lang="ts">
import type { Point } from './view'

/** A pennant above a ball: the one to play. Its foot is the ball. */
defineProps<{ at: Point; radius: number }>()
</script>

<template>
  <path
    class="pennant"
    :d="`M${at.x} ${at.y - radius}v${-3.4 * radius}l${3 * radius} ${0.95 * radius}l${-3 * radius} ${0.95 * radius}`"
  />
</template>

<style scoped>
.pennant {
  fill: var(--straw);
  stroke: var(--straw);
  stroke-width: 5;
  stroke-linejoin: round;
}
</style>
