<script setup lang="ts">
import { computed } from 'vue'
import type { Stroke } from '@/api/client'
import { t } from '@/words'
import type { ZoneModel } from './useZone'

/** Strokes that were found; a touch takes one to the sheet. */
const props = defineProps<{ zone: ZoneModel; isOld: boolean }>()
const emit = defineEmits<{ take: [stroke: Partial<Stroke>] }>()

interface Row {
  pace: number
  side: number
  height: number
  words: string
}

const answer = computed<{ words: string; rows: Row[] } | null>(() => {
  const { view, found, cushion, pack } = props.zone
  if (view.value === 'search' && found.value) return { words: found.value.words, rows: found.value.best }
  if (view.value === 'cushion' && cushion.value) {
    const ways = [cushion.value.hold, cushion.value.cushions].filter((way) => !!way) as Row[]
    return { words: cushion.value.words, rows: ways }
  }
  if (view.value === 'pack' && pack.value) return { words: pack.value.words, rows: pack.value.ways }
  return null
})
const tidy = (value: number) => Math.round(value * 1000) / 1000
</script>

<template>
  <p v-if="zone.isBusy.value && !answer" class="hint">{{ t('zone.searching') }}</p>
  <template v-if="answer">
    <p v-if="isOld" class="before" data-testid="found-old">{{ t('app.before') }}</p>
    <p class="big" :class="{ old: isOld }" data-testid="found-words">{{ answer.words }}</p>
    <ul class="list">
      <li v-for="(row, i) in answer.rows" :key="i">
        <button
          type="button"
          :data-found="i"
          :disabled="isOld"
          @click="emit('take', { pace: tidy(row.pace), side: tidy(row.side), height: tidy(row.height) })"
        >
          {{ row.words }}
        </button>
      </li>
    </ul>
    <p v-if="zone.view.value === 'search' && zone.found.value" class="hint">
      {{
        t('zone.played', {
          count: zone.found.value.played,
          state: zone.isBusy.value ? t('zone.going') : t('zone.done'),
        })
      }}
    </p>
  </template>
</template>

<style scoped src="@/kit/lists.css"></style>
