import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import type { ShelfModel } from '@/shelf/useShelf'
import type { SheetModel } from '@/sheet/useSheet'
import { useBreak } from './useBreak'
import type { LineUpModel } from './useLineUp'

const model = {
  balls: ref([{ id: 'cue', x: 0.6, y: 0.8 }]),
  state: ref<{ inHand: boolean } | null>({ inHand: true }),
  pot: ref(null),
  profile: ref('club'),
  ruled: ref(null),
  laid: ref(0),
}
const shelf = {
  playerDocument: ref(null),
  opponentDocument: ref(null),
  coefficients: ref(null),
  doubt: ref('unmeasured'),
}
const lineUp = { asked: ref(null) }

const soon = () => new Promise((resolve) => setTimeout(resolve, 220))

describe('useBreak', () => {
  afterEach(() => vi.unstubAllGlobals())

  it('shows what places in the D are worth for the balls that lie there, also when an older answer comes late', async () => {
    const open: ((worth: number) => void)[] = []
    vi.stubGlobal(
      'fetch',
      () =>
        new Promise<Response>((resolve) => {
          const headers = { 'content-type': 'application/json' }
          open.push((worth) =>
            resolve(new Response(JSON.stringify([{ place: { x: 0.6, y: 0.8 }, worth }]), { headers })),
          )
        }),
    )
    const scope = effectScope()
    const plan = scope.run(() =>
      useBreak(
        model as unknown as SheetModel,
        shelf as unknown as ShelfModel,
        lineUp as unknown as LineUpModel,
        () => true,
        { reset: () => undefined, playOut: () => Promise.resolve() },
      ),
    )!
    await soon()
    model.balls.value = [...model.balls.value, { id: 'red1', x: 2, y: 1 }]
    await soon()
    expect(open).toHaveLength(2)
    open[1]!(20)
    await soon()
    open[0]!(10)
    await soon()
    expect(plan.inHand.value.map((one) => one.worth)).toEqual([20])
    // A white that is no longer in hand is in no place of the D.
    model.state.value = null
    await nextTick()
    await soon()
    expect(plan.inHand.value).toEqual([])
    scope.stop()
  })

  // Issue 17, point 6.
  it('scatters otherwise after a reload, and plays a stroke once however often it is pressed', async () => {
    const scatters: number[] = []
    vi.stubGlobal('fetch', async (request: Request) => {
      if (request.url.endsWith('/api/breaks/step'))
        scatters.push(((await request.json()) as { scatter: number }).scatter)
      return new Response('{}', { status: 400, headers: { 'content-type': 'application/problem+json' } })
    })
    const evening = () =>
      useBreak(
        { ...model, stroke: ref({ pace: 3 }) } as unknown as SheetModel,
        shelf as unknown as ShelfModel,
        { ...lineUp, begin: () => undefined } as unknown as LineUpModel,
        () => false,
        { reset: () => undefined, playOut: () => Promise.resolve() },
      )
    const scope = effectScope()
    const [one, another] = scope.run(() => [evening(), evening()])!
    for (const plan of [one!, another!]) plan.setScatter(true)
    await Promise.all([one!.step(0), one!.step(0)])
    await one!.step(0)
    await another!.step(0)
    const [first, second, other] = scatters
    expect(scatters).toHaveLength(3)
    expect(second).toBe(first! + 1)
    expect(Math.abs(other! - first!)).toBeGreaterThan(1)
    scope.stop()
  })
})
