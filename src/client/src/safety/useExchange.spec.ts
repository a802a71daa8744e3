import { effectScope, ref } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { SheetModel } from '@/sheet/useSheet'
import type { ShelfModel } from '@/shelf/useShelf'
import { useExchange, type Exchange } from './useExchange'

const ballsAt = (x: number) => [
  { id: 'cue', x, y: 0.9 },
  { id: 'black', x: 3.2, y: 0.9 },
]

/** A sheet that holds what the exchange lays. */
function sheet() {
  const [balls, state, stroke, pot] = [
    ref(ballsAt(0.5)),
    ref<unknown>({ on: 'black' }),
    ref({ directionDeg: 0, pace: 3, side: 0, height: 0, elevationDeg: 0 }),
    ref(null),
  ]
  return {
    balls,
    state,
    stroke,
    pot,
    profile: ref('club'),
    setBalls: (next: typeof balls.value) => (balls.value = next),
    setState: (next: unknown) => (state.value = next),
    setPot: () => undefined,
    setStroke: () => undefined,
    place: () => undefined,
    commit: () => undefined,
  }
}

const shelf = {
  playerDocument: ref({ name: 'me' }),
  opponentDocument: ref({ name: 'them' }),
  coefficients: ref(null),
  doubt: ref('none'),
}

let strikes: { player: { name: string }; scatter: number }[]
let answers: object[]
let sheets: ReturnType<typeof sheet>
let exchange: Exchange
const scope = effectScope()

beforeEach(() => {
  strikes = []
  answers = []
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request | string, init?: RequestInit) => {
      const url = typeof request === 'string' ? request : request.url
      if (url.endsWith('/api/breaks/step')) {
        strikes.push(JSON.parse(await (request as Request).text()))
        return Response.json(answers.shift())
      }
      expect(init?.body ?? (await (request as Request).text())).toContain('"player":{"name":"them"}')
      const plan = { now: 'Play safe.', sentence: '', best: { stroke: {}, ball: 'black', white: null }, isFinal: true }
      return new Response(`event: plan\ndata: ${JSON.stringify(plan)}\n\n`, {
        headers: { 'content-type': 'text/event-stream' },
      })
    }),
  )
  sheets = sheet()
  exchange = scope.run(() =>
    useExchange(
      sheets as unknown as SheetModel,
      shelf as unknown as ShelfModel,
      { playOut: () => Promise.resolve(), reset: () => undefined },
      () => undefined,
    ),
  )!
})
afterEach(() => vi.unstubAllGlobals())

const came = (x: number, part: object = {}) => ({
  words: 'Nothing scored.',
  points: 0,
  penalty: 0,
  staysAtTable: false,
  isOver: false,
  balls: ballsAt(x),
  state: { on: 'black' },
  played: {},
  ...part,
})

describe('an exchange', () => {
  it('lets the opponent answer with their hands until the player is at the table again', async () => {
    answers = [came(1), came(1.5, { staysAtTable: true, points: 7 }), came(2, { penalty: 7 })]
    await exchange.play(0)
    expect(strikes.map((strike) => strike.player.name)).toEqual(['me', 'them', 'them'])
    expect(new Set(strikes.map((strike) => strike.scatter)).size).toBe(3)
    expect(exchange.line.value.map((turn) => turn.isMine)).toEqual([true, false, false])
    expect(exchange.line.value[1]!.words).toContain('They score 7.')
    expect(exchange.line.value[2]!.words).toContain('Foul: 7 to you.')
    expect(exchange.busy.value).toBeNull()
  })

  it('goes back to before a stroke for nothing, and is taken up from there', async () => {
    answers = [came(1), came(2), came(1.2), came(2.2)]
    await exchange.play(0)
    exchange.go(0)
    expect(sheets.balls.value).toEqual(ballsAt(0.5))
    expect(exchange.line.value).toHaveLength(2)
    await exchange.play(0)
    expect(exchange.line.value).toHaveLength(2)
    expect(sheets.balls.value).toEqual(ballsAt(2.2))
  })

  it('begins another line when the balls were laid otherwise', async () => {
    answers = [came(1), came(2), came(1.2), came(2.2)]
    await exchange.play(0)
    sheets.balls.value = ballsAt(0.7)
    await exchange.play(0)
    expect(exchange.line.value).toHaveLength(2)
    expect(exchange.line.value[0]!.before.balls).toEqual(ballsAt(0.7))
  })

  it('ends with the frame', async () => {
    answers = [came(1, { isOver: true })]
    await exchange.play(0)
    expect(exchange.isOver.value).toBe(true)
    expect(strikes).toHaveLength(1)
  })
})
