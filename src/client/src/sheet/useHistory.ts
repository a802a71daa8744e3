import { computed, ref } from 'vue'
import type { StepStore } from './stepStore'

/**
 * The history of everything on the sheet: every step as text, so that going back gives exactly what was there. It has no end while the
 * page is open, and a reload finds it again.
 *
 * @param first - The sheet as the page finds it.
 * @param store - Where the steps are kept.
 * @param isSame - True for two steps that a player would call the same sheet.
 */
export function useHistory(first: string, store: StepStore, isSame: (one: string, other: string) => boolean) {
  let steps = [first]
  const at = ref(0)
  const count = ref(1)

  const keep = (from: number) => {
    count.value = steps.length
    store.write({ steps: [...steps], at: at.value }, from)
  }

  /** Takes over what an earlier page kept; what happened since comes on top. */
  const ready = store.read().then((kept) => {
    if (!kept) return keep(0)
    const since = isSame(steps[0]!, kept.steps[kept.at]!) ? steps.slice(1) : steps
    const isUnchanged = since.length === 0
    const back = at.value - (steps.length - 1)
    steps = isUnchanged ? kept.steps : [...kept.steps.slice(0, kept.at + 1), ...since]
    at.value = isUnchanged ? kept.at : steps.length - 1 + back
    keep(0)
  })

  /** Adds a step; what had been undone is gone. */
  function add(step: string) {
    steps.splice(at.value + 1, Infinity, step)
    at.value++
    keep(at.value)
  }

  /** Changes the step that lies on the table: what is added belongs to it. */
  function amend(step: string) {
    if (steps[at.value] === step) return
    steps[at.value] = step
    keep(at.value)
  }

  function move(way: -1 | 1): string | null {
    const next = at.value + way
    if (next < 0 || next >= steps.length) return null
    at.value = next
    keep(steps.length)
    return steps[next]!
  }

  return {
    ready,
    add,
    amend,
    undo: () => move(-1),
    redo: () => move(1),
    current: () => steps[at.value]!,
    canUndo: computed(() => at.value > 0),
    canRedo: computed(() => at.value < count.value - 1),
  }
}
