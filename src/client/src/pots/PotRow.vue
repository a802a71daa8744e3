<script setup lang="ts">
import { computed } from 'vue'
import type { Outline, PotAnswer, PotPart } from '@/api/client'
import { ballName } from '@/sheet/sheet'
import type { SheetModel } from '@/sheet/useSheet'
import { t } from '@/words'

/** The pot in question: what, into which part, whether the aim follows it, and how wide its window is. */
const props = defineProps<{ outline: Outline; model: SheetModel; pot: PotAnswer | null; picked: string | null }>()
const emit = defineEmits<{ drop: []; part: [part: PotPart]; keep: [keep: boolean] }>()

const chosen = computed(() => props.model.pot.value)
const parts: { value: PotPart; label: string }[] = [
  { value: 'nearJaw', label: t('pot.near') },
  { value: 'opening', label: t('pot.middle') },
  { value: 'farJaw', label: t('pot.far') },
]
const pocketName = (id: string) => props.outline.pockets.find((pocket) => pocket.id === id)?.name ?? id
const title = computed(() => {
  if (props.picked) return t('pot.nowPocket', { ball: ballName(props.picked) })
  if (!chosen.value) return t('pot.none')
  return t('pot.to', { ball: ballName(chosen.value.ball), pocket: pocketName(chosen.value.pocket) })
})
const words = computed(() => {
  if (!chosen.value || props.picked) return ''
  if (props.pot?.sentence) return props.pot.sentence
  return props.pot?.window ? t('pot.room', { words: props.pot.window.words }) : ''
})
</script>

<template>
  <div class="pot" data-testid="pot-row">
    <div class="line">
      <b data-testid="pot-name">{{ title }}</b>
      <el-button
        v-if="chosen"
        text
        size="small"
        data-testid="drop-pot"
        :aria-label="t('pot.letGo')"
        @click="emit('drop')"
        >&times;</el-button
      >
    </div>
    <div v-if="chosen" class="line">
      <el-switch
        :model-value="model.keepPot.value"
        :active-text="t('pot.keep')"
        data-testid="keep-pot"
        :aria-label="t('pot.keep')"
        @change="(keep: string | number | boolean) => emit('keep', keep === true)"
      />
    </div>
    <div v-if="chosen" class="line">
      <span>{{ t('pot.where') }}</span>
      <el-radio-group
        size="small"
        :model-value="chosen.part === 'middle' ? 'opening' : chosen.part"
        :aria-label="t('pot.part')"
        data-testid="pot-part"
        @change="(part: unknown) => emit('part', part as PotPart)"
      >
        <el-radio-button v-for="part in parts" :key="part.value" :value="part.value">{{ part.label }}</el-radio-button>
      </el-radio-group>
    </div>
    <p class="words" :class="{ warns: pot && !pot.isSolved }" data-testid="pot-words">{{ words }}</p>
  </div>
</template>

<style scoped>
/* With or without a pot the bench below stands still. */
.pot {
  min-height: 90px;
  margin-bottom: 6px;
}
.line {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  min-height: 22px;
}
.line :deep(.el-button--small) {
  font-size: 16px;
}
.line b {
  font-size: 15px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.line b::first-letter {
  text-transform: uppercase;
}
.words {
  margin: 2px 0 0;
  min-height: 19px;
  font-size: 14px;
  line-height: 19px;
  color: var(--ink-soft);
}
.warns {
  color: var(--warn);
}
:deep(.el-switch) {
  height: 22px;
}
:deep(.el-switch__label) {
  font-size: 14px;
  color: var(--ink);
  white-space: nowrap;
}
:deep(.el-radio-button__inner) {
  padding: 4px 8px;
  font-size: 14px;
}
</style>
