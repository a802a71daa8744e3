<script setup lang="ts">
import type { BallPlace, Outline } from '@/api/client'
import { kindClass } from '@/sheet/sheet'

/** A position as a thumbnail: baulk on the left. */
defineProps<{ outline: Outline; balls: BallPlace[] }>()
</script>

<template>
  <svg :viewBox="`0 0 ${outline.length} ${outline.width}`" aria-hidden="true">
    <rect width="100%" height="100%" rx="0.08" />
    <circle
      v-for="ball in balls"
      :key="ball.id"
      :class="kindClass(ball.id)"
      :cx="ball.x"
      :cy="outline.width - ball.y"
      r="0.078"
    />
  </svg>
</template>

<style scoped>
svg {
  width: 92px;
  flex: none;
}
rect {
  fill: var(--cloth);
}
circle {
  fill: var(--ball);
}
</style>
