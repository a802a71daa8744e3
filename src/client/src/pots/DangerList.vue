<script setup lang="ts">
import type { Fix, FixAnswer } from '@/api/client'
import { t } from '@/words'

/** What threatens the stroke and its neighbours, and strokes that avoid it. */
defineProps<{ answer: FixAnswer }>()
const emit = defineEmits<{ fix: [fix: Fix] }>()
</script>

<template>
  <div>
    <ul class="list" data-testid="dangers">
      <li v-if="answer.dangers.length === 0">{{ t('where.noDanger') }}</li>
      <li v-for="(danger, i) in answer.dangers" :key="i" :class="{ warns: danger.isExact }">{{ danger.words }}.</li>
    </ul>
    <template v-if="answer.fixes.length > 0">
      <p class="hint">{{ t('where.instead') }}</p>
      <ul class="list">
        <li v-for="(way, i) in answer.fixes" :key="i" :data-fix="way.kind">
          <button type="button" @click="emit('fix', way)">{{ way.words }}.</button>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped src="@/kit/lists.css"></style>
