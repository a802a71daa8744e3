import { ref, shallowRef, type Ref } from 'vue'
import type { BreakAnswer, BreakQuestion, OutlookAnswer, OutlookQuestion } from '@/api/client'
import { readStream } from '@/api/stream'

const visits = 100

/** Whole visits that begin with the plan's stroke, played out with the player's scatter: how often a target is reached. */
export function useOutlook(asked: Ref<BreakQuestion | null>, plan: Ref<BreakAnswer | null>) {
  const target = ref(30)
  const outlook = shallowRef<OutlookAnswer | null>(null)
  /** What was asked, to be shown under "Numbers". */
  const call = shallowRef<OutlookQuestion | null>(null)
  const refusal = ref('')
  const isBusy = ref(false)
  /** Says how many plans are ahead while the visits wait their turn. */
  const waiting = ref('')
  let stop = new AbortController()

  function cancel() {
    stop.abort()
    isBusy.value = false
    waiting.value = ''
  }

  /** Forgets what belonged to another plan. */
  function clear() {
    cancel()
    outlook.value = null
    refusal.value = ''
  }

  async function playOut() {
    const first = plan.value?.line[0]
    if (!asked.value || !first) return
    clear()
    const mine = (stop = new AbortController())
    isBusy.value = true
    const pot = { ball: first.ball, pocket: first.pocket, part: 'opening' as const }
    call.value = { question: asked.value, pot, stroke: first.stroke, target: target.value, visits }
    const sentence = await readStream<OutlookAnswer>(
      '/api/breaks/outlook',
      call.value,
      (found) => (outlook.value = found),
      mine.signal,
      (words) => (waiting.value = words),
    )
    if (mine !== stop) return
    isBusy.value = false
    waiting.value = ''
    refusal.value = sentence ?? ''
  }

  const setTarget = (points: number) => (target.value = points)
  return { target, outlook, call, refusal, isBusy, waiting, playOut, cancel, clear, setTarget }
}

export type OutlookModel = ReturnType<typeof useOutlook>
