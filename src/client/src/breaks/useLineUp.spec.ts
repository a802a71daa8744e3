import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import { useAttempts } from '@/attempts/useAttempts'
import type { StepAnswer } from '@/api/client'
import type { ShelfModel } from '@/shelf/useShelf'
import { useSheet } from '@/sheet/useSheet'
import type { StepStore } from '@/sheet/stepStore'
import { useServer } from '@/sheet/useServer'
import { useLineUp } from './useLineUp'

const white = { id: 'cue', x: 1, y: 0.5 }
const red = { id: 'red1', x: 2, y: 1 }
const shelf = { player: ref({ id: 'club' }), coefficients: ref(null) } as unknown as ShelfModel

/** The real sheet, with a store that holds nothing. */
function sheet() {
  const store: StepStore = {
    read: () => Promise.resolve(null),
    write: () => undefined,
    whenKept: () => Promise.resolve(),
  }
  const model = useSheet(store, { getItem: () => null, setItem: () => undefined })
  model.setBalls([white, red])
  model.commit()
  return model
}

const step = (part: Partial<StepAnswer>) =>
  ({ balls: [white], state: { break: 1 }, isOver: false, fails: null, ...part }) as unknown as StepAnswer

/** The requests that were sent, and whether anybody answers. */
function listen() {
  const sent: { id: string; body: { points: number; end: string; balls: unknown[] } }[] = []
  const server = { isThere: true, fails: false }
  vi.stubGlobal('fetch', async (request: Request | string) => {
    if (typeof request === 'string') return new Response(null, { status: server.isThere ? 200 : 503 })
    if (!server.isThere) throw new TypeError('nobody')
    if (server.fails && request.method === 'PUT')
      return new Response(JSON.stringify({ code: 'databaseAway', detail: 'away' }), { status: 503 })
    const id = request.url.split('/').pop()!
    if (request.method === 'PUT') sent.push({ id, body: await request.json() })
    if (request.method === 'DELETE') {
      sent.splice(0, Infinity, ...sent.filter((one) => one.id !== id))
      return new Response(null, { status: 204 })
    }
    return new Response(JSON.stringify({ words: 'told' }), { headers: { 'content-type': 'application/json' } })
  })
  return { sent, server }
}

describe('useLineUp', () => {
  beforeEach(() => {
    localStorage.clear()
    vi.useFakeTimers()
    return () => {
      vi.useRealTimers()
      vi.unstubAllGlobals()
    }
  })

  const play = () => {
    const scope = effectScope()
    const model = scope.run(sheet)!
    const lineUp = scope.run(() => useLineUp(model, shelf, useAttempts(useServer())))!
    lineUp.choose('noCushion')
    return { model, lineUp, scope }
  }

  it('keeps an attempt with its points and its end, and lays its balls again', async () => {
    const { sent } = listen()
    const { model, lineUp, scope } = play()
    lineUp.begin()
    expect(lineUp.take(step({}))).toBe(false)
    expect(model.balls.value).toEqual([white])
    lineUp.begin()
    expect(lineUp.take(step({ fails: 'cushion' }))).toBe(true)
    expect(model.balls.value).toEqual([white, red])
    await vi.advanceTimersByTimeAsync(1000)
    expect(sent.map(({ body }) => [body.points, body.end, body.balls.length])).toEqual([[1, 'cushion', 2]])
    expect(lineUp.tally.value?.words).toBe('told')
    scope.stop()
  })

  it('sends what nobody took once somebody answers again, under the same id and once', async () => {
    const { sent, server } = listen()
    server.isThere = false
    const { lineUp, scope } = play()
    lineUp.begin()
    lineUp.take(step({ isOver: true }))
    await vi.advanceTimersByTimeAsync(100)
    const kept = JSON.parse(localStorage.getItem('deep-baize.attempts')!) as { id: string }[]
    expect(sent).toEqual([])
    server.isThere = true
    await vi.advanceTimersByTimeAsync(5000)
    expect(sent.map(({ id, body }) => [id, body.end])).toEqual([[kept[0]!.id, 'cleared']])
    expect(JSON.parse(localStorage.getItem('deep-baize.attempts')!)).toEqual([])
    scope.stop()
  })

  it('sends again what a database that was away did not take', async () => {
    const { sent, server } = listen()
    server.fails = true
    const { lineUp, scope } = play()
    lineUp.begin()
    lineUp.take(step({ fails: 'missed' }))
    await vi.advanceTimersByTimeAsync(1000)
    expect(lineUp.refusal.value).toBe('away')
    server.fails = false
    await vi.advanceTimersByTimeAsync(5000)
    expect(sent).toHaveLength(1)
    expect(lineUp.refusal.value).toBe('')
    scope.stop()
  })

  it('goes on with the same line-up after undo, and counts only the points of the attempt', async () => {
    const { sent } = listen()
    const { model, lineUp, scope } = play()
    model.setState({ break: 9 } as never)
    model.commit()
    lineUp.begin()
    lineUp.take(step({ state: { break: 10 } as never }))
    model.commit()
    model.undo()
    expect(model.balls.value).toEqual([white, red])
    lineUp.begin()
    lineUp.take(step({ fails: 'missed', state: { break: 10 } as never }))
    expect([lineUp.used.value, lineUp.best.value]).toEqual([1, 1])
    expect(model.balls.value).toEqual([white, red])
    await vi.advanceTimersByTimeAsync(1000)
    expect(sent[0]!.body.points).toBe(1)
    scope.stop()
  })

  // Issue 17, point 2: undo takes back attempts and counters with the balls, and what was kept of them.
  it('takes an attempt back with undo, on the sheet and where it is kept, and counts it again with redo', async () => {
    const { sent } = listen()
    const { model, lineUp, scope } = play()
    const strike = (answer: StepAnswer) => {
      lineUp.begin()
      lineUp.take(answer)
      model.commit()
    }
    strike(step({ fails: 'missed', state: { break: 0 } as never }))
    strike(step({ fails: 'missed', state: { break: 5 } as never }))
    await vi.advanceTimersByTimeAsync(500)
    expect([lineUp.used.value, lineUp.best.value, sent.length]).toEqual([2, 5, 2])
    model.undo()
    await vi.advanceTimersByTimeAsync(500)
    expect([lineUp.used.value, lineUp.best.value, sent.map((one) => one.body.points)]).toEqual([1, 0, [0]])
    model.redo()
    await vi.advanceTimersByTimeAsync(500)
    expect([lineUp.used.value, lineUp.best.value, sent.map((one) => one.body.points)]).toEqual([2, 5, [0, 5]])
    // Another line-up takes nothing back.
    lineUp.reset()
    await vi.advanceTimersByTimeAsync(500)
    expect([lineUp.used.value, sent.length]).toEqual([0, 2])
    model.undo()
    await vi.advanceTimersByTimeAsync(500)
    expect([lineUp.used.value, sent.length]).toEqual([2, 2])
    scope.stop()
  })

  it('takes balls that were laid meanwhile for another line-up', async () => {
    listen()
    const { model, lineUp, scope } = play()
    lineUp.begin()
    lineUp.take(step({ fails: 'missed' }))
    expect(lineUp.used.value).toBe(1)
    model.setBalls([white, { ...red, x: 2.5 }])
    lineUp.begin()
    expect(lineUp.used.value).toBe(0)
    lineUp.take(step({ fails: 'missed' }))
    expect(model.balls.value[1]!.x).toBe(2.5)
    // A white that is put elsewhere begins no other.
    model.setBalls([
      { ...white, x: 0.6 },
      { ...red, x: 2.5 },
    ])
    lineUp.begin()
    expect(lineUp.used.value).toBe(1)
    await vi.advanceTimersByTimeAsync(1000)
    scope.stop()
  })
})
