<script setup lang="ts">
import { computed } from 'vue'
import { useDesk } from '@/desk/context'
import { kindClass } from '@/sheet/sheet'
import PennantMark from '@/table/PennantMark.vue'
import { mm, toSheet } from '@/table/view'
import type { SafetyModel } from './useSafety'

/** A pennant on the ball to play; and where the balls lie after the miss that is shown, with the pot that it leaves. */
const props = defineProps<{ section: { safety: SafetyModel } }>()

const { view, playback, showsSection } = useDesk()
const safety = computed(() => props.section.safety)
const isShown = computed(() => showsSection.value && !playback.active.value && !safety.value.isOld.value)
const radius = computed(() => mm(view.value.ballRadius))
const at = (place: { x: number; y: number }) => toSheet(view.value, place.x, place.y)
const marked = computed(() => {
  const best = safety.value.tried.value ?? safety.value.answer.value?.best
  return best ? at(best.from) : null
})
/** Balls that lie elsewhere than on the sheet. */
const moved = computed(() => {
  const now = new Map(playback.shown.value.map((ball) => [ball.id, ball]))
  return (safety.value.shown.value?.balls ?? [])
    .filter((ball) => Math.hypot(ball.x - (now.get(ball.id)?.x ?? 9), ball.y - (now.get(ball.id)?.y ?? 9)) > 0.001)
    .map((ball) => ({ id: ball.id, ...at(ball) }))
})
const pot = computed(() => {
  const miss = safety.value.shown.value
  const [white, ball] = [
    miss?.balls.find((one) => one.id === 'cue'),
    miss?.balls.find((one) => one.id === miss.pot?.ball),
  ]
  const pocket = view.value.pockets.find((one) => one.id === miss?.pot?.pocket)
  return white && ball && pocket ? { white: at(white), from: at(ball), to: at(pocket.dropCentre) } : null
})
</script>

<template>
  <g v-if="isShown" class="left" data-testid="safety-marks">
    <PennantMark v-if="marked" data-testid="safety-mark" :at="marked" :radius="radius" />
    <g v-if="pot" class="pot" data-testid="left-pot">
      <line :x1="pot.white.x" :y1="pot.white.y" :x2="pot.from.x" :y2="pot.from.y" />
      <line :x1="pot.from.x" :y1="pot.from.y" :x2="pot.to.x" :y2="pot.to.y" />
    </g>
    <circle
      v-for="ball in moved"
      :key="ball.id"
      :class="['moved', kindClass(ball.id)]"
      :data-left-ball="ball.id"
      :cx="ball.x"
      :cy="ball.y"
      :r="radius"
    />
  </g>
</template>

<style scoped>
.left {
  pointer-events: none;
}
.moved {
  fill: var(--ball);
  stroke: var(--straw);
  stroke-width: 8;
}
.pot line {
  stroke: var(--straw);
  stroke-width: 5;
  stroke-dasharray: 16 10;
}
</style>
