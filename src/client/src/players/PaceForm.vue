<script setup lang="ts">
import { ref } from 'vue'
import { api, ask, type Player } from '@/api/client'
import { t } from '@/words'
import type { Bed } from '@/shelf/useShelf'

/** A pace scale of one's own from a few strokes. */
const props = defineProps<{ paces: NonNullable<Player['paces']>; bed: Bed }>()
const emit = defineEmits<{ change: [paces: NonNullable<Player['paces']>] }>()

const tried = [2, 3, 4, 5, 6, 7]
const texts = ref<Record<number, string>>({})
const refusal = ref('')
const words = ref('')

async function find() {
  const trials = tried
    .map((pace) => ({
      pace,
      lengths: (texts.value[pace] ?? '')
        .split(/[\s;]+/)
        .filter((text) => text !== '')
        .map((text) => Number(text.replace(',', '.'))),
    }))
    .filter((trial) => trial.lengths.length > 0)
  const { data, refusal: sentence } = await ask(api.POST('/api/players/paces', { body: { trials, ...props.bed } }))
  refusal.value = sentence ?? ''
  words.value = data?.words ?? ''
  if (data) emit('change', data.paces)
}
</script>

<template>
  <section data-testid="paces">
    <h3>{{ t('player.paces') }}</h3>
    <p class="small">{{ t('player.pacesHint') }}</p>
    <p v-if="refusal" class="refusal" role="alert" data-testid="pace-refusal">{{ refusal }}</p>
    <div class="grid paces">
      <label v-for="pace in tried" :key="pace">
        {{ t('player.paceRow', { pace }) }}
        <el-input
          v-model="texts[pace]"
          inputmode="decimal"
          :aria-label="t('player.lengths', { pace })"
          :data-testid="`lengths-${pace}`"
        />
      </label>
    </div>
    <div class="row">
      <el-button data-testid="find-paces" @click="find">{{ t('player.findPaces') }}</el-button>
      <el-button v-if="paces.length > 0" text @click="emit('change', [])">{{ t('player.dropPaces') }}</el-button>
      <span data-testid="pace-words">{{ words }}</span>
    </div>
  </section>
</template>

<style scoped src="./form.css"></style>
<style scoped>
.paces {
  grid-template-columns: repeat(auto-fill, minmax(120px, 1fr));
}
</style>
