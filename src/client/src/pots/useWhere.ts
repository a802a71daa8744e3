import { useDebounceFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import {
  api,
  ask,
  type AnchorAnswer,
  type ButtAnswer,
  type CannonAnswer,
  type Cell,
  type FixAnswer,
  type MapRow,
  type PlaceOnBed,
  type PotQuestion,
  type Sweep,
  type TipHeight,
} from '@/api/client'
import { readStream } from '@/api/stream'
import type { ShotQuestion } from '@/table/usePrediction'
import { t } from '@/words'

/** What is asked about where the white can go. */
export type WhereView = 'none' | 'anchors' | 'height' | 'pace' | 'map' | 'dangers' | 'cannon' | 'butt'

const settleMs = 60
/** Ways of the white for which the stun height is told, in metres. */
const stunDistances = [0.2, 0.4, 0.6, 0.9, 1.3]

/** The value of the dial that is swept, short. */
export function dialLabel(view: WhereView, cell: Cell) {
  if (view === 'pace') return cell.pace.toFixed(1)
  const tips = Math.round(cell.heightTips * 4) / 4
  return tips === 0 ? t('where.centre') : t(tips > 0 ? 'where.high' : 'where.low', { tips: Math.abs(tips) })
}

/** Where the white can go from a pot: the questions, and their newest answers. Older ones are dropped, and stopped where they stream. */
export function useWhere(shot: Ref<ShotQuestion>, ballWidth: () => number) {
  const view = ref<WhereView>('none')
  const refusal = ref('')
  const anchors = shallowRef<AnchorAnswer | null>(null)
  const sweep = shallowRef<Sweep | null>(null)
  const rows = shallowRef<MapRow[]>([])
  const fixes = shallowRef<FixAnswer | null>(null)
  const cannons = shallowRef<CannonAnswer | null>(null)
  /** The stroke with a level cue and with the butt up. */
  const butt = shallowRef<ButtAnswer | null>(null)
  /** Tip heights that stun a ball, by distance, at the pace that is set. */
  const heights = shallowRef<TipHeight[]>([])
  /** Where the white should stop, and the distance that still counts as there, in ball widths and in metres. */
  const wanted = ref<PlaceOnBed | null>(null)
  const withinBalls = ref(2)
  const within = computed(() => withinBalls.value * ballWidth())
  /** The pupil answers first: paths are hidden until the cloth was touched. */
  const hides = ref(false)
  const guess = ref<PlaceOnBed | null>(null)
  const second = ref<string | null>(null)
  const fraction = ref(0.5)
  const isBusy = ref(false)
  /** The position of the newest answer. */
  const answeredFor = ref('')
  let stop: AbortController | null = null

  const question = computed<PotQuestion | null>(() => {
    const { pot, keepPot, balls, strike, profile, coefficients } = shot.value
    // Nothing is asked while a ball is in the hand: it is asked when it is laid.
    if (!pot || shot.value.placing) return null
    return { balls, strike, profile, coefficients, pot, keepPot }
  })
  const target = computed(() => (wanted.value ? { ...wanted.value, within: within.value } : null))

  /** True while what is shown belongs to another position. */
  const isOld = computed(() => answeredFor.value !== '' && answeredFor.value !== positionOf(question.value))

  async function answer(asked: PotQuestion, signal: AbortSignal): Promise<string | undefined> {
    const take = async <T>(call: Promise<{ data?: T; refusal?: string }>, into: (data: T) => void) => {
      const { data, refusal: sentence } = await call
      if (!signal.aborted && data) into(data)
      return sentence
    }
    switch (view.value) {
      case 'anchors':
        void take(
          ask(
            api.POST('/api/pots/heights', {
              body: {
                pace: asked.strike.pace ?? 4,
                roll: 0,
                distances: stunDistances,
                profile: asked.profile,
                coefficients: asked.coefficients,
              },
              signal,
            }),
          ),
          (data) => (heights.value = data),
        )
        return take(
          ask(api.POST('/api/pots/anchors', { body: { question: asked, guess: guess.value }, signal })),
          (data) => (anchors.value = data),
        )
      case 'height':
      case 'pace':
        return take(
          ask(
            api.POST('/api/pots/sweep', {
              body: { question: asked, dial: view.value, wanted: target.value, count: 9 },
              signal,
            }),
          ),
          (data) => (sweep.value = data),
        )
      case 'map':
        // The last map stays, as every answer does, and each row gives way to its own: keys find a cell while it is filled anew.
        return readStream<MapRow>(
          '/api/pots/map',
          { question: asked, wanted: target.value },
          (row) => (rows.value = [...rows.value.filter((old) => old.row !== row.row), row]),
          signal,
        )
      case 'dangers':
        return take(ask(api.POST('/api/pots/fixes', { body: asked, signal })), (data) => (fixes.value = data))
      case 'butt':
        return take(ask(api.POST('/api/pots/butt', { body: asked, signal })), (data) => (butt.value = data))
      case 'cannon':
        if (!second.value) return undefined
        return take(
          ask(
            api.POST('/api/pots/cannon', {
              body: { question: asked, second: second.value, fraction: fraction.value, most: 5 },
              signal,
            }),
          ),
          (data) => (cannons.value = data),
        )
      default:
        return undefined
    }
  }

  async function askNow() {
    stop?.abort()
    const asked = question.value
    if (!asked || view.value === 'none') return
    const mine = (stop = new AbortController())
    isBusy.value = true
    const sentence = await answer(asked, mine.signal)
    // A question that was dropped has nothing to say, not even that nobody answered it.
    if (mine.signal.aborted) return
    isBusy.value = false
    refusal.value = sentence ?? ''
    answeredFor.value = positionOf(asked)
  }
  const askSoon = useDebounceFn(askNow, settleMs)

  watch(
    () => JSON.stringify([question.value, view.value, target.value, guess.value, second.value, fraction.value]),
    () => {
      stop?.abort()
      void askSoon()
    },
  )

  function show(next: WhereView) {
    view.value = view.value === next ? 'none' : next
    guess.value = null
    refusal.value = ''
  }

  const setWanted = (place: PlaceOnBed | null) => (wanted.value = place)
  const setWithinBalls = (balls: number) => (withinBalls.value = balls)
  const setHides = (hide: boolean) => (hides.value = hide)
  const setGuess = (place: PlaceOnBed | null) => (guess.value = place)
  const setSecond = (ball: string | null) => (second.value = ball)
  const setFraction = (covered: number) => (fraction.value = covered)

  /** Stops what streams; what has come stays. */
  function cancel() {
    stop?.abort()
    isBusy.value = false
  }

  const answerIsHidden = computed(() => view.value === 'anchors' && hides.value && !guess.value)

  return {
    view,
    refusal,
    anchors,
    sweep,
    rows,
    fixes,
    cannons,
    butt,
    heights,
    wanted,
    within,
    withinBalls,
    hides,
    guess,
    second,
    fraction,
    isBusy,
    isOld,
    answerIsHidden,
    show,
    cancel,
    setWanted,
    setWithinBalls,
    setHides,
    setGuess,
    setSecond,
    setFraction,
  }
}

/** What of a question is no dial of the stroke. */
const positionOf = (asked: PotQuestion | null) => JSON.stringify(asked && { ...asked, strike: null })

export type Where = ReturnType<typeof useWhere>
