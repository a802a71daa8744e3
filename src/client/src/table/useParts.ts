import { computed, ref } from 'vue'
import type { Outline, PotPart, Stroke } from '@/api/client'
import { tabs, type Face } from '@/app/faces'
import type { PreferenceModel } from '@/app/usePreferences'
import { useBreak } from '@/breaks/useBreak'
import { useLineUp } from '@/breaks/useLineUp'
import { useChances } from '@/chances/useChances'
import { useComparison } from '@/chances/useComparison'
import { useZone } from '@/chances/useZone'
import { usePlayback } from '@/motion/usePlayback'
import type { ShelfModel } from '@/players/useShelf'
import { useBench } from '@/pots/useBench'
import { usePicking } from '@/pots/usePicking'
import { useReading } from '@/pots/useReading'
import { useWhere } from '@/pots/useWhere'
import { useFiles } from '@/sheet/useFiles'
import { useKeeping } from '@/sheet/useKeeping'
import { useLaying } from '@/sheet/useLaying'
import { useMarks } from '@/sheet/useMarks'
import { usePositions } from '@/sheet/usePositions'
import type { Server } from '@/sheet/useServer'
import type { SheetModel } from '@/sheet/useSheet'
import { t } from '@/words'
import { useSection } from './useSection'
import { useShot } from './useShot'

/**
 * Everything that the Table and the Break section show and do: the shot that is asked, what is said about it, and the bench beside it.
 *
 * @param outline - The table in use.
 * @param plans - True in the Break section: the bench plans.
 * @param drawing - The drawing of the table, for a picture of it.
 */
export function useParts(
  {
    model,
    server,
    preferences,
    shelf,
  }: { model: SheetModel; server: Server; preferences: PreferenceModel; shelf: ShelfModel },
  outline: () => Outline,
  plans: () => boolean,
  drawing: () => SVGSVGElement | null,
) {
  const positions = usePositions(model)
  const face = ref<Face>('stroke')
  const told = ref<number | null>(null)
  const selects = ref(false)
  const lineUp = useLineUp(model)
  const shot = useShot(
    model,
    outline,
    server,
    preferences.units,
    shelf.coefficients,
    () => (plans() ? lineUp.asked.value : null),
    () => playback.reset(),
  )
  const { prediction, pot } = shot
  const playback = usePlayback(prediction, model.balls)
  const picking = usePicking(model, prediction)
  const reading = useReading(
    model,
    computed(() => face.value === 'reading' || picking.picked.value !== null),
    shelf.coefficients,
  )
  const where = useWhere(shot.request, () => 2 * outline().ballRadius)
  const bench = useBench({ model, shot, picking, where, face, outline, beforeChange: () => playback.reset() })
  const { isHidden, take } = bench
  const zone = useZone(model, shelf, () => 2 * outline().ballRadius)
  const chances = useChances(shot, shelf, zone.goal)
  const comparison = useComparison(chances)
  const breaks = useBreak(model, shelf, lineUp, plans, () => playback.reset())
  const showsPlan = computed(() => plans() && (tabs.includes(face.value) || face.value === 'numbers'))
  const marks = useMarks(model, outline)
  const laying = useLaying(model, shot, () => preferences.units.value)
  const files = useFiles(model, laying, drawing)
  const keeping = useKeeping(model, server, shot.askAnew)
  const section = useSection({ model, shot, playback, bench, positions, laying, files, keeping, preferences, face })

  const shown = computed(() => (isHidden.value ? null : prediction.value))
  /** The stroke as it is played: with the aim that was found while the pot is kept. */
  const stroke = computed<Stroke>(() => ({ ...model.stroke.value, directionDeg: shot.directionDeg.value }))
  const inQuestion = computed(
    () => picking.picked.value ?? (face.value === 'reading' ? (model.pot.value?.ball ?? null) : null),
  )
  const entries = computed(() => (inQuestion.value ? reading.entriesOf(inQuestion.value) : []))
  const rest = computed(() => prediction.value?.final.find((ball) => ball.id === 'cue') ?? null)
  /** While a plan is shown its sentence stands for the stroke's; another ball that was touched has its own. */
  const said = computed(() => {
    const answer = breaks.answer.value
    if (!showsPlan.value || !answer || breaks.isOld.value || playback.active.value || breaks.other.value)
      return undefined
    return { sentence: answer.sentence, words: answer.decisive }
  })
  const playerName = computed(() => shelf.player.value?.name ?? t('app.player'))

  function pick(ball: string, more: boolean) {
    if (showsPlan.value) breaks.touch(ball)
    else if (section.canLay.value) laying.pick(ball, more)
    else bench.pick(ball)
  }

  /** Puts a stroke that was kept back on the sheet, with its pot. */
  function recall(index: number) {
    const plan = comparison.kept.value[index]?.question
    if (!plan) return
    model.setPot({ ...plan.pot, part: (plan.pot.part ?? 'opening') as PotPart })
    take({ pace: plan.strike.pace ?? model.stroke.value.pace, side: plan.strike.side, height: plan.strike.height })
  }

  function removeBall(ball: string) {
    if (laying.chosen.value.includes(ball)) laying.remove()
    else model.remove(ball)
  }

  return {
    model,
    server,
    preferences,
    positions,
    face,
    told,
    selects,
    shot,
    prediction,
    pot,
    playback,
    picking,
    reading,
    where,
    bench,
    zone,
    chances,
    comparison,
    breaks,
    showsPlan,
    marks,
    laying,
    files,
    keeping,
    section,
    shown,
    stroke,
    inQuestion,
    entries,
    rest,
    said,
    playerName,
    pick,
    recall,
    removeBall,
  }
}

export type Parts = ReturnType<typeof useParts>
