<script setup lang="ts">
import { computed } from 'vue'
import type { BallPlace, Outline, PotAnswer, Prediction } from '@/api/client'
import { t } from '@/words'
import type { Eye, Seen } from './perspective'

/** What the sight says of the contact: the overlap, the band of the ball that still pots, thick and thin. */
const props = defineProps<{
  outline: Outline
  balls: BallPlace[]
  prediction: Prediction | null
  pot: PotAnswer | null
  eye: Eye
  /** Depth of the white, in metres from the eye: what lies nearer is not shown. */
  behind: number
}>()

const R = computed(() => props.outline.ballRadius)

/** The overlap at contact: the white where it meets the ball, over that ball. */
const overlap = computed(() => {
  const aim = props.prediction?.aim
  if (!aim) return null
  const met = props.eye.see({ ...aim.objectBall, z: R.value })
  const there = props.eye.see({ ...aim.white, z: R.value })
  if (there.depth <= props.behind) return null
  return { met: { ...met, r: R.value * met.scale }, white: { ...there, r: R.value * there.scale } }
})

/** The band of the object ball that still pots: from the contact at the thick edge of the window to that at the thin one. */
const band = computed(() => {
  const window = props.pot?.window
  const ball = props.balls.find((other) => other.id === props.pot?.ball)
  if (!window || !ball) return null
  const [thick, thin] = [window.thick, window.thin].map((edge) =>
    props.eye.see({ x: (ball.x + edge.contact.x) / 2, y: (ball.y + edge.contact.y) / 2, z: R.value }),
  ) as [Seen, Seen]
  const middle = props.eye.see({ ...ball, z: R.value })
  if (middle.depth <= props.behind) return null
  const least = 3
  const width = Math.max(least, Math.abs(thin.x - thick.x))
  const left = (thick.x + thin.x) / 2 - width / 2
  const r = R.value * middle.scale
  const straight = props.pot!.judge?.cutTo === 'straight'
  const thickIsLeft = thick.x < thin.x
  return {
    left,
    width,
    y: middle.y,
    half: Math.max(5, r * 0.45),
    below: middle.y + r + 20,
    first: {
      x: middle.x - Math.max(r, 24) - 4,
      text: straight ? t('stroke.left') : thickIsLeft ? t('aiming.thick') : t('aiming.thin'),
    },
    last: {
      x: middle.x + Math.max(r, 24) + 4,
      text: straight ? t('stroke.right') : thickIsLeft ? t('aiming.thin') : t('aiming.thick'),
    },
  }
})
</script>

<template>
  <g>
    <defs>
      <clipPath v-if="overlap" id="met-ball">
        <circle :cx="overlap.met.x" :cy="overlap.met.y" :r="overlap.met.r" />
      </clipPath>
    </defs>
    <g v-if="overlap" data-testid="overlap">
      <circle
        class="lens"
        clip-path="url(#met-ball)"
        :cx="overlap.white.x"
        :cy="overlap.white.y"
        :r="overlap.white.r"
      />
    </g>
    <g v-if="band" data-testid="band">
      <rect class="band" :x="band.left" :y="band.y - band.half" :width="band.width" :height="2 * band.half" />
      <text class="side" :x="band.first.x" :y="band.below" text-anchor="end">{{ band.first.text }}</text>
      <text class="side" :x="band.last.x" :y="band.below" text-anchor="start">{{ band.last.text }}</text>
    </g>
  </g>
</template>

<style scoped>
.lens {
  fill: rgb(247 243 230 / 72%);
}
.band {
  fill: var(--straw);
  opacity: 0.9;
}
.side {
  font-size: 21px;
  fill: var(--ivory);
}
</style>
