import { useEventListener, watchDebounced } from '@vueuse/core'
import { computed, ref, toRaw } from 'vue'
import type { BallPlace, Mark, PlayState, PositionContent, PotPart, SavedPosition, Stroke, Wish } from '@/api/client'
import {
  begun,
  emptySheet,
  readSheet,
  startStroke,
  type ChosenPot,
  type InUse,
  type LineUpRun,
  type Named,
  type OpenedPosition,
  type Ruled,
  type Sheet,
} from './sheet'
import { useStepStore, type StepStore } from './stepStore'
import { useHistory } from './useHistory'

const storageKey = 'deep-baize.sheet.1'

/** The working sheet: one history for everything on it, kept in the browser without being asked. */
export function useSheet(
  store: StepStore = useStepStore(),
  memory: Pick<Storage, 'getItem' | 'setItem'> = localStorage,
) {
  const kept = readSheet(memory.getItem(storageKey))
  const sheet = ref<Sheet>(kept ?? emptySheet())
  const history = useHistory(textOf(sheet.value), store, isSame)
  /** Rises when something else is put on the sheet as a whole: what was worked out for the one before is no longer about it. */
  const laid = ref(0)
  /** Rises with every undo and redo. */
  const wentBack = ref(0)

  let inUse: () => InUse = () => ({ coefficients: null, player: null })

  const keep = () => memory.setItem(storageKey, textOf(sheet.value))
  watchDebounced(sheet, keep, { deep: true, debounce: 200, maxWait: 1000 })
  useEventListener(window, 'pagehide', keep)

  /** Adds the sheet as it lies as a step. */
  function addStep() {
    history.add(textOf(sheet.value))
    keep()
  }

  /** Closes a gesture: what was changed since the last one becomes one step of the history. */
  function commit() {
    if (isSame(textOf(sheet.value), history.current())) return
    sheet.value.changed ||= !isSame(positionOf(sheet.value), positionOf(JSON.parse(history.current()) as Sheet))
    addStep()
  }

  /** Takes what was changed into the step before: it belongs to it. */
  const amend = () => history.amend(textOf(sheet.value))

  function goTo(step: string | null) {
    if (step === null) return
    wentBack.value++
    sheet.value = { ...emptySheet(), ...(JSON.parse(step) as Sheet) }
  }

  function setStroke(part: Partial<Stroke>) {
    sheet.value.stroke = { ...sheet.value.stroke, ...part }
  }

  /** Chooses a pot, or none; a pot that is chosen is kept until the player turns the aim. */
  function setPot(pot: ChosenPot | null) {
    sheet.value.pot = pot
    if (pot) sheet.value.aim = null
    sheet.value.keepPot = true
  }

  function setKeepPot(keepIt: boolean) {
    sheet.value.keepPot = keepIt
  }

  /** Takes over the direction that the server found for the pot. Nothing is asked anew: it is the answer to the question. */
  function followAim(directionDeg: number) {
    toRaw(sheet.value).stroke.directionDeg = directionDeg
  }

  /** Puts the sheet on another table: one step of the history. */
  function setProfile(id: string) {
    sheet.value.profile = id
    commit()
  }

  function setState(state: PlayState | null) {
    sheet.value.state = state
  }

  function place(id: string, x: number, y: number) {
    const ball = sheet.value.balls.find((other) => other.id === id)
    if (ball) {
      ball.x = x
      ball.y = y
    } else sheet.value.balls.push({ id, x, y })
    if (sheet.value.raw.includes(id)) sheet.value.raw = sheet.value.raw.filter((other) => other !== id)
  }

  /** Lays a ball where the hand holds it, while nobody can say where it settles. */
  function placeRaw(id: string, x: number, y: number) {
    place(id, x, y)
    sheet.value.raw = [...sheet.value.raw, id]
  }

  /** Takes over balls that were settled or changed as one. */
  function setBalls(balls: BallPlace[], raw: string[] = []) {
    sheet.value.balls = balls.map((ball) => ({ ...ball }))
    sheet.value.raw = raw
    if (sheet.value.pot && !balls.some((ball) => ball.id === sheet.value.pot!.ball)) sheet.value.pot = null
    if (sheet.value.aim?.ball && !balls.some((ball) => ball.id === sheet.value.aim!.ball)) sheet.value.aim = null
  }

  function remove(...ids: string[]) {
    const gone = new Set(ids.filter((id) => id !== 'cue'))
    setBalls(
      sheet.value.balls.filter((ball) => !gone.has(ball.id)),
      sheet.value.raw.filter((id) => !gone.has(id)),
    )
    commit()
  }

  function setMarks(marks: Mark[]) {
    sheet.value.marks = marks
  }

  function setWishes(wishes: Wish[]) {
    sheet.value.wishes = wishes
  }

  function setLineUp(run: LineUpRun | null) {
    sheet.value.lineUp = run
  }

  function setRuled(ruled: Ruled | null) {
    sheet.value.ruled = ruled
  }

  /**
   * Puts other content on the sheet: one step of the history, the first one when nothing was ever laid. Stroke and pot are taken when
   * it has them.
   */
  function lay(content: PositionContent, opened: OpenedPosition | null, changed: boolean, named: Named | null = null) {
    const isBlank = !history.canUndo.value && history.current() === textOf(emptySheet())
    laid.value++
    const { lineUp } = sheet.value
    sheet.value = {
      balls: content.balls.map((ball) => ({ ...ball })),
      stroke: content.stroke ? dialsOf(content.stroke) : { ...startStroke },
      marks: content.marks ?? [],
      state: content.state ?? null,
      raw: [],
      wishes: [],
      lineUp: lineUp && begun(lineUp),
      ruled: null,
      pot: content.pot
        ? { ball: content.pot.ball, pocket: content.pot.pocket, part: content.pot.part as PotPart }
        : null,
      aim: content.aim ?? null,
      keepPot: content.pot?.keep ?? true,
      profile: content.profile ?? sheet.value.profile,
      opened,
      named,
      changed,
    }
    if (isBlank) amend()
    else addStep()
    keep()
  }

  function open(saved: SavedPosition) {
    lay({ ...saved, profile: saved.profile.id }, asOpened(saved), false)
  }

  /** Notes that the sheet was saved; the balls stay as they are. */
  function markSaved(saved: SavedPosition) {
    sheet.value.opened = asOpened(saved)
    sheet.value.named = null
    sheet.value.changed = false
    addStep()
  }

  function clear() {
    laid.value++
    const { profile, lineUp } = sheet.value
    sheet.value = { ...emptySheet(), profile, lineUp: lineUp && begun(lineUp) }
    addStep()
  }

  /** The sheet as the server takes it. */
  function content(): PositionContent {
    const { balls, stroke, profile, pot, aim, keepPot, marks, state } = sheet.value
    return { balls, stroke, profile, pot: pot && { ...pot, keep: keepPot }, aim, marks, state, ...inUse() }
  }

  /** Says where the table, cue and player in use come from: one set of them for every question. */
  function playWith(source: () => InUse) {
    inUse = source
  }

  /** What decides how balls lie on the sheet. */
  const bed = () => ({ profile: sheet.value.profile, coefficients: inUse().coefficients })

  return {
    sheet,
    isFresh: kept === null,
    balls: computed(() => sheet.value.balls),
    stroke: computed(() => sheet.value.stroke),
    profile: computed(() => sheet.value.profile),
    pot: computed(() => sheet.value.pot),
    keepPot: computed(() => sheet.value.keepPot),
    marks: computed(() => sheet.value.marks),
    state: computed(() => sheet.value.state),
    wishes: computed(() => sheet.value.wishes),
    lineUp: computed(() => sheet.value.lineUp),
    ruled: computed(() => sheet.value.ruled),
    laid,
    wentBack,
    /** What the sheet is called: as it was saved, or as a file or a preset calls it. */
    called: computed<Named | null>(() => sheet.value.opened ?? sheet.value.named),
    whenReady: () => history.ready,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    undo: () => goTo(history.undo()),
    redo: () => goTo(history.redo()),
    commit,
    amend,
    setStroke,
    setPot,
    setKeepPot,
    followAim,
    setProfile,
    setState,
    setMarks,
    setWishes,
    setLineUp,
    setRuled,
    place,
    placeRaw,
    setBalls,
    remove,
    lay,
    open,
    markSaved,
    clear,
    content,
    playWith,
    bed,
  }
}

export type SheetModel = ReturnType<typeof useSheet>

/** The dials of a stroke that was kept. */
function dialsOf({ directionDeg, pace, side, height, elevationDeg }: NonNullable<PositionContent['stroke']>): Stroke {
  return { directionDeg, pace, side: side ?? 0, height: height ?? 0, elevationDeg: elevationDeg ?? 0 }
}

function asOpened({ id, name, note, version, isHouse, tags }: SavedPosition): OpenedPosition {
  return { id, name, note, version, isHouse, tags }
}

/** What of a sheet a saved position holds: what is asked about it, or attempted at it, does not change it. */
const positionOf = (sheet: Sheet) => textOf({ ...sheet, wishes: [], lineUp: null, ruled: null, changed: false })

/** What a player would call the same sheet: the direction of a pot that is kept is an answer, not a change. */
function essence(sheet: Sheet): string {
  const isKept = sheet.pot !== null && sheet.keepPot
  return JSON.stringify(isKept ? { ...sheet, stroke: { ...sheet.stroke, directionDeg: 0 } } : sheet)
}

const isSame = (one: string, other: string) => essence(JSON.parse(one) as Sheet) === essence(JSON.parse(other) as Sheet)

const textOf = (sheet: Sheet) => JSON.stringify(sheet)
