import { useDebounceFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import {
  api,
  ask,
  type BreakAnswer,
  type BreakQuestion,
  type HandPlace,
  type Pocket,
  type StepAnswer,
} from '@/api/client'
import { readStream } from '@/api/stream'
import { useNewest } from '@/api/useNewest'
import type { ShelfModel } from '@/shelf/useShelf'
import type { SheetModel } from '@/sheet/useSheet'
import type { LineUpModel } from './useLineUp'
import { useOutlook } from './useOutlook'

/** Strokes that a plan may simulate: some seconds on a small machine. */
const budget = 16_000
const seed = 1

/** What the player rules out, what the visit is for, and how he likes to come to colours. */
export interface Wishes {
  side: boolean
  cushion: boolean
  rest: boolean
  goal: 'score' | 'secure'
  approach: 'any' | 'high' | 'low'
}

/** Which ball, and how: asked with one button, streamed as it gets better, stopped at will; played stroke by stroke on the sheet. */
export function useBreak(
  model: SheetModel,
  shelf: ShelfModel,
  lineUp: LineUpModel,
  isOpen: () => boolean,
  beforeChange: () => void,
) {
  const answer = shallowRef<BreakAnswer | null>(null)
  const asked = shallowRef<BreakQuestion | null>(null)
  const refusal = ref('')
  const isBusy = ref(false)
  /** Says how many plans are ahead while this one waits its turn. */
  const waiting = ref('')
  const wishes = ref<Wishes>({ side: true, cushion: true, rest: true, goal: 'score', approach: 'any' })
  /** The fact whose proof is drawn, and the other ball that was touched. */
  const proof = ref<number | null>(null)
  const touched = ref<string | null>(null)
  const scatter = ref(false)
  const ruling = shallowRef<StepAnswer | null>(null)
  /** Points that the plan before had in hand, to tell what a poor stroke cost. */
  const before = ref<number | null>(null)
  /** What places in the D are worth while the white is in hand. */
  const rating = useNewest<HandPlace[]>()
  const inHand = computed(() => rating.answer.value ?? [])
  let draws = 0
  /** Balls on the sheet after the stroke that was ruled on. */
  let ruled = 0
  /** How the plan's stroke is kept: a step of its own, or one with the stroke that was just played. */
  let keep = model.commit
  let stop = new AbortController()

  const question = computed<BreakQuestion>(() => ({
    balls: model.balls.value.map((ball) => ({ ...ball })),
    state: model.state.value,
    player: shelf.playerDocument.value,
    wishes: { ...wishes.value, approach: wishes.value.approach === 'any' ? null : wishes.value.approach },
    budget,
    seed,
    profile: model.profile.value,
    coefficients: shelf.coefficients.value,
    doubt: shelf.doubt.value,
    lineUp: lineUp.asked.value,
  }))
  const outlook = useOutlook(asked, answer)
  const isOther = computed(() => asked.value !== null && JSON.stringify(asked.value) !== JSON.stringify(question.value))
  const isOld = computed(() => isOther.value && !isBusy.value)
  /** The other ball that was touched, and what it costs; null when none was. */
  const other = computed(() => answer.value?.others.find((one) => one.ball === touched.value) ?? null)
  const lost = computed(() => {
    if (before.value === null || !answer.value?.isFinal) return null
    return Math.max(0, before.value - answer.value.worth)
  })

  async function plan(joins = false) {
    cancel()
    keep = joins ? model.amend : model.commit
    const mine = (stop = new AbortController())
    // After a stroke by the rules another plan is due; only a white that was moved asks what that cost.
    const isAgain = !joins && answer.value?.isFinal === true && answer.value.line.length > 0 && isOld.value
    before.value = isAgain ? answer.value!.worth : null
    asked.value = question.value
    answer.value = null
    outlook.clear()
    refusal.value = ''
    proof.value = null
    touched.value = null
    isBusy.value = true
    const sentence = await readStream<BreakAnswer>(
      '/api/breaks/plan',
      asked.value,
      (found) => {
        answer.value = found
        if (mine === stop) follow(found)
      },
      mine.signal,
      (words) => (waiting.value = words),
    )
    if (mine !== stop) return
    isBusy.value = false
    waiting.value = ''
    refusal.value = sentence ?? ''
    if (answer.value) keep()
  }

  /** Stops the search; the best so far stays. */
  function cancel() {
    stop.abort()
    if (isBusy.value && answer.value) keep()
    isBusy.value = false
    waiting.value = ''
  }

  /** Puts the first stroke of a plan on the sheet as it gets better; the last one is a step of the history. */
  function follow(found: BreakAnswer) {
    // Balls that were moved while it looked: what it finds is about a table that is no more.
    if (isOther.value) return cancel()
    const first = found.line[0]
    if (!first) return
    beforeChange()
    put(first.ball, first.pocket, first.stroke)
    if (!found.white) return
    // A white in hand that is put where the plan begins is no other question.
    model.place('cue', found.white.x, found.white.y)
    asked.value = question.value
  }

  function put(ball: string, pocket: Pocket, stroke: { pace: number; side: number; height: number }) {
    model.setPot({ ball, pocket, part: 'opening' })
    model.setKeepPot(true)
    const tidy = (value: number) => Math.round(value * 1000) / 1000
    model.setStroke({ pace: tidy(stroke.pace), side: tidy(stroke.side), height: tidy(stroke.height) })
  }

  function touch(ball: string) {
    if (!answer.value || ball === 'cue') return
    touched.value = touched.value === ball ? null : ball
    const found = other.value
    if (!found) return
    put(found.ball, found.pocket, found.stroke)
    model.commit()
  }

  /** Puts a way on past an awkward colour on the sheet. */
  function tryRemedy(remedy: BreakAnswer['remedies'][number]) {
    put(remedy.ball, remedy.pocket, remedy.stroke)
    model.commit()
  }

  const show = (fact: number) => (proof.value = proof.value === fact ? null : fact)

  /** Plays the stroke on the sheet by the rules; undo takes it back. */
  async function step(directionDeg: number) {
    const { balls, state, player, profile, coefficients } = question.value
    lineUp.begin()
    const stroke = { ...model.stroke.value, directionDeg }
    const nominated = model.pot.value && !model.pot.value.ball.startsWith('red') ? model.pot.value.ball : null
    const body = {
      balls,
      stroke,
      state: { inHand: false, freeBall: false, missCount: 0, ...state, nominated },
      player,
      scatter: scatter.value ? draws++ : null,
      seed,
      profile,
      coefficients,
      lineUp: lineUp.asked.value,
    }
    const { data, refusal: sentence } = await ask(api.POST('/api/breaks/step', { body }))
    refusal.value = sentence ?? ''
    if (!data) return
    beforeChange()
    ruling.value = data
    const isLaidAgain = lineUp.take(data)
    ruled = model.balls.value.length
    model.commit()
    if (isLaidAgain && !lineUp.isOver.value) await plan(true)
    else if (data.staysAtTable && !data.isOver) await plan(true)
    else answer.value = null
  }

  const rateD = useDebounceFn(async () => {
    if (!isOpen() || !model.state.value?.inHand) return rating.clear()
    const body = question.value
    await rating.put((signal) => ask(api.POST('/api/breaks/hand', { body, signal })))
  }, 150)
  /** The place in the D that is nearest to the white. */
  const stands = computed(() => {
    const white = model.balls.value.find((ball) => ball.id === 'cue')
    if (!white || inHand.value.length === 0) return null
    const away = ({ place }: HandPlace) => Math.hypot(place.x - white.x, place.y - white.y)
    return inHand.value.reduce((best, one) => (away(one) < away(best) ? one : best))
  })
  watch([() => JSON.stringify(question.value), isOpen], () => void rateD(), { immediate: true })

  const setWishes = (part: Partial<Wishes>) => (wishes.value = { ...wishes.value, ...part })
  const setScatter = (on: boolean) => (scatter.value = on)
  // A ruling stands until balls come or go.
  watch(
    () => model.balls.value.length,
    (count) => {
      if (count !== ruled) ruling.value = null
    },
  )

  return {
    answer,
    asked,
    refusal,
    isBusy,
    waiting,
    isOld,
    wishes,
    proof,
    touched,
    other,
    lost,
    scatter,
    ruling,
    inHand,
    stands,
    plan,
    cancel,
    touch,
    show,
    step,
    setWishes,
    setScatter,
    tryRemedy,
    lineUp,
    outlook,
  }
}

export type BreakModel = ReturnType<typeof useBreak>
