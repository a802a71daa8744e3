import { effectScope, watch } from 'vue'
import type { DeskEntry, DeskSection } from './contract'
import type { Desk } from './createDesk'

/** Loads a section of the desk when it is opened first; what it holds stays while another one is open. */
export function useOpenSection(desk: Desk, entry: () => DeskEntry) {
  const scope = effectScope()
  const known = new Map<string, NonNullable<Desk['open']['value']>>()

  async function load(asked: DeskEntry) {
    const parts = (await asked.load()).default as DeskSection
    const found = { parts, model: scope.run(() => parts.use(desk, () => entry().name === asked.name))! }
    known.set(asked.name, found)
    return found
  }

  async function open(asked: DeskEntry) {
    desk.failed.value = null
    try {
      const found = known.get(asked.name) ?? (await load(asked))
      if (entry().name === asked.name) desk.open.value = found
    } catch {
      // The server is away: the section that was open stays.
      if (entry().name === asked.name) desk.failed.value = () => void open(asked)
    }
  }

  watch(entry, open, { immediate: true })
}
