<script setup lang="ts">
import { computed } from 'vue'
import type { Stroke } from '@/api/client'
import type { Where } from './useWhere'

/** Level or dug down? The same tip and pace both ways, side by side, and how to play it. */
const props = defineProps<{ where: Where }>()
const emit = defineEmits<{ take: [stroke: Partial<Stroke>] }>()

const ways = computed(() => {
  const found = props.where.butt.value
  return found ? [found.level, found.raised] : []
})
</script>

<template>
  <div data-testid="butt-ways">
    <ul class="list">
      <li v-for="way in ways" :key="way.elevationDeg" :data-butt-way="Math.round(way.elevationDeg)">
        <button
          type="button"
          :disabled="!way.isPotted"
          @click="emit('take', { elevationDeg: Math.round(way.elevationDeg) })"
        >
          <b>{{ way.title }}</b>
        </button>
        <small v-for="words in way.words" :key="words">{{ words }}</small>
      </li>
    </ul>
    <template v-if="where.butt.value">
      <p class="hint">{{ where.butt.value.recipe }}</p>
      <p v-if="where.butt.value.caution" class="refusal" data-testid="butt-caution">{{ where.butt.value.caution }}</p>
    </template>
  </div>
</template>

<style scoped src="@/kit/lists.css"></style>
