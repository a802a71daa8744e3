import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { api, ask, type ChanceQuestion, type Comparison } from '@/api/client'
import { useNewest } from '@/api/useNewest'
import type { Chances } from './useChances'

const most = 4

/** Strokes that were kept to be compared, and how they stand side by side. They outlast a reload. */
export function useComparison(chances: Chances) {
  const kept = useStorage<ChanceQuestion[]>('deep-baize.compared', [])
  const comparing = useNewest<Comparison>()
  const canKeep = computed(() => chances.question.value !== null && kept.value.length < most)

  async function compare() {
    comparing.clear()
    if (kept.value.length < 2) return
    const body = { plans: kept.value }
    await comparing.put((signal) => ask(api.POST('/api/chances/compare', { body, signal })))
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
    comparing.clear()
  }

  if (kept.value.length > 1) void compare()

  const { answer, refusal, isBusy } = comparing
  return { kept, answer, refusal, isBusy, canKeep, keep, drop, clear }
}

export type ComparisonModel = ReturnType<typeof useComparison>
