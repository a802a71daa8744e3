import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { api, ask, type ChanceQuestion, type Comparison } from '@/api/client'
import { useNewest } from '@/api/useNewest'
import { samples, type Chances } from './useChances'

const most = 4

/** Strokes that were kept to be compared, and how they stand side by side. They outlast a reload. */
export function useComparison(chances: Chances) {
  const kept = useStorage<ChanceQuestion[]>('deep-baize.compared', [])
  const comparing = useNewest<Comparison>()
  /** True when the strokes that were kept are of another position than lies on the sheet. */
  const isOld = computed(
    () => kept.value.length > 0 && positionOf(kept.value[0]!) !== positionOf(chances.question.value),
  )
  const canKeep = computed(() => chances.question.value !== null && (isOld.value || kept.value.length < most))

  async function compare() {
    comparing.clear()
    if (kept.value.length < 2) return
    const body = { plans: kept.value.map((plan) => ({ ...plan, samples: samples.refined })) }
    await comparing.put((signal) => ask(api.POST('/api/chances/compare', { body, signal })))
  }

  function keep() {
    if (!chances.question.value || !canKeep.value) return
    // Strokes of two positions say nothing side by side: the first of another begins afresh.
    kept.value = [
      ...(isOld.value ? [] : kept.value),
      JSON.parse(JSON.stringify(chances.question.value)) as ChanceQuestion,
    ]
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
  return { kept, answer, refusal, isBusy, isOld, canKeep, keep, drop, clear }
}

/** What strokes that are compared have in common. */
const positionOf = (asked: ChanceQuestion | null) =>
  asked
    ? JSON.stringify([asked.player, asked.doubt, { ...asked.question, strike: null, pot: null, keepPot: null }])
    : ''

export type ComparisonModel = ReturnType<typeof useComparison>
