import { computed, ref, shallowRef, type Ref } from 'vue'
import type { Outline, Pocket, PotPart, Stroke } from '@/api/client'
import { sharedFaces, type Face } from '@/kit/faces'
import { useChances } from '@/chances/useChances'
import { useComparison } from '@/chances/useComparison'
import { useZone } from '@/chances/useZone'
import { usePlayback } from '@/motion/usePlayback'
import { useBench } from '@/pots/useBench'
import { usePicking } from '@/pots/usePicking'
import { useIndirect } from '@/pots/useIndirect'
import { useReading } from '@/pots/useReading'
import { useWhere } from '@/pots/useWhere'
import { useFiles } from '@/book/useFiles'
import { useKeeping } from '@/book/useKeeping'
import { useLaying } from '@/laying/useLaying'
import { useMarks } from '@/laying/useMarks'
import { usePositions } from '@/book/usePositions'
import { t } from '@/words'
import type { Shared } from './context'
import type { DeskSection, SectionModel } from './contract'
import { useView } from '@/table/useView'
import { useCommands } from './useCommands'
import { useShot } from '@/table/useShot'

/**
 * Everything on and around the table, whichever section is open: the shot that is asked, what is said about it, and what the bench needs.
 *
 * @param outline - The table in use.
 * @param room - What holds the drawing: how the table stands and how large it is follows from its size.
 * @param drawing - The drawing of the table, for a picture of it.
 */
export function createDesk(
  { model, server, preferences, shelf, whatNow }: Shared,
  outline: () => Outline,
  room: Ref<HTMLElement | null>,
  drawing: () => SVGSVGElement | null,
) {
  /** The section that is open, once it is loaded. */
  const open = shallowRef<{ parts: DeskSection; model: SectionModel } | null>(null)
  /** Tries again to load a section that could not be loaded; null while all is well. */
  const failed = shallowRef<(() => void) | null>(null)
  const positions = usePositions(model)
  const face = ref<Face>('stroke')
  const told = ref<number | null>(null)
  const selects = ref(false)
  const shot = useShot(
    model,
    outline,
    server,
    preferences.units,
    shelf.coefficients,
    () => open.value?.model.lineUp?.value ?? null,
    () => view.value.perPixel,
    () => playback.reset(),
  )
  const { prediction, pot } = shot
  const { view, width, inset } = useView(outline, preferences.turn, () => shot.directionDeg.value, room)
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
  const indirect = useIndirect(model, shelf, () => playback.reset())
  const zone = useZone(model, shelf, () => 2 * outline().ballRadius)
  const chances = useChances(shot, shelf, zone.goal)
  const comparison = useComparison(chances)
  /** True unless the bench shows what all sections share: positions, files, how the table is seen. */
  const showsSection = computed(() => !sharedFaces.includes(face.value))
  const marks = useMarks(model, outline)
  const laying = useLaying(model, shot, () => preferences.units.value)
  const files = useFiles(model, laying, drawing)
  const keeping = useKeeping(model, server, shot.askAnew)
  /** The one thing to do in the section: where it has none of its own, the stroke is played as motion. */
  const action = computed(
    () =>
      open.value?.model.action?.value ?? {
        label: playback.running.value ? t('motion.pause') : t('motion.play'),
        isBusy: false,
        run: () => (playback.running.value ? playback.pause() : playback.run()),
      },
  )
  const act = () => !action.value.isBusy && action.value.run()
  const commands = useCommands({
    model,
    shot,
    playback,
    bench,
    positions,
    laying,
    files,
    keeping,
    preferences,
    face,
    act,
    playOn: () => open.value?.model.playOn?.(),
    whatNow,
    drawing,
  })

  const shown = computed(() => (isHidden.value ? null : (playback.delivered.value ?? prediction.value)))
  /** The stroke as it is played: with the aim that was found while the pot is kept. */
  const stroke = computed<Stroke>(() => ({ ...model.stroke.value, directionDeg: shot.directionDeg.value }))
  const inQuestion = computed(
    () => picking.picked.value ?? (face.value === 'reading' ? (model.pot.value?.ball ?? null) : null),
  )
  const entries = computed(() => (inQuestion.value ? reading.entriesOf(inQuestion.value) : []))
  const rest = computed(() => prediction.value?.final.find((ball) => ball.id === 'cue') ?? null)
  /** What the section says in place of the stroke's verdict. */
  const said = computed(() =>
    showsSection.value && !playback.active.value ? open.value?.model.said?.value : undefined,
  )
  const playerName = computed(() => shelf.player.value?.name ?? t('app.player'))

  /** A ball that was touched; by a key its place can be typed next. */
  function pick(ball: string, more: boolean, byKey = false) {
    const takes = open.value?.model.pick
    if (takes && showsSection.value && takes(ball)) return
    if (commands.canLay.value) {
      if (byKey && !more) laying.askWhere(ball)
      else laying.pick(ball, more)
    } else bench.pick(ball)
  }

  /** A pocket is for the ball that was touched last, also where touching balls lays them. */
  function pickPocket(pocket: Pocket) {
    const [only, ...more] = laying.chosen.value.filter((ball) => ball !== 'cue')
    picking.pickPocket(pocket, more.length === 0 ? only : undefined)
  }

  /** Why there is no chance to tell: the pot cannot be, its ball is not on, or the question was refused. */
  const noChance = computed(() => {
    const asked = pot.value
    if (asked && model.pot.value?.ball === asked.ball && model.keepPot.value && !asked.isSolved)
      return asked.sentence ?? ''
    return chances.refusal.value
  })

  /** Puts a stroke that was kept back on the sheet, with its pot. */
  function recall(index: number) {
    const plan = comparison.kept.value[index]?.question
    if (!plan) return
    model.setPot({ ...plan.pot, part: (plan.pot.part ?? 'opening') as PotPart })
    const { pace, side, height, elevationDeg } = plan.strike
    take({ pace: pace ?? model.stroke.value.pace, side, height, elevationDeg })
  }

  function removeBall(ball: string) {
    if (laying.chosen.value.includes(ball)) laying.remove()
    else model.remove(ball)
  }

  return {
    model,
    server,
    preferences,
    shelf,
    whatNow,
    outline,
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
    indirect,
    where,
    bench,
    zone,
    chances,
    comparison,
    open,
    failed,
    view,
    width,
    inset,
    showsSection,
    marks,
    laying,
    files,
    keeping,
    commands,
    action,
    act,
    shown,
    stroke,
    inQuestion,
    entries,
    rest,
    said,
    playerName,
    pick,
    pickPocket,
    noChance,
    recall,
    removeBall,
  }
}

export type Desk = ReturnType<typeof createDesk>
