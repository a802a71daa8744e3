<script setup lang="ts">
import { computed } from 'vue'
import type { Prediction } from '@/api/client'
import { t } from '@/words'

/** The stroke as a story: the numbered contacts and what falls, in order. */
const props = defineProps<{ prediction: Prediction | null; told: number | null }>()
const emit = defineEmits<{ tell: [number: number | null] }>()

const most = 6
const story = computed(() =>
  (props.prediction?.events ?? []).filter((event) => event.number != null || event.kind === 'pocket'),
)
const more = computed(() => Math.max(0, story.value.length - most))
</script>

<template>
  <ol class="strip" :aria-label="t('story.label')" data-testid="story">
    <li v-if="story.length === 0">{{ t('story.nothing') }}</li>
    <li
      v-for="(event, i) in story.slice(0, most)"
      :key="i"
      :class="{ pot: event.kind === 'pocket', told: event.number != null && event.number === told }"
      @pointerenter="emit('tell', event.number ?? null)"
      @pointerleave="emit('tell', null)"
    >
      <b v-if="event.number">{{ event.number }}</b> {{ event.words }}
    </li>
    <li v-if="more > 0">{{ t('story.more', { count: more }) }}</li>
  </ol>
</template>

<style scoped>
.strip {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 8px 0 0;
  padding: 0;
  color: var(--ink-soft);
  height: 46px;
  align-content: flex-start;
  overflow: hidden;
}
.strip b {
  color: var(--ink);
}
.pot {
  color: var(--chalk);
  font-weight: 600;
}
.told {
  background: var(--straw-paper);
}
</style>
