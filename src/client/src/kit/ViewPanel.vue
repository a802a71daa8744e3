<script setup lang="ts">
import { t } from '@/words'
import ChoiceGroup from './ChoiceGroup.vue'
import PanelHead from './PanelHead.vue'
import type { PreferenceModel, TurnChoice, Units } from './usePreferences'

/** How the table is seen: turned, light or dark, in which units, with or without letters. */
defineProps<{ preferences: PreferenceModel }>()
const emit = defineEmits<{ close: [] }>()

const turns: TurnChoice[] = ['auto', 'left', 'bottom', 'right', 'top', 'player']
const themes = ['auto', 'light', 'dark'] as const
const units: Units[] = ['metric', 'imperial']
</script>

<template>
  <div class="panel" data-testid="view-panel">
    <PanelHead :title="t('view.title')" @close="emit('close')" />
    <ChoiceGroup
      :title="t('view.turn')"
      name="turn"
      :options="turns"
      :chosen="preferences.turn.value"
      :words="(turn) => t(`view.turns.${turn}`)"
      @choose="(turn) => preferences.set({ turn })"
    />
    <ChoiceGroup
      :title="t('view.theme')"
      name="theme"
      :options="themes"
      :chosen="preferences.theme.value"
      :words="(theme) => t(`view.themes.${theme}`)"
      @choose="preferences.setTheme"
    />
    <ChoiceGroup
      :title="t('view.units')"
      name="units"
      :options="units"
      :chosen="preferences.units.value"
      :words="(unit) => t(`view.unit.${unit}`)"
      @choose="(unit) => preferences.set({ units: unit })"
    />
    <p class="small">{{ t('view.unitsHint') }}</p>
    <el-checkbox
      :model-value="preferences.letters.value"
      data-testid="letters"
      @change="(on: string | number | boolean) => preferences.set({ letters: on === true })"
    >
      {{ t('view.letters') }}
    </el-checkbox>
  </div>
</template>

<style scoped src="./panels.css"></style>
