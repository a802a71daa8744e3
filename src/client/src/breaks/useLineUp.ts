import { computed, ref } from 'vue'
import type { StepAnswer } from '@/api/client'
import type { SheetModel } from '@/sheet/useSheet'

/** What is played: a frame, or a line-up with cushions or without. */
export type PlayRules = 'frame' | 'lineUp' | 'noCushion'

/** The rules of a line-up, its attempts, and where it begins; each attempt begins with the same balls. */
export function useLineUp(model: SheetModel) {
  const rules = ref<PlayRules>('frame')
  const attempts = ref(3)
  const used = ref(0)
  const best = ref(0)
  let start: { balls: SheetModel['balls']['value']; state: SheetModel['state']['value'] } | null = null

  /** The rules as the server is asked by them; null in a frame. */
  const asked = computed(() => (rules.value === 'frame' ? null : { cushions: rules.value === 'lineUp' }))
  const isOver = computed(() => used.value >= attempts.value)

  /** Begins anew with the balls that lie on the sheet. */
  function reset() {
    start = null
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

  /** Remembers where the line-up begins before its first stroke. */
  function begin() {
    if (rules.value === 'frame' || start) return
    start = { balls: model.balls.value.map((ball) => ({ ...ball })), state: model.state.value }
  }

  /** Counts an attempt that is over and lays the balls for the next; false while it goes on. */
  function judge(answer: StepAnswer) {
    if (rules.value === 'frame' || !start || (!answer.fails && !answer.isOver)) return false
    used.value++
    best.value = Math.max(best.value, answer.state.break ?? 0)
    model.setBalls(start.balls)
    model.setState(start.state)
    return true
  }

  return { rules, attempts, used, best, asked, isOver, choose, setAttempts, reset, begin, judge }
}

export type LineUpModel = ReturnType<typeof useLineUp>
