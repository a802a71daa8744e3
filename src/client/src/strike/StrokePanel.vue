<script setup lang="ts">
import { computed } from 'vue'
import type { BallPlace, Cueing, Outline, PotAnswer, Prediction, Stroke } from '@/api/client'
import { t } from '@/words'
import SightView from './SightView.vue'

/** The bench's first face: the sight, the words for it, and everything typed that can also be pulled. */
const props = defineProps<{
  outline: Outline
  balls: BallPlace[]
  prediction: Prediction | null
  stroke: Stroke
  pot: PotAnswer | null
  cueing: Cueing | null
}>()
const emit = defineEmits<{ stroke: [part: Partial<Stroke>]; done: [] }>()

const tips = (radii: number) => Math.round((radii / props.outline.tipStep) * 100) / 100
const radii = (tipsGiven: number) => tipsGiven * props.outline.tipStep

const words = computed(() => {
  const verdict = props.prediction?.verdict
  if (!verdict?.height) return null
  const stroke = props.prediction!.stroke!
  return {
    clock: stroke.clock === 'centre' ? t('stroke.centre') : stroke.clock,
    where: `${verdict.height}, ${verdict.side}`,
  }
})

/** What can be pulled can also be typed. */
const typed = computed(() => [
  {
    label: t('stroke.heightTips'),
    value: tips(props.stroke.height),
    step: 0.25,
    least: -2,
    most: 2,
    digits: 2,
    take: (value: number) => ({ height: radii(value) }),
  },
  {
    label: t('stroke.sideTips'),
    value: tips(props.stroke.side),
    step: 0.25,
    least: -2,
    most: 2,
    digits: 2,
    take: (value: number) => ({ side: radii(value) }),
  },
  {
    label: t('stroke.buttDegrees'),
    value: Math.max(props.stroke.elevationDeg, props.cueing?.elevationDeg ?? 0),
    step: 1,
    least: 0,
    most: 80,
    digits: 0,
    take: (elevationDeg: number) => ({ elevationDeg }),
  },
  {
    label: t('stroke.pace'),
    value: props.stroke.pace,
    step: 0.5,
    least: 1,
    most: 10,
    digits: 1,
    take: (pace: number) => ({ pace }),
  },
  {
    label: t('stroke.aim'),
    value: props.stroke.directionDeg,
    step: 0.1,
    least: -180,
    most: 180,
    digits: 2,
    take: (directionDeg: number) => ({ directionDeg }),
  },
])

function type(part: Partial<Stroke>) {
  emit('stroke', part)
  emit('done')
}
</script>

<template>
  <div class="panel">
    <slot />
    <div class="sight-room">
      <SightView
        :outline="outline"
        :balls="balls"
        :prediction="prediction"
        :stroke="stroke"
        :pot="pot"
        :cueing="cueing"
        @tip="(side, height) => emit('stroke', { side, height })"
        @butt="(elevationDeg) => emit('stroke', { elevationDeg })"
        @done="emit('done')"
      />
      <p v-if="cueing" class="cueing" :class="{ warns: !cueing.isPossible }" data-testid="cueing-words">
        {{ [cueing.words, ...cueing.cautions].join(' ') }}
      </p>
    </div>
    <div v-if="words" class="words">
      <p class="clock">{{ words.clock }}</p>
      <p class="where">{{ words.where }}</p>
    </div>
    <div class="typed">
      <label v-for="field in typed" :key="field.label">
        <span>{{ field.label }}</span>
        <el-input-number
          :model-value="field.value"
          :step="field.step"
          :min="field.least"
          :max="field.most"
          :precision="field.digits"
          controls-position="right"
          :aria-label="field.label"
          @change="(value: number | undefined) => type(field.take(value ?? field.value))"
        />
      </label>
    </div>
  </div>
</template>

<style scoped>
.words {
  display: flex;
  min-height: 44px;
  align-items: baseline;
  justify-content: space-between;
  gap: 10px;
  margin: 6px 0 8px;
}
.words p {
  margin: 0;
}
.clock {
  font-size: 21px;
  font-weight: 680;
  color: var(--chalk);
  white-space: nowrap;
}
.where {
  color: var(--ink-soft);
  text-align: right;
}

/* Over the rail behind the table, where the sight shows nothing: words take no room from it. */
.sight-room {
  position: relative;
  display: flex;
  flex-direction: column;
  min-height: 0;
}
.cueing {
  position: absolute;
  inset: 1px 1px auto;
  margin: 0;
  padding: 3px 9px;
  border-radius: 9px 9px 0 0;
  background: color-mix(in srgb, var(--panel) 88%, transparent);
  font-size: 14px;
  line-height: 18px;
  pointer-events: none;
}
.cueing.warns {
  color: var(--warn);
}
.typed {
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 6px 10px;
}
.typed label {
  grid-column: span 2;
  display: grid;
  gap: 3px;
  color: var(--ink-soft);
  font-size: 14px;
}
.typed label:nth-child(n + 4) {
  grid-column: span 3;
}
.typed :deep(.el-input-number) {
  width: 100%;
}
/* "-0.49" has to be read whole in a third of the bench. */
.typed :deep(.el-input__wrapper) {
  padding-left: 2px;
  padding-right: 34px;
}
</style>
