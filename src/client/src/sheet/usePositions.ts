import { ref } from 'vue'
import { api, ask, type LayoutSummary, type SavedLayout } from '@/api/client'
import type { SheetModel } from './useSheet'

/** Saved positions: list, open, save, rename, delete; what the server refuses becomes a sentence. */
export function usePositions(model: SheetModel) {
  const positions = ref<LayoutSummary[]>([])
  const refusal = ref('')
  const notice = ref('')

  async function refresh() {
    const { data, refusal: sentence } = await ask(api.GET('/api/layouts'))
    refusal.value = sentence ?? ''
    if (data) positions.value = data
  }

  async function open(id: string) {
    const { data, refusal: sentence } = await ask(api.GET('/api/layouts/{id}', { params: { path: { id } } }))
    refusal.value = sentence ?? ''
    if (data) model.open(data)
    return !!data
  }

  const content = () => {
    const { balls, stroke, profile, pot, keepPot } = model.sheet.value
    return { balls, stroke, profile, pot: pot && { ...pot, keep: keepPot } }
  }

  function accept(saved: SavedLayout | undefined, sentence: string | undefined, words: string) {
    refusal.value = sentence ?? ''
    if (!saved) return false
    model.markSaved(saved)
    notice.value = words
    void refresh()
    return true
  }

  /** Saves over the position that was opened. */
  async function save() {
    const opened = model.sheet.value.opened
    if (!opened || opened.isHouse) return false
    const body = { version: opened.version, ...content() }
    const { data, refusal: sentence } = await ask(
      api.PUT('/api/layouts/{id}', { params: { path: { id: opened.id } }, body }),
    )
    return accept(data, sentence, `Saved "${opened.name}".`)
  }

  /** Saves under a name of its own. */
  async function saveAs(name: string, note: string) {
    const body = { name, note, ...content() }
    const { data, refusal: sentence } = await ask(api.POST('/api/layouts', { body }))
    return accept(data, sentence, `Saved "${name.trim()}".`)
  }

  async function rename(name: string) {
    const opened = model.sheet.value.opened
    if (!opened || opened.isHouse) return false
    const changed = model.sheet.value.changed
    const { data, refusal: sentence } = await ask(
      api.PUT('/api/layouts/{id}/name', {
        params: { path: { id: opened.id } },
        body: { version: opened.version, name },
      }),
    )
    const done = accept(data, sentence, `Now called "${name.trim()}".`)
    if (done) model.sheet.value.changed = changed
    return done
  }

  async function remove(position: LayoutSummary) {
    const { id, version } = position
    const { refusal: sentence } = await ask(
      api.DELETE('/api/layouts/{id}', { params: { path: { id }, query: { version } } }),
    )
    refusal.value = sentence ?? ''
    if (sentence) return
    // The balls stay on the sheet; only the saved copy is gone.
    if (model.sheet.value.opened?.id === id) model.sheet.value.opened = null
    notice.value = `Deleted "${position.name}".`
    await refresh()
  }

  return { positions, refusal, notice, refresh, open, save, saveAs, rename, remove }
}

export type Positions = ReturnType<typeof usePositions>
