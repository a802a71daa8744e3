import { watchDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { AttemptTask, StepAnswer } from '@/api/client'
import type { AttemptsModel } from '@/attempts/useAttempts'
import type { ShelfModel } from '@/shelf/useShelf'
import { begun, objectBalls, type LineUpRun, type Try } from '@/sheet/sheet'
import type { SheetModel } from '@/sheet/useSheet'

/** What is played: a frame, or a line-up with cushions or without. */
export type PlayRules = 'frame' | 'lineUp' | 'noCushion'

const usualAttempts = 3

/**
 * The rules of a line-up, its attempts, and where it begins; each attempt begins with the same balls and is kept when it is over. All of
 * it lies on the sheet: undo takes an attempt back, and what was kept of it.
 */
export function useLineUp(model: SheetModel, shelf: ShelfModel, kept: AttemptsModel) {
  const run = model.lineUp
  /** How many attempts a line-up that is chosen next allows. */
  const chosen = ref(run.value?.attempts ?? usualAttempts)
  const attempts = computed(() => run.value?.attempts ?? chosen.value)
  const tries = computed(() => run.value?.tries ?? [])
  const rules = computed<PlayRules>(() => (!run.value ? 'frame' : run.value.cushions ? 'lineUp' : 'noCushion'))
  const used = computed(() => tries.value.length)
  const best = computed(() => Math.max(0, ...tries.value.map((one) => one.points)))

  /** The rules as the server is asked by them; null in a frame. */
  const asked = computed(() => run.value && { cushions: run.value.cushions })
  const isOver = computed(() => used.value >= attempts.value)
  /** What is attempted: the balls from which it began, or that lie there while it has not. */
  const task = computed<AttemptTask | null>(
    () =>
      asked.value &&
      (run.value?.start?.task ?? {
        lineUp: asked.value,
        balls: model.balls.value.map((ball) => ({ ...ball })),
        player: shelf.player.value?.id,
        profile: model.profile.value,
        coefficients: shelf.coefficients.value,
      }),
  )
  watchDebounced(
    () => JSON.stringify(task.value),
    () => void kept.look(task.value),
    { debounce: 300, immediate: true },
  )

  /** Undo and redo change what was attempted: what is kept follows. */
  watch([model.wentBack, run], ([step, now], [before, last]) => {
    if (step === before || !now || now.id !== last?.id) return
    const missing = (from: Try[], all: Try[]) => all.filter((one) => !from.some((other) => other.id === one.id))
    for (const one of missing(now.tries, last.tries)) void again(kept.takeBack(one.id))
    for (const one of missing(last.tries, now.tries)) void again(kept.keep(one.id, attemptOf(now.start!.task, one)))
  })

  async function again(done: Promise<unknown>) {
    await done
    await kept.look(task.value)
  }

  const set = (next: LineUpRun | null) => {
    model.setLineUp(next)
    model.commit()
  }

  /** Begins anew with the balls that lie on the sheet. */
  function reset() {
    if (run.value) set(begun(run.value))
  }

  function choose(next: PlayRules) {
    set(next === 'frame' ? null : begun({ cushions: next === 'lineUp', attempts: attempts.value }))
  }

  function setAttempts(count: number) {
    chosen.value = count
    if (run.value) set(begun({ cushions: run.value.cushions, attempts: count }))
  }

  /** Remembers where the line-up begins before its first stroke; balls that were laid otherwise since begin another. */
  function begin() {
    if (!run.value) return
    const left = objectBalls(model.balls.value)
    if (run.value.start && run.value.left === left) return
    if (run.value.start) model.setLineUp(begun(run.value))
    model.setLineUp({ ...run.value, start: { task: task.value!, state: model.state.value }, left })
  }

  /**
   * Puts what a stroke came to on the sheet. An attempt that is over is counted and kept, and its balls are laid again.
   * @returns true when an attempt was over
   */
  function take(answer: StepAnswer) {
    const start = run.value?.start
    const isDone = !!start && (!!answer.fails || answer.isOver)
    if (isDone) {
      // What the sheet's break had before the attempt is none of its points.
      const points = Math.max(0, (answer.state.break ?? 0) - (start.state?.break ?? 0))
      const one: Try = { id: crypto.randomUUID(), points, end: answer.fails ?? 'cleared' }
      model.setLineUp({ ...run.value!, tries: [...tries.value, one] })
      void again(kept.keep(one.id, attemptOf(start.task, one)))
    }
    model.setBalls(isDone ? start.task.balls : answer.balls)
    model.setState(isDone ? start.state : answer.state)
    if (run.value) model.setLineUp({ ...run.value, left: objectBalls(model.balls.value) })
    return isDone
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

const attemptOf = (task: AttemptTask, { points, end }: Try) => ({ ...task, points, end })

export type LineUpModel = ReturnType<typeof useLineUp>
