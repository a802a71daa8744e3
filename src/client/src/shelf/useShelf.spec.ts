import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { useShelf } from './useShelf'

const item = (id: string, document: unknown, more: object = {}) => ({
  id,
  name: id,
  note: '',
  version: 1,
  isCurrent: false,
  isHouse: false,
  document,
  ...more,
})

/** A server with one shelf, which remembers what it was asked. */
function server(shelf: { players?: unknown[]; tables?: unknown[]; cues?: unknown[] }) {
  const asked: string[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    asked.push(`${request.method} ${new URL(request.url).pathname}`)
    if (request.method !== 'GET') return new Response(null, { status: 204 })
    return new Response(JSON.stringify({ players: [], tables: [], cues: [], ...shelf }), {
      headers: { 'content-type': 'application/json' },
    })
  })
  return asked
}

describe('useShelf', () => {
  beforeEach(() => localStorage.clear())
  afterEach(() => vi.unstubAllGlobals())

  it('says what the table, the cue and the own paces change about the profile', async () => {
    const paces = [{ pace: 3, whiteSpeed: 1.3, scatter: 0 }]
    server({
      players: [item('una', { preset: 'club', paces }, { isCurrent: true })],
      tables: [
        item(
          'window',
          { profile: 'club', coefficients: { table: { rollingFriction: 0.02 } }, measuredOn: '2026-01-02' },
          { isCurrent: true },
        ),
      ],
      cues: [item('ash', { mass: 0.52 }, { isCurrent: true })],
    })
    const profile = ref('club')
    const shelf = useShelf(profile)
    await shelf.load()
    expect(shelf.coefficients.value).toEqual({
      table: { rollingFriction: 0.02 },
      cue: { mass: 0.52, endMassRatio: undefined, maxSpeed: undefined, paces },
    })
    expect(shelf.doubt.value).toBe('measured')

    // On another profile one's own table does not count, nor that it was measured.
    profile.value = 'lively'
    expect(shelf.table.value).toBeUndefined()
    expect(shelf.coefficients.value?.table).toBeUndefined()
    expect(shelf.doubt.value).toBe('unmeasured')
  })

  it('changes nothing about the profile when nobody differs from the house', async () => {
    server({ players: [item('club', { preset: 'club' }, { isHouse: true })] })
    const shelf = useShelf(ref('club'))
    await shelf.load()
    expect(shelf.player.value?.id).toBe('club')
    expect(shelf.coefficients.value).toBeNull()
  })

  it('remembers which of the house’s players is in use', async () => {
    const players = ['starter', 'club', 'expert'].map((id) => item(id, { preset: id }, { isHouse: true }))
    const asked = server({ players })
    const shelf = useShelf(ref('club'))
    await shelf.load()
    await shelf.use('players', 'expert')
    expect(asked).toContain('POST /api/shelf/players/expert/use')
    expect(shelf.player.value?.id).toBe('expert')

    const later = useShelf(ref('club'))
    await later.load()
    expect(later.playerDocument.value).toMatchObject({ preset: 'expert' })
  })

  it('says that it does not know who plays, and asks again until it knows', async () => {
    vi.useFakeTimers()
    try {
      const sentence = 'The database does not answer; nothing was changed.'
      const away = vi.fn(async () => new Response(JSON.stringify({ detail: sentence }), { status: 503 }))
      vi.stubGlobal('fetch', away)
      const shelf = useShelf(ref('club'))
      expect(shelf.unknown.value).toBe('')
      await shelf.load()
      expect(shelf.unknown.value).toBe(sentence)
      expect(shelf.player.value).toBeUndefined()
      await vi.advanceTimersByTimeAsync(10_000)
      expect(away.mock.calls.length).toBeGreaterThan(2)
      server({ players: [item('una', { preset: 'club' }, { isCurrent: true })] })
      await vi.advanceTimersByTimeAsync(4000)
      expect(shelf.unknown.value).toBe('')
      expect(shelf.player.value?.id).toBe('una')
      const calls = away.mock.calls.length
      await vi.advanceTimersByTimeAsync(20_000)
      expect(away.mock.calls.length).toBe(calls)
    } finally {
      vi.useRealTimers()
    }
  })
})
