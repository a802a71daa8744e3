<script setup lang="ts">
import type { Stroke } from '@/api/client'
import { t } from '@/words'
import { rounded } from './dials'
import type { Where } from './useWhere'

/** Strokes that pot the first ball and then meet a second. */
defineProps<{ where: Where; second: string }>()
const emit = defineEmits<{ take: [stroke: Partial<Stroke>] }>()

const thicknesses: [number, string][] = [
  [1, t('where.thick.full')],
  [0.75, t('where.thick.threeQuarters')],
  [0.5, t('where.thick.half')],
  [0.25, t('where.thick.quarter')],
]
const perDegree = (change: number) => t('where.perDegree', { change: Math.abs(change).toFixed(2) })
</script>

<template>
  <div data-testid="cannons">
    <div class="line">
      <span>{{ t('where.onThe', { ball: second }) }}</span>
      <el-select
        :model-value="where.fraction.value"
        size="small"
        :aria-label="t('where.thickness')"
        style="width: 140px"
        @change="(covered: number) => where.setFraction(covered)"
      >
        <el-option v-for="[value, name] in thicknesses" :key="value" :value="value" :label="name" />
      </el-select>
      <el-button size="small" text @click="where.setSecond(null)">{{ t('where.another') }}</el-button>
    </div>
    <template v-if="where.cannons.value">
      <p data-testid="cannon-words">{{ where.cannons.value.words }}</p>
      <ul>
        <li v-for="(cannon, i) in where.cannons.value.cannons" :key="i" :data-cannon="i">
          <button type="button" @click="emit('take', rounded(cannon))">{{ cannon.words }}.</button>
          <small>{{ perDegree(cannon.changePerDeg) }}</small>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 6px;
}
p {
  margin: 6px 0;
  line-height: 21px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  padding: 5px 0;
  border-bottom: 1px solid var(--line);
}
button {
  all: unset;
  cursor: pointer;
  line-height: 20px;
}
button:focus-visible {
  outline: 3px solid var(--chalk);
}
small {
  display: block;
  font-size: 14px;
  color: var(--ink-soft);
}
</style>
