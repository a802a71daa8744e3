import { expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import type { ShotQuestion } from '@/table/usePrediction'
import { useWhere } from './useWhere'

const shotAt = (pace: number): ShotQuestion => ({
  keepPot: true,
  balls: [{ id: 'cue', x: 1, y: 1 }],
  strike: { directionDeg: 0, pace, side: 0, height: 0, elevationDeg: 0, leastButt: true },
  pot: { ball: 'black', pocket: 'topGreenSide', part: 'opening' },
})

/** A server that answers when it is told to, and whose calls can be dropped as a browser drops them. */
function slowServer() {
  const open: (() => void)[] = []
  vi.stubGlobal(
    'fetch',
    (request: Request) =>
      new Promise<Response>((resolve, reject) => {
        request.signal.addEventListener('abort', () => reject(new DOMException('aborted', 'AbortError')))
        open.push(() => resolve(new Response('{"cells":[]}', { headers: { 'content-type': 'application/json' } })))
      }),
  )
  return open
}

const soon = () => new Promise((resolve) => setTimeout(resolve, 100))

it('does not say that the server is away when a question is dropped for a newer one', async () => {
  const open = slowServer()
  const shot = ref(shotAt(3))
  const scope = effectScope()
  const where = scope.run(() => useWhere(shot, () => 0.0525))!
  where.show('height')
  await soon()
  expect(open).toHaveLength(1)
  shot.value = shotAt(4)
  await new Promise((resolve) => setTimeout(resolve, 20))
  expect(where.refusal.value).toBe('')
  await soon()
  expect(open).toHaveLength(2)
  open[1]!()
  await soon()
  expect(where.sweep.value).toEqual({ cells: [] })
  expect(where.refusal.value).toBe('')
  // The same question again is not asked twice.
  shot.value = shotAt(4)
  await soon()
  expect(open).toHaveLength(2)
  scope.stop()
})

it('keeps the map that is drawn until each row of the next one comes', async () => {
  const served: string[][] = [
    ['{"row":0,"rows":2,"cells":[]}', '{"row":1,"rows":2,"cells":[]}'],
    ['{"row":1,"rows":2,"cells":[{"words":"new"}]}'],
  ]
  vi.stubGlobal('fetch', () =>
    Promise.resolve(
      new Response(
        served
          .shift()!
          .map((row) => `data: ${row}\n\n`)
          .join(''),
      ),
    ),
  )
  const shot = ref(shotAt(3))
  const scope = effectScope()
  const where = scope.run(() => useWhere(shot, () => 0.0525))!
  where.show('map')
  await soon()
  expect(where.rows.value.map((row) => row.row)).toEqual([0, 1])
  shot.value = shotAt(4)
  await new Promise((resolve) => setTimeout(resolve, 200))
  expect(where.rows.value.map((row) => [row.row, row.cells.length])).toEqual([
    [0, 0],
    [1, 1],
  ])
  scope.stop()
})
