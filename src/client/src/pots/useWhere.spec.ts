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
