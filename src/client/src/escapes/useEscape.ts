import { computed, ref, shallowRef, watch } from 'vue'
import { watchThrottled } from '@vueuse/core'
import { api, ask, type EscapeAnswer, type EscapeRoute, type EscapeSketch, type SafetyQuestion } from '@/api/client'
import { useNewest } from '@/api/useNewest'
import { useStreamed } from '@/api/useStreamed'
import { safetyQuestion } from '@/desk/useWhatNow'
import type { Playback } from '@/motion/usePlayback'
import type { ShelfModel } from '@/shelf/useShelf'
import type { SheetModel } from '@/sheet/useSheet'

/** Ways that are listed before all are asked for. */
const few = 3

/** The way out of a snooker: asked with one button, streamed as it gets better, put on the sheet; with other ways. */
export function useEscape(
  model: SheetModel,
  shelf: ShelfModel,
  playback: Pick<Playback, 'reset'>,
  isOpen: () => boolean,
) {
  const streamed = useStreamed<SafetyQuestion, EscapeAnswer>('/api/escapes/plan', () => model.commit())
  const { answer, asked, refusal, isBusy, waiting, drop: cancel } = streamed
  const question = computed(() => safetyQuestion(model, shelf))
  const isOther = computed(() => asked.value !== null && JSON.stringify(asked.value) !== JSON.stringify(question.value))
  /** True when what is shown was asked for another sheet or for other players. */
  const isOld = computed(() => isOther.value && !isBusy.value)
  const sketch = useNewest<EscapeSketch>()
  /** While balls are moved the widest ways follow them, several times a second. */
  watchThrottled(
    () => JSON.stringify(question.value.balls),
    () => {
      const body = question.value
      if (isOpen() && answer.value && isOther.value)
        void sketch.put((signal) => ask(api.POST('/api/escapes/sketch', { body, signal })))
    },
    { throttle: 100 },
  )
  /** Ways of balls that lie otherwise than when it was asked; none while an answer holds. */
  const sketched = computed(() => (isOld.value ? (sketch.answer.value?.ways ?? []) : []))
  /** The way that lies on the sheet. */
  const chosen = shallowRef<EscapeRoute | null>(null)
  const hasMirror = ref(false)
  const hasFamily = ref(false)
  const showsAll = ref(false)
  const routes = computed(() => {
    const all = answer.value?.routes ?? []
    return showsAll.value ? all : all.slice(0, few)
  })

  async function plan() {
    chosen.value = null
    showsAll.value = false
    await streamed.put(question.value, follow)
  }

  /** Puts the best way on the sheet as it gets better. */
  function follow(found: EscapeAnswer) {
    // Balls that were moved while it looked: what it finds is about a table that is no more.
    if (isOther.value) return cancel()
    if (found.routes[0]) put(found.routes[0])
  }

  function put(route: EscapeRoute) {
    playback.reset()
    chosen.value = route
    model.setPot(null)
    const { directionDeg, pace, side, height, elevationDeg } = route.stroke
    model.setStroke({ directionDeg, pace, side, height, elevationDeg })
  }

  function take(route: EscapeRoute) {
    put(route)
    model.commit()
  }

  watch(model.laid, () => {
    streamed.clear()
    sketch.clear()
    chosen.value = null
  })

  return {
    answer,
    refusal,
    isBusy,
    waiting,
    isOld,
    chosen,
    sketched,
    hasMirror,
    hasFamily,
    showsAll,
    routes,
    few,
    plan,
    cancel,
    take,
  }
}

export type EscapeModel = ReturnType<typeof useEscape>
