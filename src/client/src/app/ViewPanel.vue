<script setup lang="ts">
import { t } from '@/words'
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
    <h3 id="view-turn">{{ t('view.turn') }}</h3>
    <el-radio-group
      :model-value="preferences.turn.value"
      aria-labelledby="view-turn"
      class="choices"
      @change="(turn: unknown) => preferences.set({ turn: turn as TurnChoice })"
    >
      <el-radio-button v-for="turn in turns" :key="turn" :value="turn" :data-turn="turn">
        {{ t(`view.turns.${turn}`) }}
      </el-radio-button>
    </el-radio-group>
    <h3 id="view-theme">{{ t('view.theme') }}</h3>
    <el-radio-group
      :model-value="preferences.theme.value"
      aria-labelledby="view-theme"
      class="choices"
      @change="(theme: unknown) => preferences.setTheme(theme as 'auto' | 'light' | 'dark')"
    >
      <el-radio-button v-for="theme in themes" :key="theme" :value="theme" :data-theme="theme">
        {{ t(`view.themes.${theme}`) }}
      </el-radio-button>
    </el-radio-group>
    <h3 id="view-units">{{ t('view.units') }}</h3>
    <el-radio-group
      :model-value="preferences.units.value"
      aria-labelledby="view-units"
      class="choices"
      @change="(unit: unknown) => preferences.set({ units: unit as Units })"
    >
      <el-radio-button v-for="unit in units" :key="unit" :value="unit" :data-units="unit">
        {{ t(`view.unit.${unit}`) }}
      </el-radio-button>
    </el-radio-group>
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

<style scoped src="../sheet/panels.css"></style>
<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  margin-bottom: 10px;
}
.choices :deep(.el-radio-button) {
  margin: 0;
}
.choices :deep(.el-radio-button__inner) {
  border: 1px solid var(--el-border-color);
  border-radius: 7px;
  padding: 8px 11px;
  box-shadow: none;
}
</style>
