import { describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import type { PredictRequest } from '@/api/client'
import { usePrediction, type ShotQuestion } from './usePrediction'

const ask = (directionDeg: number): ShotQuestion => ({
  keepPot: false,
  balls: [{ id: 'cue', x: 1, y: 1 }],
  strike: { directionDeg, pace: 4, side: 0, height: 0, elevationDeg: 0, leastButt: true },
})

/** A server that answers when it is told to, with the direction that it was asked. */
function slowServer() {
  const open: { direction: number; answer: (status?: number) => void }[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const body = (await request.json()) as PredictRequest
    const direction = body.strike!.directionDeg
    return new Promise<Response>((resolve) =>
      open.push({
        direction,
        answer: (status = 200) =>
          resolve(
            new Response(
              JSON.stringify(status === 200 ? { stroke: { directionDeg: direction } } : { detail: 'Not like that.' }),
              {
                status,
                headers: { 'content-type': 'application/json' },
              },
            ),
          ),
      }),
    )
  })
  return open
}

const flush = async () => {
  for (let i = 0; i < 10; i++) await new Promise((resolve) => setTimeout(resolve))
}

describe('the live prediction', () => {
  it('keeps one question under way and skips to the newest', async () => {
    const open = slowServer()
    const request = ref(ask(1))
    const scope = effectScope()
    const { prediction } = scope.run(() => usePrediction(request, () => undefined))!
    await flush()
    for (const direction of [2, 3, 4]) {
      request.value = ask(direction)
      await nextTick()
    }
    expect(open.map((question) => question.direction)).toEqual([1])
    open[0]!.answer()
    await flush()
    expect(open.map((question) => question.direction)).toEqual([1, 4])
    open[1]!.answer()
    await flush()
    expect(prediction.value!.stroke!.directionDeg).toBe(4)
    scope.stop()
  })

  it('never skips a question that must be answered: a ball was let go and the next is already held', async () => {
    const open = slowServer()
    const request = ref(ask(1))
    const scope = effectScope()
    scope.run(() => usePrediction(request, () => undefined))
    await flush()
    for (const [direction, mustBeAnswered] of [
      [2, false],
      [3, true],
      [4, false],
      [5, false],
    ] as const) {
      request.value = { ...ask(direction), mustBeAnswered }
      await nextTick()
    }
    for (let i = 0; i < 3; i++) {
      open[i]!.answer()
      await flush()
    }
    expect(open.map((question) => question.direction)).toEqual([1, 3, 5])
    scope.stop()
  })

  it('says what the server refuses and keeps the last answer', async () => {
    const open = slowServer()
    const request = ref(ask(1))
    const scope = effectScope()
    const { prediction, refusal } = scope.run(() => usePrediction(request, () => undefined))!
    await flush()
    open[0]!.answer()
    await flush()
    request.value = ask(2)
    await flush()
    open[1]!.answer(400)
    await flush()
    expect(refusal.value).toBe('Not like that.')
    expect(prediction.value!.stroke!.directionDeg).toBe(1)
    scope.stop()
  })
})
