<script setup lang="ts">
import { computed } from 'vue'
import type { BallPlace, Outline } from '@/api/client'
import { kindClass } from '@/sheet/sheet'
import type { Eye } from './perspective'

/** What stands beyond the white in the sight: cloth, cushions, pockets and the other balls, in true perspective. */
const props = defineProps<{
  outline: Outline
  balls: BallPlace[]
  eye: Eye
  /** Balls nearer to the eye than this, in metres, are not shown. */
  nearest: number
  width: number
  height: number
}>()

const polygon = (points: { x: number; y: number }[]) =>
  points.map((p) => `${p.x.toFixed(1)},${p.y.toFixed(1)}`).join(' ')

const cloth = computed(() => {
  const { length, width: across } = props.outline
  const corners = [
    [0, 0],
    [length, 0],
    [length, across],
    [0, across],
  ]
  return polygon(props.eye.seePolygon(corners.map(([x, y]) => ({ x: x!, y: y!, z: 0 }))))
})
const cushions = computed(() =>
  props.outline.noses.map((nose) => {
    const [a, b] = [nose.from, nose.to]
    const top = props.outline.noseHeight
    return polygon(
      props.eye.seePolygon([
        { ...a, z: 0 },
        { ...b, z: 0 },
        { ...b, z: top },
        { ...a, z: top },
      ]),
    )
  }),
)
const pockets = computed(() =>
  props.outline.pockets.map((pocket) => {
    const rim = [...Array(20).keys()].map((i) => {
      const angle = (i * Math.PI) / 10
      return {
        x: pocket.dropCentre.x + pocket.dropRadius * Math.cos(angle),
        y: pocket.dropCentre.y + pocket.dropRadius * Math.sin(angle),
        z: 0,
      }
    })
    return { id: pocket.id, points: polygon(props.eye.seePolygon(rim)) }
  }),
)

/** The other balls, far ones first. */
const spheres = computed(() =>
  props.balls
    .filter((ball) => ball.id !== 'cue')
    .map((ball) => ({
      id: ball.id,
      kind: kindClass(ball.id),
      seen: props.eye.see({ ...ball, z: props.outline.ballRadius }),
    }))
    .filter((ball) => ball.seen.depth > props.nearest)
    .sort((a, b) => b.seen.depth - a.seen.depth)
    .map((ball) => ({ ...ball, r: props.outline.ballRadius * ball.seen.scale })),
)
</script>

<template>
  <g>
    <rect class="wall" x="0" y="0" :width="width" :height="height" />
    <polygon v-if="cloth" class="cloth" :points="cloth" />
    <polygon v-for="pocket in pockets" :key="pocket.id" class="pocket" :points="pocket.points" />
    <polygon v-for="(points, i) in cushions" :key="i" class="cushion" :points="points" />
    <slot />
    <g v-for="ball in spheres" :key="ball.id" :class="ball.kind">
      <ellipse
        class="shade"
        :cx="ball.seen.x"
        :cy="ball.seen.y + ball.r * 0.94"
        :rx="ball.r * 0.9"
        :ry="ball.r * 0.2"
      />
      <circle class="sphere" :cx="ball.seen.x" :cy="ball.seen.y" :r="ball.r" />
    </g>
  </g>
</template>

<style scoped>
.wall {
  fill: var(--frame);
}
.cloth {
  fill: var(--cloth-lit);
}
.cushion {
  fill: var(--cushion);
}
.pocket {
  fill: #12201c;
}
.shade {
  fill: rgb(10 24 20 / 30%);
}
.sphere {
  fill: var(--ball);
  stroke: rgb(16 28 24 / 40%);
  stroke-width: 0.6;
}
</style>
