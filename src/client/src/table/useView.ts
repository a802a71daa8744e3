import { useElementSize, useWindowSize } from '@vueuse/core'
import { computed, type Ref } from 'vue'
import type { Outline } from '@/api/client'
import type { TurnChoice } from '@/kit/usePreferences'
import { frame, mm, sizeOf, type Turn, type View } from './view'

const fixed: Record<string, Turn> = { left: 0, bottom: 1, right: 2, top: 3 }

/** Widest screen, in pixels, on which the page is one column; as in section.css. */
const phone = 700
/** Height of the run rule under the table, in pixels. */
const runRuleHeight = 46

/** How the table stands on the screen, and how large it is drawn. */
export function useView(
  outline: () => Outline,
  choice: Ref<TurnChoice>,
  directionDeg: () => number,
  room: Ref<HTMLElement | null>,
) {
  const { width: screenWidth, height: screenHeight } = useWindowSize()
  const { width: roomWidth, height: roomHeight } = useElementSize(room)
  const isUpright = computed(() => screenHeight.value > screenWidth.value)

  const turn = computed<Turn>(() => {
    if (choice.value === 'player') return playersTurn(directionDeg())
    if (choice.value === 'auto') return isUpright.value ? 1 : 0
    return fixed[choice.value] ?? 0
  })
  const size = computed(() => sizeOf({ ...outline(), turn: turn.value } as View))
  /** Height that the table may take: on a phone, where the page scrolls, most of the screen; else what the words leave. */
  const most = computed(() =>
    screenWidth.value <= phone ? screenHeight.value - 190 : (roomHeight.value || 560) - runRuleHeight,
  )
  const width = computed(() => {
    const full = size.value.width + 2 * frame
    const tall = size.value.height + 2 * frame
    return Math.min(roomWidth.value || 900, (Math.max(240, most.value) * full) / tall)
  })
  const view = computed<View>(() => ({
    ...outline(),
    turn: turn.value,
    perPixel: (size.value.width + 2 * frame) / Math.max(1, width.value),
  }))
  /** How far the cushion stands from the edge of the drawing, in percent of its width. */
  const inset = computed(() => (100 * frame) / (size.value.width + 2 * frame))

  return { view, width, inset, isUpright, length: computed(() => mm(outline().length)) }
}

/** The quarter turn in which the stroke goes most nearly up the screen: the table as the player behind the white sees it. */
function playersTurn(directionDeg: number): Turn {
  const quarter = ((Math.round(directionDeg / 90) % 4) + 4) % 4
  // Straight up the table: baulk at the bottom. Towards the green side: baulk on the left. And so on.
  return ([1, 0, 3, 2] as const)[quarter]!
}
