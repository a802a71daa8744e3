import { watchDebounced } from '@vueuse/core'
import { computed, shallowRef } from 'vue'
import { api, ask, type PlayState, type StateReading } from '@/api/client'
import { emptyState } from './sheet'
import type { SheetModel } from './useSheet'

/** The state of play: what was set, and what the server infers from the balls. */
export function useState(model: SheetModel) {
  const reading = shallowRef<StateReading | null>(null)
  const question = computed(() =>
    JSON.stringify({ balls: model.balls.value.map((ball) => ball.id).sort(), state: model.state.value }),
  )

  async function read() {
    const asked = question.value
    const { data } = await ask(api.POST('/api/sheet/state', { body: JSON.parse(asked) }))
    if (!data || asked !== question.value) return
    reading.value = data
    // What can no longer be with these balls is gone with them: it belongs to the step that took them away.
    if (data.dropped.length > 0) {
      model.setState(data.state ?? null)
      model.amend()
    }
  }

  watchDebounced(question, read, { debounce: 60, maxWait: 300, immediate: true })

  /** Sets a part of it: one step of the history. */
  function set(part: Partial<PlayState>) {
    const next = { ...emptyState, ...model.state.value, ...part }
    const isUnset = JSON.stringify(next) === JSON.stringify(emptyState)
    model.setState(isUnset ? null : next)
    model.commit()
  }

  /** In free practice nobody keeps to rules: nothing is on or nominated then. */
  const setPractice = (practice: boolean) => set({ practice, on: null, nominated: null, freeBall: false })

  /** A colour is nominated, and with it a colour is on; with a free ball the ball on stays. */
  function nominate(ball: string) {
    const isFree = model.state.value?.freeBall ?? false
    const again = model.state.value?.nominated === ball
    if (isFree) set({ nominated: again ? null : ball })
    else set(again ? { nominated: null } : { on: 'colour', nominated: ball, practice: false })
  }

  return { reading, set, setPractice, nominate }
}

export type State = ReturnType<typeof useState>
