<script setup lang="ts">
import { computed } from 'vue'
import type { Prediction } from '@/api/client'

/** The stroke as a story: the numbered contacts and what falls, in order. */
const props = defineProps<{ prediction: Prediction | null; told: number | null }>()
const emit = defineEmits<{ tell: [number: number | null] }>()

const most = 8
const story = computed(() =>
  (props.prediction?.events ?? []).filter((event) => event.number != null || event.kind === 'pocket'),
)
const more = computed(() => Math.max(0, story.value.length - most))
</script>

<template>
  <ol class="strip" aria-label="What happens, in order" data-testid="story">
    <li v-if="story.length === 0">The white meets nothing.</li>
    <li
      v-for="(event, i) in story.slice(0, most)"
      :key="i"
      :class="{ pot: event.kind === 'pocket', told: event.number != null && event.number === told }"
      @pointerenter="emit('tell', event.number ?? null)"
      @pointerleave="emit('tell', null)"
    >
      <b v-if="event.number">{{ event.number }}</b> {{ event.words }}
    </li>
    <li v-if="more > 0">and {{ more }} more in Numbers</li>
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
  max-height: 50px;
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
