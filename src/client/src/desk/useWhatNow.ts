import { computed, ref, watch } from 'vue'
import { api, ask, type NowAnswer, type SafetyQuestion } from '@/api/client'
import { useNewest } from '@/api/useNewest'
import type { ShelfModel } from '@/shelf/useShelf'
import type { SheetModel } from '@/sheet/useSheet'

const seed = 1
/** Strokes that a plan may simulate: some seconds on a small machine. */
const budget = 16_000

/** What everything about leaving something is asked with: the sheet, who plays, and who comes to the table then. */
export const safetyQuestion = (model: SheetModel, shelf: ShelfModel): SafetyQuestion => ({
  balls: model.balls.value.map((ball) => ({ ...ball })),
  state: model.state.value,
  player: shelf.playerDocument.value,
  opponent: shelf.opponentDocument.value,
  daring: 0,
  budget,
  seed,
  profile: model.profile.value,
  coefficients: shelf.coefficients.value,
  doubt: shelf.doubt.value,
})

/**
 * "What now?": weighs pot and safety by the state of play, opens the section that answers and has it asked.
 *
 * @param go - Opens a section.
 */
export function useWhatNow(model: SheetModel, shelf: ShelfModel, go: (section: NowAnswer['section']) => void) {
  const newest = useNewest<NowAnswer>()
  /** The section that is to ask its question at once; it takes the wish away. */
  const wanted = ref<NowAnswer['section'] | null>(null)
  const question = computed(() => safetyQuestion(model, shelf))
  watch(
    () => JSON.stringify(question.value),
    () => newest.clear(),
  )

  /** Opens a section and has its question asked. */
  function open(section: NowAnswer['section']) {
    wanted.value = section
    go(section)
  }

  async function weigh() {
    const body = question.value
    const found = await newest.put((signal) => ask(api.POST('/api/now', { body, signal })))
    if (found) open(found.section)
  }

  /** What was said, while it is about the balls that lie there. */
  const said = computed(() => newest.answer.value?.words ?? '')
  return { said, refusal: newest.refusal, isBusy: newest.isBusy, wanted, weigh, open }
}

export type WhatNow = ReturnType<typeof useWhatNow>

/** Has a section ask its question when it was opened for that. */
export function useWanted(now: WhatNow, section: NowAnswer['section'], isOpen: () => boolean, run: () => unknown) {
  watch(
    [now.wanted, isOpen],
    () => {
      if (now.wanted.value !== section || !isOpen()) return
      now.wanted.value = null
      run()
    },
    { immediate: true },
  )
}
