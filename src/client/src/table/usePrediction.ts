import { ref, shallowRef, watch, type Ref } from 'vue'
import {
  api,
  ask,
  type Coefficients,
  type PotAnswer,
  type PotQuestion,
  type PredictRequest,
  type Prediction,
} from '@/api/client'

/** A stroke to predict, for a pot or without one. */
export interface ShotQuestion {
  balls: PredictRequest['balls']
  strike: PotQuestion['strike']
  profile?: string
  /** What the table in use, the cue and the player's own paces change. */
  coefficients?: Coefficients | null
  placing?: NonNullable<PredictRequest['placing']>
  pot?: PotQuestion['pot']
  /** True when the aim follows the pot. */
  keepPot: boolean
  units?: PredictRequest['units']
  /** What was set of the state of play; the server infers the rest. */
  state?: PredictRequest['state']
  /** The rules of a line-up: the verdict then says what fails. */
  lineUp?: PredictRequest['lineUp']
  /** Changes when the same is to be asked anew. */
  round?: number
  /** True when no newer question makes this one needless: a ball was let go. */
  mustBeAnswered?: boolean
}

/** The answer: where everything goes, and what becomes of the pot when there is one. */
export interface ShotAnswer {
  prediction: Prediction
  pot: PotAnswer | null
}

/** How long an answer is waited for, in milliseconds, before the server counts as away. */
const patience = 8000

/** Asks for a stroke: with a pot the server aims, without one it plays as told. */
async function askFor(question: ShotQuestion): Promise<{ data?: ShotAnswer; refusal?: string; code?: string }> {
  const { pot, keepPot, ...shot } = question
  delete shot.round
  delete shot.mustBeAnswered
  const signal = AbortSignal.timeout(patience)
  if (!pot) {
    const { data, refusal, code } = await ask(api.POST('/api/shots/predict', { body: shot, signal }))
    return { data: data && { prediction: data, pot: null }, refusal, code }
  }
  return ask(api.POST('/api/pots/play', { body: { ...shot, pot, keepPot }, signal }))
}

/**
 * The live prediction. At most one question is under way; while it is, only the newest further one is kept, so that the
 * answer painted is always that of the latest gesture and older ones are dropped; save those that must be answered.
 */
export function usePrediction(
  request: Ref<ShotQuestion>,
  onAnswer: (answer: ShotAnswer, asked: ShotQuestion) => void,
  onRefusal: (asked: ShotQuestion, code?: string) => void = () => undefined,
) {
  const prediction = shallowRef<Prediction | null>(null)
  const pot = shallowRef<PotAnswer | null>(null)
  const refusal = ref('')
  /** True while an answer is waited for. */
  const underWay = ref(false)
  let waiting: ShotQuestion[] = []
  let settled: (() => void)[] = []

  async function send(asked: ShotQuestion) {
    underWay.value = true
    const { data, refusal: sentence, code } = await askFor(asked)
    underWay.value = false
    const next = waiting.shift()
    // That the server is away is told by the sheet's own sign; it is no refusal.
    refusal.value = code === 'noAnswer' ? '' : (sentence ?? '')
    if (data) {
      prediction.value = data.prediction
      pot.value = data.pot
      onAnswer(data, asked)
    } else onRefusal(asked, code)
    if (next) void send(next)
    else {
      settled.forEach((resolve) => resolve())
      settled = []
    }
  }

  watch(
    request,
    (asked) => {
      if (underWay.value) waiting = [...waiting.filter((other) => other.mustBeAnswered), asked]
      else void send(asked)
    },
    { immediate: true },
  )

  /** Resolves when no question is open any more. */
  const whenSettled = () => (underWay.value ? new Promise<void>((resolve) => settled.push(resolve)) : Promise.resolve())

  return { prediction, pot, refusal, underWay, whenSettled }
}
