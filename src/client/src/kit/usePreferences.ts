import { useColorMode, useStorage } from '@vueuse/core'
import { computed } from 'vue'

/** How the table stands on the screen: as the screen allows, one of four ways, or seen from where the player stands. */
export type TurnChoice = 'auto' | 'left' | 'bottom' | 'right' | 'top' | 'player'
export type Units = 'metric' | 'imperial'

export interface Preferences {
  turn: TurnChoice
  units: Units
  letters: boolean
}

const standard: Preferences = { turn: 'auto', units: 'metric', letters: false }

/** What a number of metres is multiplied with to be shown, and what stands behind it. */
export const unitOf = (units: Units) =>
  units === 'metric'
    ? ({ factor: 1000, name: 'mm', digits: 1 } as const)
    : ({ factor: 1 / 0.0254, name: 'in', digits: 2 } as const)

/** What a person likes to see; it belongs to this browser and changes nothing that is stored about the table. */
export function usePreferences() {
  const kept = useStorage<Preferences>('deep-baize.preferences', { ...standard }, localStorage, { mergeDefaults: true })
  const { store: theme } = useColorMode({ storageKey: 'deep-baize.theme' })
  const set = (part: Partial<Preferences>) => (kept.value = { ...kept.value, ...part })
  return {
    theme,
    turn: computed(() => kept.value.turn),
    units: computed(() => kept.value.units),
    letters: computed(() => kept.value.letters),
    set,
    setTheme: (choice: 'auto' | 'light' | 'dark') => (theme.value = choice),
  }
}

export type PreferenceModel = ReturnType<typeof usePreferences>
