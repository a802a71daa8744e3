import { useDebounceFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import {
  api,
  ask,
  type BreakAnswer,
  type BreakQuestion,
  type HandPlace,
  type Pocket,
  type Reason,
  type Stroke,
} from '@/api/client'
import { useNewest } from '@/api/useNewest'
import { useStreamed } from '@/api/useStreamed'
import type { Playback } from '@/motion/usePlayback'
import type { ShelfModel } from '@/shelf/useShelf'
import { emptyState, isRed, objectBalls } from '@/sheet/sheet'
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
  playback: Pick<Playback, 'reset' | 'playOut'>,
) {
  const streamed = useStreamed<BreakQuestion, BreakAnswer>('/api/breaks/plan', () => model.commit())
  const { answer, asked, refusal, isBusy, waiting, drop: cancel } = streamed
  const wishes = ref<Wishes>({ side: true, cushion: true, rest: true, goal: 'score', approach: 'any' })
  /** The reason whose proof is drawn, and the other ball that was touched. */
  const proof = shallowRef<Reason | null>(null)
  const touched = ref<string | null>(null)
  const scatter = ref(false)
  /** What the referee said of the stroke that led to these balls. */
  const ruling = computed(() => {
    const said = model.ruled.value
    return said && said.balls === objectBalls(model.balls.value) ? said.words : ''
  })
  /** Points that the plan before had in hand, to tell what a poor stroke cost. */
  const before = ref<number | null>(null)
  /** What places in the D are worth while the white is in hand. */
  const rating = useNewest<HandPlace[]>()
  const inHand = computed(() => rating.answer.value ?? [])
  /** Where the strokes with scatter begin: another evening has others. */
  let draws = crypto.getRandomValues(new Uint32Array(1))[0]! >>> 2
  /** True while a stroke by the rules runs: it is played once, however often the button is pressed. */
  const isPlaying = ref(false)

  const question = computed<BreakQuestion>(() => ({
    balls: model.balls.value.map((ball) => ({ ...ball })),
    state: model.state.value,
    player: shelf.playerDocument.value,
    opponent: shelf.opponentDocument.value,
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
  /** True when what is shown was asked for another sheet, or for other wishes. */
  const isOld = computed(() => isOther.value && !isBusy.value)
  /** True when only what is allowed or played for was changed: the balls lie as they lay. */
  const hasOtherWishes = computed(() => isOld.value && sheetOf(asked.value!) === sheetOf(question.value))
  /** The other ball that was touched, and what it costs; null when none was. */
  const other = computed(() => answer.value?.others.find((one) => one.ball === touched.value) ?? null)
  const lost = computed(() => {
    if (before.value === null || !answer.value?.isFinal || isOld.value) return null
    return Math.max(0, before.value - answer.value.worth)
  })

  async function plan() {
    // Only a white that was moved asks what that cost; after a stroke by the rules there is no plan that it could be held against.
    const isAgain = answer.value?.isFinal === true && answer.value.line.length > 0 && isOld.value
    before.value = isAgain ? answer.value!.worth : null
    outlook.clear()
    proof.value = null
    touched.value = null
    await streamed.put(question.value, follow)
  }

  /** Puts the first stroke of a plan on the sheet as it gets better; the last one is a step of the history. */
  function follow(found: BreakAnswer) {
    // Balls that were moved while it looked: what it finds is about a table that is no more.
    if (isOther.value) return cancel()
    const first = found.line[0]
    if (!first) return
    playback.reset()
    put(first.ball, first.pocket, first.stroke)
    if (!found.white) return
    // A white in hand that is put where the plan begins is no other question.
    model.place('cue', found.white.x, found.white.y)
    asked.value = question.value
  }

  function put(ball: string, pocket: Pocket, stroke: Omit<Stroke, 'directionDeg'>) {
    model.setPot({ ball, pocket, part: 'opening' })
    model.setKeepPot(true)
    model.setStroke({ pace: stroke.pace, side: stroke.side, height: stroke.height, elevationDeg: stroke.elevationDeg })
  }

  /**
   * Takes a ball that was touched: what another costs than the plan's.
   * @returns false when there is no plan of these balls that it could be asked about
   */
  function touch(ball: string) {
    if (!answer.value || isOld.value || ball === 'cue') return false
    touched.value = touched.value === ball ? null : ball
    const found = other.value
    // One that the plan does not know asks for its pocket, as everywhere.
    if (!found) return touched.value === null
    put(found.ball, found.pocket, found.stroke)
    model.commit()
    return true
  }

  /** Another position lies on the sheet: nothing of the one before is about it. */
  function forget() {
    streamed.clear()
    before.value = null
    touched.value = null
    proof.value = null
    outlook.clear()
  }
  watch(model.laid, forget)

  /** Puts another stroke than the plan's on the sheet. */
  function tryOther({ ball, pocket, stroke }: Pick<BreakAnswer['remedies'][number], 'ball' | 'pocket' | 'stroke'>) {
    put(ball, pocket, stroke)
    model.commit()
  }

  const show = (reason: Reason) => (proof.value = proof.value === reason ? null : reason)

  /** Plays the stroke on the sheet by the rules: it runs, then the referee speaks, then the next question can be asked. */
  async function step(directionDeg: number) {
    if (isPlaying.value) return
    isPlaying.value = true
    try {
      await playStep(directionDeg)
    } finally {
      isPlaying.value = false
    }
  }

  async function playStep(directionDeg: number) {
    cancel()
    const { balls, state, player, profile, coefficients } = question.value
    const before = sheetOf(question.value)
    lineUp.begin()
    const stroke = { ...model.stroke.value, directionDeg }
    const nominated = model.pot.value && !isRed(model.pot.value.ball) ? model.pot.value.ball : null
    const body = {
      balls,
      stroke,
      state: { ...emptyState, ...state, nominated },
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
    if (sheetOf(question.value) === before) await playback.playOut(data.played)
    // Balls that were laid otherwise while it was asked or ran: the stroke is about a table that is no more.
    if (sheetOf(question.value) !== before) return
    forget()
    lineUp.take(data)
    // The pot was for the stroke that was played; an attempt that failed begins again with it.
    if (!data.fails) model.setPot(null)
    model.setRuled({ words: data.words, balls: objectBalls(model.balls.value) })
    model.commit()
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

  return {
    answer,
    asked,
    refusal,
    isBusy,
    waiting,
    isOld,
    hasOtherWishes,
    wishes,
    proof,
    touched,
    other,
    lost,
    scatter,
    isPlaying,
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
    tryOther,
    lineUp,
    outlook,
  }
}

/** What of a question lies on the sheet, without what the player wishes. */
const sheetOf = (question: BreakQuestion) => JSON.stringify({ ...question, wishes: null, lineUp: null })

export type BreakModel = ReturnType<typeof useBreak>
