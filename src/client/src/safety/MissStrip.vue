<script setup lang="ts">
import { computed } from 'vue'
import { useDesk } from '@/desk/context'
import PositionPicture from '@/table/PositionPicture.vue'
import { t } from '@/words'
import type { SafetyModel } from './useSafety'

/** Caught thick, caught thin: what the opponent finds, each as a small picture that is opened on the table. */
const props = defineProps<{ section: { safety: SafetyModel } }>()

const desk = useDesk()
const safety = computed(() => props.section.safety)
const misses = computed(() =>
  safety.value.isOld.value || safety.value.tried.value || !desk.showsSection.value
    ? []
    : (safety.value.answer.value?.misses ?? []),
)
</script>

<template>
  <div v-if="misses.length > 0" class="misses" role="group" :aria-label="t('safety.misses')" data-testid="misses">
    <button
      v-for="miss in misses"
      :key="miss.side"
      type="button"
      :data-miss="miss.side"
      :aria-pressed="safety.shown.value === miss"
      :title="t('safety.showMiss')"
      @click="safety.show(miss)"
    >
      <PositionPicture :outline="desk.outline()" :balls="miss.balls" />
      <span
        ><b>{{ miss.heading }}</b
        >{{ miss.words }}</span
      >
    </button>
  </div>
</template>

<style scoped>
.misses {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  margin: 4px 0;
}
button {
  all: unset;
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 5px 8px;
  border: 1px solid var(--line);
  border-radius: 8px;
  cursor: pointer;
  font-size: 15px;
  line-height: 19px;
}
button:focus-visible {
  outline: 3px solid var(--chalk);
}
button[aria-pressed='true'] {
  border-color: var(--chalk);
  background: var(--panel);
}
b {
  display: block;
  font-weight: 650;
}
@media (max-width: 700px) {
  .misses {
    grid-template-columns: 1fr;
  }
}
</style>
