import { useManualRefHistory, watchDebounced } from '@vueuse/core'
import { computed, ref, toRaw } from 'vue'
import type { PotPart, SavedLayout, Stroke } from '@/api/client'
import { emptySheet, readSheet, startStroke, type ChosenPot, type Sheet } from './sheet'

const storageKey = 'deep-baize.sheet.1'

/** The working sheet: one history for everything on it, kept in the browser without being asked. */
export function useSheet() {
  const kept = readSheet(localStorage.getItem(storageKey))
  const sheet = ref<Sheet>(kept ?? emptySheet())
  const history = useManualRefHistory(sheet, { clone: (value) => structuredClone(deepRaw(value)), capacity: 200 })

  const keep = () => localStorage.setItem(storageKey, JSON.stringify(sheet.value))
  watchDebounced(sheet, keep, { deep: true, debounce: 200, maxWait: 1000 })
  window.addEventListener('pagehide', keep)

  /** Closes a gesture: what was changed since the last one becomes one step of the history. */
  function commit() {
    if (essence(sheet.value) === essence(history.last.value.snapshot)) return
    sheet.value.changed = true
    history.commit()
  }

  /** Takes what was changed into the step before: it belongs to it. */
  function amend() {
    history.last.value = { ...history.last.value, snapshot: deepRaw(sheet.value) }
  }

  function setStroke(part: Partial<Stroke>) {
    sheet.value.stroke = { ...sheet.value.stroke, ...part }
  }

  /** Chooses a pot, or none; a pot that is chosen is kept until the player turns the aim. */
  function setPot(pot: ChosenPot | null) {
    sheet.value.pot = pot
    sheet.value.keepPot = true
  }

  function setKeepPot(keep: boolean) {
    sheet.value.keepPot = keep
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

  function place(id: string, x: number, y: number) {
    const ball = sheet.value.balls.find((other) => other.id === id)
    if (ball) {
      ball.x = x
      ball.y = y
    } else sheet.value.balls.push({ id, x, y })
  }

  function remove(id: string) {
    if (id === 'cue') return
    if (sheet.value.pot?.ball === id) sheet.value.pot = null
    sheet.value.balls = sheet.value.balls.filter((ball) => ball.id !== id)
    commit()
  }

  function open(saved: SavedLayout) {
    const { id, name, note, version, isHouse } = saved
    sheet.value = {
      balls: saved.balls.map((ball) => ({ ...ball })),
      stroke: { ...startStroke, ...saved.stroke },
      pot: saved.pot ? { ball: saved.pot.ball, pocket: saved.pot.pocket, part: saved.pot.part as PotPart } : null,
      keepPot: saved.pot?.keep ?? true,
      profile: saved.profile.id,
      opened: { id, name, note, version, isHouse },
      changed: false,
    }
    history.commit()
  }

  /** Notes that the sheet was saved; the balls stay as they are. */
  function markSaved(saved: SavedLayout) {
    const { id, name, note, version, isHouse } = saved
    sheet.value.opened = { id, name, note, version, isHouse }
    sheet.value.changed = false
    history.commit()
  }

  function clear() {
    sheet.value = { ...emptySheet(), profile: sheet.value.profile }
    history.commit()
  }

  return {
    sheet,
    isFresh: kept === null,
    balls: computed(() => sheet.value.balls),
    stroke: computed(() => sheet.value.stroke),
    profile: computed(() => sheet.value.profile),
    pot: computed(() => sheet.value.pot),
    keepPot: computed(() => sheet.value.keepPot),
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    undo: history.undo,
    redo: history.redo,
    commit,
    amend,
    setStroke,
    setPot,
    setKeepPot,
    followAim,
    setProfile,
    place,
    remove,
    open,
    markSaved,
    clear,
  }
}

export type SheetModel = ReturnType<typeof useSheet>

/** What a player would call the same sheet: the direction of a pot that is kept is an answer, not a change. */
function essence(sheet: Sheet): string {
  const isKept = sheet.pot !== null && sheet.keepPot
  return JSON.stringify(isKept ? { ...sheet, stroke: { ...sheet.stroke, directionDeg: 0 } } : sheet)
}

function deepRaw(value: Sheet): Sheet {
  return JSON.parse(JSON.stringify(value)) as Sheet
}
