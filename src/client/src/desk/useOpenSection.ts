import { effectScope, watch } from 'vue'
import type { Desk } from './createDesk'
import type { DeskEntry, DeskSection } from './contract'

/** Loads a section of the desk when it is opened first; what it holds stays while another one is open. */
export function useOpenSection(desk: Desk, entry: () => DeskEntry) {
  const scope = effectScope()
  const known = new Map<string, NonNullable<Desk['open']['value']>>()

  watch(
    entry,
    async (asked) => {
      let found = known.get(asked.name)
      if (!found) {
        const parts = (await asked.load()).default as DeskSection
        const model = scope.run(() => parts.use(desk, () => entry().name === asked.name))!
        known.set(asked.name, (found = { parts, model }))
      }
      if (entry().name === asked.name) desk.open.value = found
    },
    { immediate: true },
  )
}
