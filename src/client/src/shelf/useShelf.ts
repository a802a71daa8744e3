import { computed, ref, type Ref } from 'vue'
import {
  api,
  ask,
  type Coefficients,
  type CueDocument,
  type Player,
  type Shelf,
  type TableDocument,
} from '@/api/client'

export type ShelfKind = 'players' | 'tables' | 'cues'
export type ShelfItem<K extends ShelfKind = ShelfKind> = Shelf[K][number]

/** A table in use: its profile and what differs from it. */
export interface Bed {
  profile: string | null
  coefficients: Coefficients | null
}

/** After how many milliseconds a shelf that was not to be had is asked for again. */
const again = 3000

const house = { players: 'club', tables: 'club', cues: 'house' } as const

/** What one kind of thing is asked for under; the server knows them by kind. */
const paths = {
  players: '/api/shelf/players',
  tables: '/api/shelf/tables',
  cues: '/api/shelf/cues',
} as const

/** Players, tables and cues, and which of them are in use. */
export function useShelf(profile: Ref<string>) {
  const shelf = ref<Shelf | null>(null)
  const refusal = ref('')
  /** The house's players have no rows of their own: which one is in use stands in this browser. */
  const housePlayer = ref(localStorage.getItem('deep-baize.player') ?? house.players)

  /** Who comes to the table next stands in this browser; empty for one who plays like the player. */
  const opponentId = ref(localStorage.getItem('deep-baize.opponent') ?? '')

  let timer: ReturnType<typeof setTimeout> | undefined

  /** Fetches the shelf; when it is not to be had, again and again until it is. */
  async function load() {
    clearTimeout(timer)
    const { data, refusal: sentence } = await ask(api.GET('/api/shelf'))
    refusal.value = sentence ?? ''
    if (data) shelf.value = data
    else timer = setTimeout(() => void load(), again)
  }
  /** Why it is not known who plays with what; empty when it is known, or not yet asked. */
  const unknown = computed(() => (shelf.value ? '' : refusal.value))

  const current = <K extends ShelfKind>(kind: K): ShelfItem<K> | undefined => {
    const items = (shelf.value?.[kind] ?? []) as ShelfItem<K>[]
    const fallback = kind === 'players' ? housePlayer.value : house[kind]
    return items.find((item) => item.isCurrent) ?? items.find((item) => item.isHouse && item.id === fallback)
  }
  const player = computed(() => current('players'))
  const cue = computed(() => current('cues'))
  /** One's own table counts while the sheet is on the profile that it is based on. */
  const table = computed(() => {
    const own = current('tables')
    return own && !own.isHouse && (own.document!.profile ?? 'club') === profile.value ? own : undefined
  })

  /** What the table, the cue and the player's own paces change about the profile; null when nothing does. */
  const coefficients = computed<Coefficients | null>(() => {
    const own = table.value?.document?.coefficients
    const { mass, endMassRatio, maxSpeed } = cue.value?.document ?? {}
    const paces = player.value?.document?.paces
    const hasPaces = !!paces && paces.length > 0
    const cueSays = mass != null || endMassRatio != null || maxSpeed != null || hasPaces
    if (!own && !cueSays) return null
    return {
      ...(own ?? {}),
      ...(cueSays ? { cue: { mass, endMassRatio, maxSpeed, paces: hasPaces ? paces : null } } : {}),
    }
  })
  /** The table in use with all that differs, as questions take it. */
  const bed = computed<Bed>(() => ({ profile: profile.value, coefficients: coefficients.value }))
  const playerDocument = computed<Player | null>(() => player.value?.document ?? null)
  const opponent = computed(() => shelf.value?.players.find((item) => item.id === opponentId.value))
  const opponentDocument = computed<Player | null>(() => opponent.value?.document ?? null)
  function setOpponent(id: string) {
    opponentId.value = id
    localStorage.setItem('deep-baize.opponent', id)
  }
  const doubt = computed(() => (table.value?.document?.measuredOn ? 'measured' : 'unmeasured'))

  /** Carries out a change and looks at the shelf again. */
  async function change(call: Promise<{ refusal?: string }>): Promise<boolean> {
    const { refusal: sentence } = await call
    await load()
    refusal.value = sentence ?? ''
    return !sentence
  }

  function use(kind: ShelfKind, id: string) {
    const item = shelf.value?.[kind].find((other) => other.id === id)
    if (kind === 'players' && item?.isHouse) {
      housePlayer.value = id
      localStorage.setItem('deep-baize.player', id)
    }
    return change(ask(api.POST(`${paths[kind]}/{id}/use`, { params: { path: { id } } })))
  }

  const copy = (kind: ShelfKind, id: string) =>
    change(ask(api.POST(`${paths[kind]}/{id}/copy`, { params: { path: { id } } })))

  const remove = (kind: ShelfKind, item: ShelfItem) =>
    change(
      ask(
        api.DELETE(`${paths[kind]}/{id}`, {
          params: { path: { id: item.id }, query: { version: item.version } },
        }),
      ),
    )

  const bringBack = (kind: ShelfKind, id: string) =>
    change(ask(api.POST(`${paths[kind]}/{id}/bring-back`, { params: { path: { id } } })))

  /** Saves what was edited over the version that was looked at. */
  function save<K extends ShelfKind>(kind: K, item: ShelfItem<K>) {
    const params = { path: { id: item.id } }
    const { name, note, version } = item
    const body = { name, note, version }
    if (kind === 'players')
      return change(
        ask(api.PUT('/api/shelf/players/{id}', { params, body: { ...body, document: item.document as Player } })),
      )
    if (kind === 'tables')
      return change(
        ask(api.PUT('/api/shelf/tables/{id}', { params, body: { ...body, document: item.document as TableDocument } })),
      )
    return change(
      ask(api.PUT('/api/shelf/cues/{id}', { params, body: { ...body, document: item.document as CueDocument } })),
    )
  }

  return {
    shelf,
    refusal,
    unknown,
    player,
    table,
    cue,
    coefficients,
    bed,
    playerDocument,
    opponent,
    opponentDocument,
    setOpponent,
    doubt,
    load,
    use,
    copy,
    remove,
    bringBack,
    save,
  }
}

export type ShelfModel = ReturnType<typeof useShelf>
