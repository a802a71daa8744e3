<script setup lang="ts">
import { ArrowDown } from '@element-plus/icons-vue'
import { computed } from 'vue'
import type { State } from '@/sheet/useState'
import { t } from '@/words'

/** The state of play on the top line; a touch opens the strip on which each part is one more touch. */
const props = defineProps<{ state: State; open: boolean }>()
const emit = defineEmits<{ toggle: [] }>()

const words = computed(() => {
  const reading = props.state.reading.value
  if (!reading) return ''
  const parts = [reading.words]
  const { scores, break: points } = reading.state ?? {}
  if (scores) parts.push(t('state.score', { player: scores.player, opponent: scores.opponent }))
  if (points) parts.push(t('state.breakOf', { points }))
  return parts.join(', ')
})
</script>

<template>
  <button
    type="button"
    class="state"
    :aria-expanded="open"
    :aria-label="t('state.open', { words })"
    data-testid="state-button"
    @click="emit('toggle')"
  >
    <span>{{ words }}</span>
    <el-icon><ArrowDown /></el-icon>
  </button>
</template>

<style scoped>
.state {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-width: 0;
  height: 34px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 7px;
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.state span {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.state[aria-expanded='true'] {
  background: var(--straw-paper);
}
</style>
