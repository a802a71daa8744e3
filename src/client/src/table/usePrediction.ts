import { ref, shallowRef, watch, type Ref } from 'vue'
import { api, ask, type PredictRequest, type Prediction } from '@/api/client'

/**
 * The live prediction. At most one question is under way; while it is, only the newest further one is kept, so that the
 * answer painted is always that of the latest gesture and older ones are dropped.
 */
export function usePrediction(
  request: Ref<PredictRequest>,
  onAnswer: (answer: Prediction, asked: PredictRequest) => void,
  onRefusal: (asked: PredictRequest) => void = () => undefined,
) {
  const prediction = shallowRef<Prediction | null>(null)
  const refusal = ref('')
  let underWay = false
  let waiting: PredictRequest | null = null
  let settled: (() => void)[] = []

  async function send(asked: PredictRequest) {
    underWay = true
    const { data, refusal: sentence } = await ask(api.POST('/api/shots/predict', { body: asked }))
    underWay = false
    const next = waiting
    waiting = null
    refusal.value = sentence ?? ''
    if (data) {
      prediction.value = data
      onAnswer(data, asked)
    } else onRefusal(asked)
    if (next) void send(next)
    else {
      settled.forEach((resolve) => resolve())
      settled = []
    }
  }

  watch(
    request,
    (asked) => {
      if (underWay) waiting = asked
      else void send(asked)
    },
    { immediate: true },
  )

  /** Resolves when no question is open any more. */
  const whenSettled = () => (underWay ? new Promise<void>((resolve) => settled.push(resolve)) : Promise.resolve())

  return { prediction, refusal, whenSettled }
}
