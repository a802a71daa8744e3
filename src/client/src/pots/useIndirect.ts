import { useDebounceFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, ask, type IndirectPot, type IndirectReading } from '@/api/client'
import { useNewest } from '@/api/useNewest'
import type { ShelfModel } from '@/shelf/useShelf'
import type { SheetModel } from '@/sheet/useSheet'

const settleMs = 200

/** Doubles, plants, cannons and in-offs that are on: asked while they are looked at, one of them put on the sheet when it is touched. */
export function useIndirect(model: SheetModel, shelf: ShelfModel, beforeChange: () => void) {
  const { answer, refusal, isBusy, isOld, put, clear } = useNewest<IndirectReading>()
  /** True while somebody looks at them. */
  const wanted = ref(false)
  /** The one that lies on the sheet. */
  const chosen = shallowRef<IndirectPot | null>(null)
  const question = computed(() => ({
    balls: model.balls.value.map((ball) => ({ ...ball })),
    state: model.state.value,
    player: shelf.playerDocument.value,
    profile: model.profile.value,
    coefficients: shelf.coefficients.value,
  }))

  const askSoon = useDebounceFn(() => {
    const body = question.value
    if (wanted.value) void put((signal) => ask(api.POST('/api/chances/indirect', { body, signal })))
  }, settleMs)

  watch(
    [wanted, () => JSON.stringify(question.value)],
    ([, now], [, before]) => {
      if (now !== before) chosen.value = null
      void askSoon()
    },
    { immediate: true },
  )
  watch(model.laid, () => clear())

  /** Lays the stroke on the sheet; it is not aimed anew when the dials change. */
  function choose(pot: IndirectPot) {
    beforeChange()
    const { directionDeg, pace, side, height, elevationDeg } = pot.stroke
    model.setPot(null)
    model.setStroke({ directionDeg, pace, side, height, elevationDeg })
    model.commit()
    chosen.value = pot
  }

  const look = (is: boolean) => (wanted.value = is)
  return { answer, refusal, isBusy, isOld, chosen, choose, look }
}

export type Indirect = ReturnType<typeof useIndirect>
