import { ref } from 'vue'
import { api, ask, type Alike, type PositionSummary, type PositionVersion, type SavedPosition } from '@/api/client'
import { useNewest } from '@/api/useNewest'
import { t } from '@/words'
import type { SheetModel } from '@/sheet/useSheet'

/** The sheet when something was sent. */
interface Sent {
  content: object
  opened: string | undefined
}

/** Saved positions: pages of a list, find, open, save, rename, copy, delete and bring back, older versions; refusals become sentences. */
export function usePositions(model: SheetModel) {
  const positions = ref<PositionSummary[]>([])
  const count = ref(0)
  const tags = ref<string[]>([])
  const words = ref('')
  /** The words whose positions are listed. */
  const found = ref('')
  const alike = ref<Alike[] | null>(null)
  const versions = ref<PositionVersion[] | null>(null)
  const deleted = ref<PositionSummary | null>(null)
  const refusal = ref('')
  const notice = ref('')

  let asked = 0

  async function page(skip: number) {
    const turn = ++asked
    const query = { words: words.value.trim() || undefined, skip }
    const { data, refusal: sentence } = await ask(api.GET('/api/positions', { params: { query } }))
    // Of two questions the later one counts.
    if (turn !== asked) return
    refusal.value = sentence ?? ''
    if (!data) return
    positions.value = skip ? [...positions.value, ...data.positions] : data.positions
    found.value = query.words ?? ''
    count.value = data.count
    tags.value = data.tags
  }

  /** The first page of those in which the words stand. */
  const refresh = () => page(0)

  /** Fetches the next page, if there is one. */
  const more = () => (positions.value.length < count.value ? page(positions.value.length) : Promise.resolve())

  /** Finds positions by words. */
  function find(wanted: string) {
    words.value = wanted
    alike.value = null
    return refresh()
  }

  const opening = useNewest<SavedPosition>()

  /** Opens a position, without an id the one that a first visit begins with; of two that are touched it is the later. */
  async function open(id?: string) {
    const found = await opening.put((signal) =>
      ask(
        id
          ? api.GET('/api/positions/{id}', { params: { path: { id } }, signal })
          : api.GET('/api/positions/first', { signal }),
      ),
    )
    refusal.value = opening.refusal.value
    if (found) model.open(found)
    return !!found
  }

  const content = () => ({ ...model.content(), mode: undefined })

  /** The sheet when something was sent: what is done to it meanwhile is not in what was sent. */
  const asSent = () => ({ content: content(), opened: model.sheet.value.opened?.id })

  function accept(saved: SavedPosition | undefined, sentence: string | undefined, words: string, sent: Sent) {
    refusal.value = sentence ?? ''
    if (!saved) return false
    // Another position may lie on the sheet by now.
    if (model.sheet.value.opened?.id === sent.opened) {
      model.markSaved(saved)
      if (JSON.stringify(content()) !== JSON.stringify(sent.content)) model.sheet.value.changed = true
    }
    notice.value = words
    void refresh()
    return true
  }

  /** Saves over the position that was opened. */
  async function save() {
    const opened = model.sheet.value.opened
    if (!opened || opened.isHouse) return false
    const sent = asSent()
    const body = { version: opened.version, ...sent.content }
    const { data, refusal: sentence } = await ask(
      api.PUT('/api/positions/{id}', { params: { path: { id: opened.id } }, body }),
    )
    return accept(data, sentence, t('positions.saved', { name: opened.name }), sent)
  }

  /** Saves under a name of its own. */
  async function saveAs(name: string, note: string, tags: string[]) {
    const sent = asSent()
    const body = { name, note, tags, ...sent.content }
    const { data, refusal: sentence } = await ask(api.POST('/api/positions', { body }))
    return accept(data, sentence, t('positions.saved', { name: name.trim() }), sent)
  }

  async function rename(name: string, note: string, tags: string[]) {
    const opened = model.sheet.value.opened
    if (!opened || opened.isHouse) return false
    const sent = asSent()
    const { data, refusal: sentence } = await ask(
      api.PUT('/api/positions/{id}/name', {
        params: { path: { id: opened.id } },
        body: { version: opened.version, name, note, tags },
      }),
    )
    const changed = model.sheet.value.changed
    const done = accept(data, sentence, t('positions.renamed', { name: name.trim() }), sent)
    if (done) model.sheet.value.changed = changed
    return done
  }

  async function remove(position: PositionSummary) {
    const { id, version } = position
    const { refusal: sentence } = await ask(
      api.DELETE('/api/positions/{id}', { params: { path: { id }, query: { version } } }),
    )
    refusal.value = sentence ?? ''
    if (sentence) return
    // The balls stay on the sheet; only the saved copy is gone.
    if (model.sheet.value.opened?.id === id) model.sheet.value.opened = null
    deleted.value = position
    await refresh()
  }

  async function bringBack() {
    if (!deleted.value) return
    const path = { id: deleted.value.id }
    const { data, refusal: sentence } = await ask(api.POST('/api/positions/{id}/bring-back', { params: { path } }))
    refusal.value = sentence ?? ''
    if (data) deleted.value = null
    await refresh()
  }

  async function copy(position: PositionSummary) {
    const path = { id: position.id }
    const { data, refusal: sentence } = await ask(api.POST('/api/positions/{id}/copy', { params: { path } }))
    await refresh()
    refusal.value = sentence ?? ''
    if (data) notice.value = t('positions.copied', { name: data.name })
  }

  /** Looks for saved positions like the sheet, mirrored or not; again, and all are shown. */
  async function findAlike() {
    if (alike.value) return void (alike.value = null)
    const { data, refusal: sentence } = await ask(
      api.POST('/api/positions/alike', { body: { balls: model.balls.value, count: 12 } }),
    )
    refusal.value = sentence ?? ''
    alike.value = data ?? null
  }

  /** What a position was before it was saved over; nothing for one that is not the owner's. */
  async function showVersions(id: string | null) {
    refusal.value = ''
    versions.value = null
    if (!id) return
    const { data, refusal: sentence } = await ask(api.GET('/api/positions/{id}/versions', { params: { path: { id } } }))
    refusal.value = sentence ?? ''
    versions.value = data ?? null
  }

  /** Goes back to an older version of the position on the sheet. */
  async function goBack(version: number) {
    const opened = model.sheet.value.opened
    if (!opened) return
    const { data, refusal: sentence } = await ask(
      api.POST('/api/positions/{id}/versions/{version}', {
        params: { path: { id: opened.id, version } },
        body: { version: opened.version },
      }),
    )
    refusal.value = sentence ?? ''
    if (!data) return
    model.open(data)
    versions.value = null
    notice.value = t('positions.wentBack', { version })
    await refresh()
  }

  return {
    positions,
    count,
    tags,
    words,
    found,
    alike,
    versions,
    deleted,
    refusal,
    notice,
    refresh,
    more,
    find,
    open,
    save,
    saveAs,
    rename,
    remove,
    bringBack,
    copy,
    findAlike,
    showVersions,
    goBack,
  }
}

export type Positions = ReturnType<typeof usePositions>
