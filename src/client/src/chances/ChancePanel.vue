<script setup lang="ts">
import { computed } from 'vue'
import type { Stroke } from '@/api/client'
import { t } from '@/words'
import CompareTable from './CompareTable.vue'
import type { Chances } from './useChances'
import type { ComparisonModel } from './useComparison'

/** What the stroke comes to in these hands, row by row, and strokes side by side. */
const props = defineProps<{
  chances: Chances
  comparison: ComparisonModel
  player: string
  /** Why there is no chance to tell; empty when there is one, or nothing was asked. */
  refusal: string
}>()
const emit = defineEmits<{ take: [stroke: Partial<Stroke>]; recall: [index: number] }>()

const chance = computed(() => props.chances.chance.value)
const simpler = computed(() => props.chances.simpler.value)

function takeSimpler() {
  const found = simpler.value?.simpler
  if (found)
    emit('take', { pace: Math.round(found.pace * 100) / 100, side: found.side, height: found.height, elevationDeg: 0 })
}
</script>

<template>
  <div class="panel" data-testid="chance-panel">
    <p v-if="refusal" class="refusal" role="alert" data-testid="chance-refusal">{{ refusal }}</p>
    <p v-else-if="!chance" class="hint">{{ t('chance.first') }}</p>
    <div v-if="chance" class="scroll" role="region" tabindex="0" :aria-label="t('chance.title')">
      <p class="hint">{{ t('chance.in', { player }) }}</p>
      <dl :class="{ old: chances.isOld.value }">
        <template v-for="row in chance.rows" :key="row.kind">
          <dt>{{ row.label }}</dt>
          <dd :class="{ warns: row.isWarning }" :data-row="row.kind">
            {{ row.words }}
            <small v-if="row.chance">{{
              t('chance.between', {
                low: Math.round(100 * row.chance.low),
                high: Math.round(100 * row.chance.high),
                of: row.chance.of,
              })
            }}</small>
          </dd>
        </template>
        <dt>{{ t('chance.simpler') }}</dt>
        <dd data-row="simpler">
          {{ simpler?.words ?? t('chance.wait') }}
          <el-button v-if="simpler?.simpler" size="small" data-testid="take-simpler" @click="takeSimpler">{{
            t('chance.take')
          }}</el-button>
        </dd>
      </dl>
    </div>
    <CompareTable :comparison="comparison" @recall="(index) => emit('recall', index)" />
  </div>
</template>

<style scoped src="@/kit/lists.css"></style>
<style scoped>
dl {
  margin: 0;
}
dt {
  color: var(--ink-soft);
  font-size: 14px;
  line-height: 19px;
}
dd {
  margin: 0 0 7px;
  font-size: 17px;
  line-height: 22px;
}
dd::first-letter {
  text-transform: uppercase;
}
dd small {
  display: block;
}
.old dd {
  color: var(--ink-soft);
}
</style>
