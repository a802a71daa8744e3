<script setup lang="ts">
import { computed } from 'vue'
import type { CueDocument } from '@/api/client'
import { t } from '@/words'

/** A cue. */
const props = defineProps<{ cue: CueDocument; readOnly: boolean }>()
const emit = defineEmits<{ change: [cue: CueDocument] }>()

const usual = { mass: 0.5, endMassRatio: 25, maxSpeed: 5 }
const fields = computed(() => [
  { field: 'mass' as const, label: t('cues.mass'), per: 1000, step: 5, digits: 0 },
  { field: 'endMassRatio' as const, label: t('cues.endMass'), per: 1, step: 1, digits: 1 },
  { field: 'maxSpeed' as const, label: t('cues.maxSpeed'), per: 1, step: 0.1, digits: 1 },
])
const valueOf = (field: keyof typeof usual) => props.cue[field] ?? usual[field]
</script>

<template>
  <div class="form grid">
    <label v-for="one in fields" :key="one.field">
      {{ one.label }}
      <el-input-number
        :model-value="valueOf(one.field) * one.per"
        :step="one.step"
        :precision="one.digits"
        :disabled="readOnly"
        controls-position="right"
        :aria-label="one.label"
        :data-testid="`cue-${one.field}`"
        @change="
          (value: number | undefined) =>
            emit('change', { ...cue, [one.field]: value === undefined ? null : value / one.per })
        "
      />
    </label>
    <label v-if="!readOnly">
      {{ t('cues.tip') }}
      <el-date-picker
        :model-value="cue.tipChangedOn ?? ''"
        value-format="YYYY-MM-DD"
        :aria-label="t('cues.tip')"
        @update:model-value="(day: string | null) => emit('change', { ...cue, tipChangedOn: day })"
      />
    </label>
  </div>
</template>

<style scoped src="./form.css"></style>
