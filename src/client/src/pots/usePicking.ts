import { ref, watch, type Ref } from 'vue'
import type { Pocket, Prediction } from '@/api/client'
import type { SheetModel } from '@/sheet/useSheet'

/** Choosing the pot by touch: a ball, then a pocket. */
export function usePicking(model: SheetModel, prediction: Ref<Prediction | null>) {
  /** The ball that was touched and still waits for its pocket. */
  const picked = ref<string | null>(null)

  watch(model.laid, () => (picked.value = null))

  function pickBall(id: string) {
    picked.value = id === 'cue' || picked.value === id ? null : id
  }

  /**
   * A pocket alone is for the ball that the stroke meets first.
   * @param meant - The ball that was touched last where a touch does not ask for a pocket: it is meant.
   */
  function pickPocket(pocket: Pocket, meant?: string) {
    const ball = picked.value ?? meant ?? model.pot.value?.ball ?? prediction.value?.outcome.firstContact ?? null
    if (!ball) return
    picked.value = null
    choose(ball, pocket)
  }

  function choose(ball: string, pocket: Pocket) {
    model.setPot({ ball, pocket, part: 'opening' })
    model.commit()
  }

  function drop() {
    picked.value = null
    model.setPot(null)
    model.commit()
  }

  return { picked, pickBall, pickPocket, choose, drop }
}

export type Picking = ReturnType<typeof usePicking>
