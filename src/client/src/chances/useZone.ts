import { useDebounceFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import {
  api,
  ask,
  type ChanceQuestion,
  type CushionAnswer,
  type FoundProgress,
  type Goal,
  type PackAnswer,
  type PlaceOnBed,
  type Pocket,
  type Wish,
  type Zone,
} from '@/api/client'
import { readStream } from '@/api/stream'
import { useNewest } from '@/api/useNewest'
import type { ShelfModel } from '@/shelf/useShelf'
import type { SheetModel } from '@/sheet/useSheet'

/** What was asked for below the zone. */
export type ZoneSearch = 'none' | 'search' | 'cushion' | 'pack'

const settleMs = 80
/** What is asked of a next pot until the player says otherwise. */
const usual = { leastCutDeg: 0, mostCutDeg: 50, leastMetres: 0.1, mostMetres: 1.5 }

/** Where the white should stop: painted, or computed for the next balls; and the strokes that get it there. */
export function useZone(model: SheetModel, shelf: ShelfModel, ballWidth: () => number) {
  const { wishes } = model
  const restAllowed = ref(true)
  /** Least gap to a cushion, in ball widths. */
  const gapBalls = ref(0.5)
  const cushionMetres = computed(() => gapBalls.value * ballWidth())
  const computing = useNewest<Zone>()
  const computedZone = computing.answer
  const refusal = ref('')
  const view = ref<ZoneSearch>('none')
  const found = shallowRef<FoundProgress | null>(null)
  const cushion = shallowRef<CushionAnswer | null>(null)
  const pack = shallowRef<PackAnswer | null>(null)
  const isBusy = ref(false)
  /** The position for which a stroke was looked for. */
  const askedFor = ref('')
  let stop = new AbortController()

  const painted = computed(() => model.marks.value.filter((mark) => mark.kind === 'zone' || mark.kind === 'target'))
  /** The next balls say where the white should stop; without any, what is painted does. */
  const goal = computed<Goal | null>(() => {
    const rest = { cushionMetres: cushionMetres.value, restAllowed: restAllowed.value }
    if (wishes.value.length > 0) return { wishes: wishes.value, ...rest }
    return painted.value.length > 0 ? { marks: painted.value, ...rest } : null
  })

  const question = computed(() =>
    wishes.value.length === 0
      ? null
      : {
          balls: model.balls.value.map((ball) => ({ ...ball })),
          goal: { wishes: wishes.value, cushionMetres: cushionMetres.value, restAllowed: restAllowed.value },
          headingDeg: 0,
          potted: model.pot.value?.ball ?? null,
          player: shelf.playerDocument.value,
          profile: model.profile.value,
          state: model.state.value,
          coefficients: shelf.coefficients.value,
        },
  )
  const compute = useDebounceFn(async () => {
    const body = question.value
    if (!body) return
    await computing.put((signal) => ask(api.POST('/api/zones', { body, signal })))
    refusal.value = computing.refusal.value
  }, settleMs)
  watch(
    question,
    (now) => {
      if (!now) computing.clear()
      void compute()
    },
    { deep: true },
  )

  function wish(ball: string, pocket: Pocket) {
    const others = wishes.value.filter((other) => other.ball !== ball || other.pocket !== pocket)
    if (others.length < 4) set([...others, { ball, pocket, ...usual }])
  }

  function set(next: Wish[]) {
    model.setWishes(next)
    model.commit()
  }

  const change = (index: number, part: Partial<Wish>) =>
    set(wishes.value.map((one, i) => (i === index ? { ...one, ...part } : one)))

  const drop = (index: number) => set(wishes.value.filter((_, i) => i !== index))

  /** True when what was found is about another position than a stroke is asked for now. */
  const isOldFor = (now: ChanceQuestion | null) => view.value !== 'none' && askedFor.value !== positionOf(now)
  watch(model.laid, () => {
    cancel()
    view.value = 'none'
  })

  /** Asks one of the searches; what runs is stopped first. */
  async function run(next: ZoneSearch, asked: ChanceQuestion, place: PlaceOnBed | null) {
    cancel()
    const mine = (stop = new AbortController())
    view.value = next
    askedFor.value = positionOf(asked)
    isBusy.value = true
    refusal.value = ''
    const sentence = await answer(next, asked, place, mine.signal)
    if (mine !== stop) return
    isBusy.value = false
    refusal.value = sentence ?? ''
  }

  async function answer(next: ZoneSearch, asked: ChanceQuestion, place: PlaceOnBed | null, signal: AbortSignal) {
    if (next === 'search') {
      found.value = null
      return readStream<FoundProgress>('/api/chances/search', asked, (progress) => (found.value = progress), signal)
    }
    if (next === 'cushion' && place) {
      const { data, refusal: sentence } = await ask(
        api.POST('/api/chances/cushion', { body: { question: asked, place: { x: place.x, y: place.y } }, signal }),
      )
      cushion.value = data ?? null
      return sentence
    }
    const { data, refusal: sentence } = await ask(api.POST('/api/chances/pack', { body: { question: asked }, signal }))
    pack.value = data ?? null
    return sentence
  }

  function cancel() {
    stop.abort()
    isBusy.value = false
  }

  const setGapBalls = (balls: number) => (gapBalls.value = balls)
  const setRestAllowed = (allowed: boolean) => (restAllowed.value = allowed)

  return {
    wishes,
    restAllowed,
    gapBalls,
    computedZone,
    refusal,
    view,
    found,
    cushion,
    pack,
    isBusy,
    painted,
    goal: goal as Ref<Goal | null>,
    wish,
    change,
    drop,
    run,
    cancel,
    setRestAllowed,
    setGapBalls,
    isOldFor,
  }
}

/** What a search is about: everything but the stroke, which it looks for. */
const positionOf = (asked: ChanceQuestion | null) =>
  asked ? JSON.stringify([asked.player, asked.goal, asked.doubt, { ...asked.question, strike: null }]) : ''

export type ZoneModel = ReturnType<typeof useZone>
