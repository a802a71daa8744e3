import { useStorage } from '@vueuse/core'
import { computed, ref, shallowRef } from 'vue'
import { api, ask, type ChanceQuestion, type Comparison } from '@/api/client'
import type { Chances } from './useChances'

const most = 4

/** Strokes that were kept to be compared, and how they stand side by side. They outlast a reload. */
export function useComparison(chances: Chances) {
  const kept = useStorage<ChanceQuestion[]>('deep-baize.compared', [])
  const answer = shallowRef<Comparison | null>(null)
  const refusal = ref('')
  const isBusy = ref(false)
  const canKeep = computed(() => chances.question.value !== null && kept.value.length < most)

  async function compare() {
    answer.value = null
    if (kept.value.length < 2) return
    isBusy.value = true
    const { data, refusal: sentence } = await ask(api.POST('/api/chances/compare', { body: { plans: kept.value } }))
    isBusy.value = false
    refusal.value = sentence ?? ''
    answer.value = data ?? null
  }

  function keep() {
    if (!chances.question.value || !canKeep.value) return
    kept.value = [...kept.value, JSON.parse(JSON.stringify(chances.question.value)) as ChanceQuestion]
    void compare()
  }

  function drop(index: number) {
    kept.value = kept.value.filter((_, i) => i !== index)
    void compare()
  }

  function clear() {
    kept.value = []
    answer.value = null
  }

  if (kept.value.length > 1) void compare()

  return { kept, answer, refusal, isBusy, canKeep, keep, drop, clear }
}

export type ComparisonModel = ReturnType<typeof useComparison>
