import { computed, ref, shallowRef, watch } from 'vue'
import type { Missed, SafetyAnswer, SafetyOption, SafetyQuestion } from '@/api/client'
import { useStreamed } from '@/api/useStreamed'
import { safetyQuestion } from '@/desk/useWhatNow'
import type { Playback } from '@/motion/usePlayback'
import type { ShelfModel } from '@/shelf/useShelf'
import type { SheetModel } from '@/sheet/useSheet'

/** What to leave: asked with one button, streamed as it gets better, put on the sheet; with what a miss leaves, and other answers. */
export function useSafety(model: SheetModel, shelf: ShelfModel, playback: Pick<Playback, 'reset'>) {
  const streamed = useStreamed<SafetyQuestion, SafetyAnswer>('/api/safety/plan', () => model.commit())
  const { answer, asked, refusal, isBusy, waiting, drop: cancel } = streamed
  /** How much the player dares, from -1 to 1. */
  const daring = ref(0)
  /** The stroke that the answer is held against: the one that lay on the sheet when that was asked for. */
  const mine = shallowRef<SafetyQuestion['mine']>(null)
  const question = computed<SafetyQuestion>(() => ({
    ...safetyQuestion(model, shelf),
    daring: daring.value,
    mine: mine.value,
  }))
  const isOther = computed(() => asked.value !== null && JSON.stringify(asked.value) !== JSON.stringify(question.value))
  /** True when what is shown was asked for another sheet, for other players, or for another daring. */
  const isOld = computed(() => isOther.value && !isBusy.value)
  /** True when the balls lie as they lay: only who plays, or how much is dared, is another. */
  const hasSameBalls = computed(
    () =>
      isOld.value &&
      JSON.stringify([asked.value!.balls, asked.value!.state]) ===
        JSON.stringify([question.value.balls, question.value.state]),
  )
  /** The miss that is shown on the table. */
  const shown = shallowRef<Missed | null>(null)
  /** The other answer that lies on the sheet. */
  const tried = shallowRef<SafetyOption | null>(null)

  async function plan() {
    shown.value = null
    tried.value = null
    mine.value = null
    await streamed.put(question.value, follow)
  }

  /** Plans again and holds the stroke on the sheet against the answer. */
  async function compare(directionDeg: number) {
    const { pace, side, height, elevationDeg } = model.stroke.value
    shown.value = null
    tried.value = null
    mine.value = { directionDeg, pace, side, height, elevationDeg }
    await streamed.put(question.value, follow)
  }

  /** Puts the answer on the sheet as it gets better. */
  function follow(found: SafetyAnswer) {
    // Balls that were moved while it looked: what it finds is about a table that is no more.
    if (isOther.value) return cancel()
    if (!found.best) return
    put(found.best)
  }

  function put({ ball, pocket, stroke, isMoved, white }: SafetyOption) {
    playback.reset()
    if (white) {
      // A white in hand that is put where the answer begins is no other question.
      model.place('cue', white.x, white.y)
      asked.value = question.value
    }
    model.setPot(pocket ? { ball, pocket, part: 'opening' } : null)
    model.setKeepPot(!isMoved)
    model.setStroke({
      directionDeg: stroke.directionDeg,
      pace: stroke.pace,
      side: stroke.side,
      height: stroke.height,
      elevationDeg: stroke.elevationDeg,
    })
  }

  /** Puts another answer on the sheet, or the one that was given back. */
  function tryOther(option: SafetyOption) {
    const isBack = tried.value === option
    tried.value = isBack ? null : option
    shown.value = null
    put(isBack ? answer.value!.best! : option)
    model.commit()
  }

  const show = (miss: Missed) => (shown.value = shown.value === miss ? null : miss)
  watch(isOther, (is) => is && (shown.value = null))
  watch(model.laid, () => {
    streamed.clear()
    shown.value = null
    tried.value = null
  })

  const setDaring = (much: number) => (daring.value = much)
  return {
    answer,
    asked,
    refusal,
    isBusy,
    waiting,
    isOld,
    hasSameBalls,
    daring,
    shown,
    tried,
    plan,
    compare,
    cancel,
    tryOther,
    show,
    setDaring,
  }
}

export type SafetyModel = ReturnType<typeof useSafety>
