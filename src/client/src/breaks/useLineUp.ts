import { watchDebounced } from '@vueuse/core'
import { computed, ref, shallowRef } from 'vue'
import type { AttemptTask, StepAnswer } from '@/api/client'
import type { AttemptsModel } from '@/attempts/useAttempts'
import type { ShelfModel } from '@/shelf/useShelf'
import type { SheetModel } from '@/sheet/useSheet'

/** What is played: a frame, or a line-up with cushions or without. */
export type PlayRules = 'frame' | 'lineUp' | 'noCushion'

/** The balls that are played at, as text: a white that is put elsewhere in the D begins no other line-up. */
const objectBalls = (model: SheetModel) => JSON.stringify(model.balls.value.filter((ball) => ball.id !== 'cue'))

/** The rules of a line-up, its attempts, and where it begins; each attempt begins with the same balls and is kept when it is over. */
export function useLineUp(model: SheetModel, shelf: ShelfModel, kept: AttemptsModel) {
  const rules = ref<PlayRules>('frame')
  const attempts = ref(3)
  const used = ref(0)
  const best = ref(0)
  const start = shallowRef<{ balls: SheetModel['balls']['value']; state: SheetModel['state']['value'] } | null>(null)
  /** The balls at the start and as each stroke by the rules left them: undo leads back to one of them. */
  let known: string[] = []

  /** The rules as the server is asked by them; null in a frame. */
  const asked = computed(() => (rules.value === 'frame' ? null : { cushions: rules.value === 'lineUp' }))
  const isOver = computed(() => used.value >= attempts.value)
  /** What is attempted: the balls from which it began, or that lie there while it has not. */
  const task = computed<AttemptTask | null>(
    () =>
      asked.value && {
        lineUp: asked.value,
        balls: (start.value?.balls ?? model.balls.value).map((ball) => ({ ...ball })),
        player: shelf.player.value?.id,
        profile: model.profile.value,
        coefficients: shelf.coefficients.value,
      },
  )
  watchDebounced(
    () => JSON.stringify(task.value),
    () => void kept.look(task.value),
    { debounce: 300 },
  )

  /** Begins anew with the balls that lie on the sheet. */
  function reset() {
    start.value = null
    known = []
    used.value = 0
    best.value = 0
  }

  function choose(next: PlayRules) {
    rules.value = next
    reset()
  }

  function setAttempts(count: number) {
    attempts.value = count
    reset()
  }

  /** Remembers where the line-up begins before its first stroke; balls that were laid otherwise since begin another. */
  function begin() {
    if (rules.value === 'frame') return
    if (start.value && !known.includes(objectBalls(model))) reset()
    if (start.value) return
    known = [objectBalls(model)]
    start.value = { balls: model.balls.value.map((ball) => ({ ...ball })), state: model.state.value }
  }

  /**
   * Puts what a stroke came to on the sheet. An attempt that is over is counted and kept, and its balls are laid again.
   * @returns true when an attempt was over
   */
  function take(answer: StepAnswer) {
    const isDone = rules.value !== 'frame' && start.value !== null && (!!answer.fails || answer.isOver)
    if (isDone) {
      // What the sheet's break had before the attempt is none of its points.
      const points = Math.max(0, (answer.state.break ?? 0) - (start.value!.state?.break ?? 0))
      used.value++
      best.value = Math.max(best.value, points)
      void keep({ ...task.value!, points, end: answer.fails ?? 'cleared' })
      model.setBalls(start.value!.balls)
      model.setState(start.value!.state)
    } else {
      model.setBalls(answer.balls)
      model.setState(answer.state)
    }
    known.push(objectBalls(model))
    return isDone
  }

  async function keep(attempt: Parameters<AttemptsModel['keep']>[0]) {
    await kept.keep(attempt)
    await kept.look(task.value)
  }

  return {
    rules,
    attempts,
    used,
    best,
    asked,
    isOver,
    tally: kept.tally,
    refusal: kept.refusal,
    choose,
    setAttempts,
    reset,
    begin,
    take,
  }
}

export type LineUpModel = ReturnType<typeof useLineUp>
