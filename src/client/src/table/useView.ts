import { useElementSize, useWindowSize } from '@vueuse/core'
import { computed, type Ref } from 'vue'
import type { Outline } from '@/api/client'
import type { TurnChoice } from '@/app/usePreferences'
import { frame, mm, sizeOf, type Turn, type View } from './view'

const fixed: Record<string, Turn> = { left: 0, bottom: 1, right: 2, top: 3 }

/** How the table stands on the screen, and how large it is drawn. */
export function useView(
  outline: () => Outline,
  choice: Ref<TurnChoice>,
  directionDeg: () => number,
  drawing: Ref<HTMLElement | null>,
) {
  const { width: screenWidth, height: screenHeight } = useWindowSize()
  const { width: room } = useElementSize(drawing)
  const isUpright = computed(() => screenHeight.value > screenWidth.value)

  const turn = computed<Turn>(() => {
    if (choice.value === 'player') return playersTurn(directionDeg())
    if (choice.value === 'auto') return isUpright.value ? 1 : 0
    return fixed[choice.value] ?? 0
  })
  const size = computed(() => sizeOf({ ...outline(), turn: turn.value } as View))
  /** Height that the table may take, so that nothing scrolls beside it. */
  const most = computed(() => {
    const others = isUpright.value ? (screenWidth.value < 700 ? 190 : 372) : 314
    return Math.max(320, screenHeight.value - others)
  })
  const width = computed(() => {
    const full = size.value.width + 2 * frame
    const tall = size.value.height + 2 * frame
    return Math.min(room.value || 900, (most.value * full) / tall)
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
