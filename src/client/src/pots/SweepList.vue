<script setup lang="ts">
import type { Cell } from '@/api/client'
import { t } from '@/words'
import { dialLabel, type Where } from './useWhere'

/** One dial swept: a row for each stroke; a click takes it. */
defineProps<{ where: Where }>()
const emit = defineEmits<{ take: [cell: Cell] }>()
</script>

<template>
  <div>
    <p v-if="where.sweep.value?.window" class="big" data-testid="dial-window">{{ where.sweep.value.window.words }}.</p>
    <p v-else-if="where.wanted.value && where.sweep.value" class="hint">{{ t('where.noneInZone') }}</p>
    <ul class="list">
      <li
        v-for="(cell, i) in where.sweep.value?.cells ?? []"
        :key="i"
        class="row"
        :class="cell.kind"
        :data-sweep="i"
        :title="`${cell.how}: ${cell.words}`"
      >
        <button type="button" :disabled="cell.kind === 'noPot'" @click="emit('take', cell)">
          <b>{{ dialLabel(where.view.value, cell) }}</b> {{ cell.words }}
        </button>
      </li>
    </ul>
  </div>
</template>

<style scoped src="@/kit/lists.css"></style>
