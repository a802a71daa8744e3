import { ref, shallowRef, watch, type Ref } from 'vue'
import { api, ask, type PotAnswer, type PotQuestion, type PredictRequest, type Prediction } from '@/api/client'

/** A stroke to predict, for a pot or without one. */
export interface ShotQuestion {
  balls: PredictRequest['balls']
  strike: PotQuestion['strike']
  profile?: string
  placing?: NonNullable<PredictRequest['placing']>
  pot?: PotQuestion['pot']
  /** True when the aim follows the pot. */
  keepPot: boolean
}

/** The answer: where everything goes, and what becomes of the pot when there is one. */
export interface ShotAnswer {
  prediction: Prediction
  pot: PotAnswer | null
}

/** Asks for a stroke: with a pot the server aims, without one it plays as told. */
async function askFor(question: ShotQuestion): Promise<{ data?: ShotAnswer; refusal?: string }> {
  const { pot, keepPot, ...shot } = question
  if (!pot) {
    const { data, refusal } = await ask(api.POST('/api/shots/predict', { body: shot }))
    return { data: data && { prediction: data, pot: null }, refusal }
  }
  return ask(api.POST('/api/pots/play', { body: { ...shot, pot, keepPot } }))
}

/**
 * The live prediction. At most one question is under way; while it is, only the newest further one is kept, so that the
 * answer painted is always that of the latest gesture and older ones are dropped.
 */
export function usePrediction(
  request: Ref<ShotQuestion>,
  onAnswer: (answer: ShotAnswer, asked: ShotQuestion) => void,
  onRefusal: (asked: ShotQuestion) => void = () => undefined,
) {
  const prediction = shallowRef<Prediction | null>(null)
  const pot = shallowRef<PotAnswer | null>(null)
  const refusal = ref('')
  let underWay = false
  let waiting: ShotQuestion | null = null
  let settled: (() => void)[] = []

  async function send(asked: ShotQuestion) {
    underWay = true
    const { data, refusal: sentence } = await askFor(asked)
    underWay = false
    const next = waiting
    waiting = null
    refusal.value = sentence ?? ''
    if (data) {
      prediction.value = data.prediction
      pot.value = data.pot
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

  return { prediction, pot, refusal, whenSettled }
}
