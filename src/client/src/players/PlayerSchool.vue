<script setup lang="ts">
import type { Player } from '@/api/client'
import { t } from '@/words'

/** The school of a player: what strokes cost in the ranking. */
const props = defineProps<{ player: Player; readOnly: boolean }>()
const emit = defineEmits<{ change: [part: Partial<Player>] }>()

type School = NonNullable<Player['preferences']>
const sides = ['avoid', 'sparing', 'helping'] as const
const costs = ['follow', 'stun', 'screw', 'restCost', 'cushion', 'high', 'low'] as const
const set = (part: Partial<School>) =>
  emit('change', { preferences: { ...(props.player.preferences ?? {}), ...part } as School })
</script>

<template>
  <div class="row">
    <span>{{ t('player.side') }}</span>
    <el-radio-group
      :model-value="player.preferences?.side ?? 'sparing'"
      :disabled="readOnly"
      :aria-label="t('player.side')"
      data-testid="side-policy"
      @change="(side: unknown) => set({ side: side as School['side'] })"
    >
      <el-radio-button v-for="side in sides" :key="side" :value="side" :data-side-policy="side">{{
        t(`player.sides.${side}`)
      }}</el-radio-button>
    </el-radio-group>
    <el-checkbox
      :disabled="readOnly"
      :model-value="player.preferences?.cushionRule ?? true"
      @change="(shows: string | number | boolean) => set({ cushionRule: shows === true })"
      >{{ t('player.rule') }}</el-checkbox
    >
  </div>
  <p class="small">{{ t('player.school') }}</p>
  <div class="grid">
    <label v-for="cost in costs" :key="cost">
      {{ t(`player.${cost}`) }}
      <el-input-number
        :model-value="player.preferences?.[cost] ?? 0"
        :min="0"
        :max="50"
        :disabled="readOnly"
        controls-position="right"
        :aria-label="t(`player.${cost}`)"
        @change="(value: number | undefined) => set({ [cost]: value ?? 0 })"
      />
    </label>
  </div>
</template>

<style scoped src="./form.css"></style>
