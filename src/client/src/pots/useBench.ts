import { computed, ref, type Ref } from 'vue'
import type { Face } from '@/kit/faces'
import type { Fix, Outline, PlaceOnBed, PotPart, Stroke } from '@/api/client'
import type { SheetModel } from '@/sheet/useSheet'
import type { Shot } from '@/table/useShot'
import type { Picking } from './usePicking'
import type { Where } from './useWhere'

/** What a player does with a pot on the bench and on the cloth. */
export function useBench(parts: {
  model: SheetModel
  shot: Shot
  picking: Picking
  where: Where
  face: Ref<Face>
  outline: () => Outline
  beforeChange: () => void
}) {
  const { model, shot, picking, where, face } = parts
  const { prediction, pot } = shot
  /** A place that the keys move before it is the pupil's answer. */
  const draft = ref<PlaceOnBed | null>(null)
  /** The allowance that is left out of the aim to see what it does. */
  const leftOut = ref<string | null>(null)

  const isHidden = computed(() => face.value === 'white' && where.answerIsHidden.value)

  function setStroke(part: Partial<Stroke>) {
    leftOut.value = null
    shot.setStroke(part)
  }

  /** Takes a stroke that was found: one step of the history. */
  function take(part: Partial<Stroke>) {
    setStroke(part)
    model.commit()
  }

  function takeFix(fix: Fix) {
    const chosen = model.pot.value
    if (chosen) model.setPot({ ...chosen, part: fix.part as PotPart })
    take({ pace: fix.pace, side: fix.side, height: fix.height })
  }

  function keepPot(keep: boolean) {
    leftOut.value = null
    parts.beforeChange()
    // The aim stays where it is when the pot is let loose.
    if (!keep) model.setStroke({ directionDeg: shot.directionDeg.value })
    model.setKeepPot(keep)
    model.commit()
  }

  function setPart(part: PotPart) {
    const chosen = model.pot.value
    if (chosen) model.setPot({ ...chosen, part })
    model.commit()
  }

  function leaveOut(kind: string | null) {
    const term = pot.value?.aim?.terms.find((other) => other.kind === kind)
    if (term) setStroke({ directionDeg: term.directionWithoutDeg })
    else model.setKeepPot(true)
    leftOut.value = term ? kind : null
  }

  function pick(ball: string) {
    if (face.value === 'white' && where.view.value === 'cannon' && ball !== 'cue' && ball !== model.pot.value?.ball)
      where.setSecond(ball)
    else picking.pickBall(ball)
  }

  function touch(x: number, y: number) {
    if (isHidden.value) where.setGuess({ x, y })
    else where.setWanted({ x, y })
  }

  function answerByKeys() {
    const from = prediction.value?.aim?.objectBall
    draft.value = from ? { x: from.x, y: from.y } : { x: parts.outline().length / 2, y: parts.outline().width / 2 }
    requestAnimationFrame(() => document.querySelector<SVGGElement>('[data-marker=guess]')?.focus())
  }

  function giveGuess(place: PlaceOnBed) {
    where.setGuess(place)
    draft.value = null
  }

  return {
    draft,
    leftOut,
    isHidden,
    setStroke,
    take,
    takeFix,
    keepPot,
    setPart,
    leaveOut,
    pick,
    touch,
    answerByKeys,
    giveGuess,
  }
}

export type Bench = ReturnType<typeof useBench>
