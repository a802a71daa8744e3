<script setup lang="ts">
import { computed } from 'vue'
import type { Player } from '@/api/client'
import { t } from '@/words'
import { spreads, type SpreadField } from './spreads'

/** The spreads and factors behind a player's pot rates. */
const props = defineProps<{ player: Player; readOnly: boolean }>()
const emit = defineEmits<{ change: [part: Partial<Player>] }>()

const factors = [
  'perPace',
  'perDegree',
  'stretched',
  'rest',
  'extended',
  'highRest',
  'otherHand',
  'overBall',
  'offCushion',
] as const
const shown = computed(() =>
  spreads.map((one) => {
    const spread = props.player[one.field]
    return { ...one, size: (spread?.size ?? 0) * one.per, bias: (spread?.bias ?? 0) * one.per }
  }),
)

function setSpread(field: SpreadField, part: { size?: number; bias?: number }) {
  const now = props.player[field] ?? { size: 0, bias: 0 }
  emit('change', { [field]: { size: now.size, bias: now.bias, ...part } })
}
</script>

<template>
  <h3>{{ t('player.hands2') }}</h3>
  <div v-for="one in shown" :key="one.field" class="grid">
    <label>
      {{ t(`player.${one.field}`) }}, {{ t('player.spread') }}
      <el-input-number
        :model-value="one.size"
        :step="one.step"
        :precision="one.digits"
        :disabled="readOnly"
        controls-position="right"
        :aria-label="`${t(`player.${one.field}`)}, ${t('player.spread')}`"
        :data-testid="`spread-${one.field}`"
        @change="(value: number | undefined) => setSpread(one.field, { size: (value ?? 0) / one.per })"
      />
    </label>
    <label>
      {{ t(`player.${one.field}`) }}, {{ t('player.bias') }}
      <el-input-number
        :model-value="one.bias"
        :step="one.step"
        :precision="one.digits"
        :disabled="readOnly"
        controls-position="right"
        :aria-label="`${t(`player.${one.field}`)}, ${t('player.bias')}`"
        @change="(value: number | undefined) => setSpread(one.field, { bias: (value ?? 0) / one.per })"
      />
    </label>
  </div>
  <h3>{{ t('player.factors') }}</h3>
  <div class="grid">
    <label v-for="factor in factors" :key="factor">
      {{ t(`player.factor.${factor}`) }}
      <el-input-number
        :model-value="player.factors?.[factor] ?? 1"
        :step="0.05"
        :precision="2"
        :disabled="readOnly"
        controls-position="right"
        :aria-label="t(`player.factor.${factor}`)"
        @change="
          (value: number | undefined) =>
            emit('change', { factors: { ...(player.factors ?? {}), [factor]: value ?? 1 } })
        "
      />
    </label>
  </div>
</template>

<style scoped src="./form.css"></style>
