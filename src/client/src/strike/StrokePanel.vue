<script setup lang="ts">
import { computed } from 'vue'
import type { BallPlace, Outline, Prediction, Stroke } from '@/api/client'
import SightView from './SightView.vue'

/** The bench's first face: the sight, the words for it, and everything typed that can also be pulled. */
const props = defineProps<{ outline: Outline; balls: BallPlace[]; prediction: Prediction | null; stroke: Stroke }>()
const emit = defineEmits<{ stroke: [part: Partial<Stroke>]; done: [] }>()

const tips = (radii: number) => Math.round((radii / props.outline.tipStep) * 100) / 100
const radii = (tipsGiven: number) => tipsGiven * props.outline.tipStep

const words = computed(() => {
  const verdict = props.prediction?.verdict
  if (!verdict?.height) return null
  const stroke = props.prediction!.stroke!
  return {
    clock: stroke.clock === 'centre' ? 'Centre of the ball' : stroke.clock,
    where: `${verdict.height}, ${verdict.side}`,
  }
})

function type(part: Partial<Stroke>) {
  emit('stroke', part)
  emit('done')
}
</script>

<template>
  <div class="panel">
    <SightView
      :outline="outline"
      :balls="balls"
      :prediction="prediction"
      :stroke="stroke"
      @tip="(side, height) => emit('stroke', { side, height })"
      @done="emit('done')"
    />
    <div v-if="words" class="words">
      <p class="clock">{{ words.clock }}</p>
      <p class="where">{{ words.where }}</p>
    </div>
    <div class="typed">
      <label>
        <span>Tips high or low</span>
        <el-input-number
          :model-value="tips(stroke.height)"
          :step="0.25"
          :min="-2"
          :max="2"
          :precision="2"
          controls-position="right"
          aria-label="Height in tips"
          @change="(value: number | undefined) => type({ height: radii(value ?? 0) })"
        />
      </label>
      <label>
        <span>Tips right or left</span>
        <el-input-number
          :model-value="tips(stroke.side)"
          :step="0.25"
          :min="-2"
          :max="2"
          :precision="2"
          controls-position="right"
          aria-label="Side in tips"
          @change="(value: number | undefined) => type({ side: radii(value ?? 0) })"
        />
      </label>
      <label>
        <span>Pace</span>
        <el-input-number
          :model-value="stroke.pace"
          :step="0.5"
          :min="1"
          :max="10"
          :precision="1"
          controls-position="right"
          aria-label="Pace"
          @change="(value: number | undefined) => type({ pace: value ?? 4 })"
        />
      </label>
      <label>
        <span>Aim, degrees</span>
        <el-input-number
          :model-value="stroke.directionDeg"
          :step="0.1"
          :precision="2"
          controls-position="right"
          aria-label="Aim in degrees from straight up the table"
          @change="(value: number | undefined) => type({ directionDeg: value ?? 0 })"
        />
      </label>
    </div>
  </div>
</template>

<style scoped>
.words {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: 10px;
  margin: 10px 0 12px;
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
.typed {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
}
.typed label {
  display: grid;
  gap: 3px;
  color: var(--ink-soft);
  font-size: 14px;
}
.typed :deep(.el-input-number) {
  width: 100%;
}
</style>
