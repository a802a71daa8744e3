<script setup lang="ts">
import { t } from '@/words'
import type { Indirect } from './useIndirect'

/** Doubles, plants, cannons and in-offs, the likeliest first; each opens on the table. */
defineProps<{ indirect: Indirect }>()
</script>

<template>
  <div
    class="scroll"
    role="region"
    tabindex="0"
    :aria-label="t('reading.round')"
    :class="{ old: indirect.isOld.value }"
  >
    <p v-if="indirect.refusal.value" class="refusal" role="alert">{{ indirect.refusal.value }}</p>
    <template v-else-if="indirect.answer.value">
      <p class="leaves" data-testid="indirect-words">{{ indirect.answer.value.words }}</p>
      <ul class="list">
        <li v-for="(pot, i) in indirect.answer.value.pots" :key="i">
          <button
            type="button"
            :aria-pressed="indirect.chosen.value === pot"
            :data-indirect="pot.way"
            @click="indirect.choose(pot)"
          >
            {{ pot.words }}
          </button>
        </li>
      </ul>
      <p v-if="indirect.answer.value.pots.length > 0" class="hint">{{ t('reading.roundHint') }}</p>
    </template>
    <p v-else class="hint">{{ t('reading.roundWait') }}</p>
  </div>
</template>

<style scoped src="@/kit/lists.css"></style>
<style scoped>
.leaves {
  margin: 2px 0 6px;
  font-size: 16px;
  line-height: 21px;
}
</style>
