<script setup lang="ts">
import { computed } from 'vue'
import type { BallPlace, Outline, Prediction } from '@/api/client'
import { t } from '@/words'
import { numeralRadius, numeralsOf } from './numerals'
import { textScale } from './view'

/** The contacts of the white, numbered in order; pointing at one tells its figures. */
const props = defineProps<{ outline: Outline; prediction: Prediction; balls: BallPlace[]; told: number | null }>()
const emit = defineEmits<{ tell: [number: number | null] }>()

const scale = computed(() => textScale(props.outline))
const numerals = computed(() => numeralsOf(props.outline, props.prediction, props.balls))
</script>

<template>
  <g>
    <g
      v-for="numeral in numerals"
      :key="numeral.event.number!"
      class="numeral"
      :class="{ told: told === numeral.event.number }"
      tabindex="0"
      role="button"
      :aria-label="t('table.contact', { number: numeral.event.number!, words: numeral.event.words })"
      :data-contact="numeral.event.number"
      @pointerenter="emit('tell', numeral.event.number!)"
      @pointerleave="emit('tell', null)"
      @focus="emit('tell', numeral.event.number!)"
      @blur="emit('tell', null)"
    >
      <line :x1="numeral.from.x" :y1="numeral.from.y" :x2="numeral.x" :y2="numeral.y" />
      <circle :cx="numeral.x" :cy="numeral.y" :r="numeralRadius(outline)" />
      <text :x="numeral.x" :y="numeral.y + 21 * scale" :font-size="61 * scale">{{ numeral.event.number }}</text>
    </g>
  </g>
</template>

<style scoped>
.numeral {
  outline: none;
  cursor: default;
}
.numeral line {
  stroke: rgb(247 243 230 / 55%);
  stroke-width: 3;
}
.numeral circle {
  fill: var(--ivory);
  stroke: var(--cushion);
  stroke-width: 3;
}
.numeral text {
  font-weight: 650;
  text-anchor: middle;
  fill: #1d2a26;
}
.numeral.told circle,
.numeral:focus-visible circle {
  fill: var(--straw);
}
.numeral:focus-visible circle {
  stroke: var(--ivory);
  stroke-width: 10;
}
</style>
