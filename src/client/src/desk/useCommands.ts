import { useEventListener } from '@vueuse/core'
import { computed, nextTick, onMounted, watch, type Ref } from 'vue'
import { faceKeys, type Face } from '@/kit/faces'
import { isTyping } from '@/kit/keys'
import type { PreferenceModel, TurnChoice } from '@/kit/usePreferences'
import type { Playback } from '@/motion/usePlayback'
import type { Bench } from '@/pots/useBench'
import type { Files } from '@/book/useFiles'
import type { Keeping } from '@/book/useKeeping'
import type { Laying } from '@/laying/useLaying'
import type { Positions } from '@/book/usePositions'
import type { SheetModel } from '@/sheet/useSheet'
import { t } from '@/words'
import type { Shot } from '@/table/useShot'
import type { WhatNow } from './useWhatNow'

const turns: TurnChoice[] = ['left', 'bottom', 'right', 'top', 'player']

/** What is done to the sheet from the bar and by keys, wherever the focus is. */
export function useCommands(parts: {
  model: SheetModel
  shot: Shot
  playback: Playback
  bench: Bench
  positions: Positions
  laying: Laying
  files: Files
  keeping: Keeping
  preferences: PreferenceModel
  face: Ref<Face>
  /** Does the section's one thing. */
  act: () => unknown
  /** Plays on, where the section does. */
  playOn: () => unknown
  whatNow: Pick<WhatNow, 'weigh'>
  drawing: () => SVGSVGElement | null
}) {
  const { model, shot, playback, bench, positions, laying, files, preferences, face } = parts

  /** Where the focus was when the form for saving was opened: it goes back there. */
  let cameFrom: HTMLElement | SVGElement | null = null

  async function save() {
    const opened = model.sheet.value.opened
    if (!opened || opened.isHouse || !(await positions.save())) saveAs()
  }

  function saveAs() {
    if (face.value !== 'save') cameFrom = document.activeElement as HTMLElement | SVGElement | null
    face.value = 'save'
  }

  async function focusAgain() {
    await nextTick()
    if (document.activeElement === document.body) cameFrom?.focus()
    cameFrom = null
  }

  const canLay = computed(() => face.value === 'lay' || face.value === 'presets')

  const focusWhite = () => parts.drawing()?.querySelector<SVGElement>('[data-ball=cue]')?.focus()

  const toggle = (other: Face) => (face.value = face.value === other ? 'stroke' : other)

  function showPositions() {
    toggle('open')
    positions.alike.value = null
    if (face.value === 'open') void positions.find('')
  }

  async function openPosition(id?: string) {
    playback.reset()
    if (!(await positions.open(id))) return
    laying.choose([])
    shot.afterOpening()
    face.value = 'stroke'
  }

  function goBack(way: 'undo' | 'redo') {
    playback.reset()
    laying.choose([])
    shot.letGo()
    model[way]()
  }

  function clear() {
    playback.reset()
    laying.choose([])
    model.clear()
    face.value = 'lay'
  }

  const turnOn = () => preferences.set({ turn: turns[(turns.indexOf(preferences.turn.value) + 1) % turns.length]! })

  function playOrPause() {
    if (playback.running.value) playback.pause()
    else playback.run()
  }

  const plainKeys: Record<string, () => void> = {
    p: playOrPause,
    n: () => playback.step(),
    k: () => model.pot.value && bench.keepPot(!model.keepPot.value),
    m: () => void laying.mirrorAll(),
    v: () => turnOn(),
    r: () => void (canLay.value ? laying.layRed() : shot.layRed()),
    c: () => void shot.layColours(),
    f: focusWhite,
    g: () => void parts.act(),
    q: () => void parts.whatNow.weigh(),
    o: () => void parts.playOn(),
    delete: () => laying.chosen.value.length > 0 && laying.remove(),
    '?': () => toggle('help'),
  }
  const commandKeys: Record<string, (shift: boolean) => void> = {
    s: () => void save(),
    z: (shift) => goBack(shift ? 'redo' : 'undo'),
    c: () => void files.copy(),
  }

  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    const target = event.target as HTMLElement
    const typing = isTyping(event)
    const key = event.key.toLowerCase()
    if (key === 'escape' && target instanceof HTMLElement) return target.blur()
    if (event.ctrlKey || event.metaKey) {
      if (!commandKeys[key] || (typing && key !== 's')) return
      if (key === 'c' && !window.getSelection()?.isCollapsed) return
      commandKeys[key](event.shiftKey)
    } else if (typing || event.altKey) return
    else if (faceKeys[key]) face.value = faceKeys[key]
    else if (plainKeys[key]) plainKeys[key]()
    else return
    event.preventDefault()
  })

  useEventListener(window, 'paste', (event: ClipboardEvent) => {
    const text = event.clipboardData?.getData('text/plain') ?? ''
    if (event.target instanceof HTMLInputElement || !text.trim()) return
    face.value = 'files'
    void files.read(new Blob([text]), t('files.pasted'))
    event.preventDefault()
  })

  onMounted(async () => {
    await model.whenReady()
    if (!model.isFresh) {
      await (model.sheet.value.raw.length > 0 ? parts.keeping.settle() : parts.keeping.send())
      return
    }
    if (await parts.keeping.takeOver()) return
    await openPosition()
  })

  // Balls are chosen on the face that lays them.
  watch(face, (now, before) => {
    if (now !== 'lay') laying.choose([])
    if (before === 'save') void focusAgain()
  })

  return {
    save,
    saveAs,
    toggle,
    showPositions,
    openPosition,
    undo: () => goBack('undo'),
    redo: () => goBack('redo'),
    clear,
    canLay,
  }
}
