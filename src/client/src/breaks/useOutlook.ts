import { ref, type Ref } from 'vue'
import type { BreakAnswer, BreakQuestion, OutlookAnswer, OutlookQuestion } from '@/api/client'
import { useStreamed } from '@/api/useStreamed'

const visits = 100

/** Whole visits that begin with the plan's stroke, played out with the player's scatter: how often a target is reached. */
export function useOutlook(asked: Ref<BreakQuestion | null>, plan: Ref<BreakAnswer | null>) {
  const target = ref(30)
  const streamed = useStreamed<OutlookQuestion, OutlookAnswer>('/api/breaks/outlook')
  /** What was asked is shown under "Numbers". */
  const { answer: outlook, asked: call, refusal, isBusy, waiting, drop: cancel, clear } = streamed

  async function playOut() {
    const first = plan.value?.line[0]
    if (!asked.value || !first) return
    const pot = { ball: first.ball, pocket: first.pocket, part: 'opening' as const }
    const question = { question: asked.value, pot, stroke: first.stroke, target: target.value, visits }
    await streamed.put(question, () => undefined)
  }

  const setTarget = (points: number) => (target.value = points)
  return { target, outlook, call, refusal, isBusy, waiting, playOut, cancel, clear, setTarget }
}

export type OutlookModel = ReturnType<typeof useOutlook>
