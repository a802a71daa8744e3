import 'fake-indexeddb/auto'
import { expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import type { Outline, PredictRequest } from '@/api/client'
import { useServer } from '@/sheet/useServer'
import { useSheet } from '@/sheet/useSheet'
import { useShot } from './useShot'

/** A server that is slow: each answer waits until it is let go. */
function slowServer(answerTo: (asked: PredictRequest, url: string) => unknown) {
  const open: (() => void)[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const body = JSON.stringify(answerTo((await request.json()) as PredictRequest, request.url))
    return new Promise<Response>((resolve) =>
      open.push(() => resolve(new Response(body, { headers: { 'content-type': 'application/json' } }))),
    )
  })
  return open
}

/** A sheet and its shot, as the page makes them. */
function makeShot() {
  const scope = effectScope()
  const made = scope.run(() => {
    const model = useSheet()
    const outline = () => ({}) as Outline
    const nothing = () => undefined
    return {
      model,
      shot: useShot(
        model,
        outline,
        useServer(),
        ref('metric'),
        ref(null),
        () => null,
        () => 4,
        nothing,
      ),
    }
  })!
  return { scope, ...made }
}

const flush = async () => {
  for (let i = 0; i < 10; i++) await new Promise((resolve) => setTimeout(resolve))
}

it('adds up arrow keys that are pressed faster than the server answers', async () => {
  const open = slowServer(({ placing }) => ({
    stroke: { directionDeg: 0 },
    outcome: { potted: [] },
    // Every ball lies where the hand let it go.
    placing: placing && { ...placing, snap: 'none', loose: { x: placing.x, y: placing.y } },
  }))
  const { scope, model, shot } = makeShot()
  model.place('black', 3, 1)
  await flush()
  for (let i = 0; i < 5; i++) {
    shot.nudge('black', -0.001, 0)
    await flush()
  }
  shot.nudge('black', 0, 0.05)
  for (let i = 0; i < 9; i++) {
    open.shift()?.()
    await flush()
  }
  const black = model.balls.value.find((ball) => ball.id === 'black')!
  expect(black.x).toBeCloseTo(2.995, 9)
  expect(black.y).toBeCloseTo(1.05, 9)
  expect(shot.underWay.value).toBe(false)
  scope.stop()
})

it('lets the stroke of an opened position name its pot, not the answer to an older question that comes late', async () => {
  const open = slowServer(({ balls }, url) => {
    const isPotted = balls.some((ball) => ball.id === 'black')
    const outcome = { firstContact: 'black', potted: isPotted ? [{ ball: 'black', pocket: 'topYellowSide' }] : [] }
    const prediction = { stroke: { directionDeg: 0 }, outcome }
    return url.endsWith('/pots/play') ? { prediction, pot: { isSolved: true } } : prediction
  })
  const { scope, model, shot } = makeShot()
  await flush()
  // The first question is still open when the position is opened.
  model.place('black', 3, 1)
  shot.afterOpening()
  await flush()
  open.shift()?.()
  await flush()
  expect(model.pot.value).toBeNull()
  while (open.length > 0) {
    open.shift()?.()
    await flush()
  }
  expect(model.pot.value).toMatchObject({ ball: 'black', pocket: 'topYellowSide' })
  scope.stop()
})
