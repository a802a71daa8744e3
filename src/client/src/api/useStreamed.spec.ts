import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { useStreamed } from './useStreamed'

const soon = () => new Promise((resolve) => setTimeout(resolve, 20))

/** A stream that tells what it is given, when it is given. */
function streams() {
  const open: { tell: (item: unknown) => void; end: () => void; signal: AbortSignal }[] = []
  vi.stubGlobal('fetch', (_: string, { signal }: { signal: AbortSignal }) => {
    const body = new ReadableStream<Uint8Array>({
      start(controller) {
        open.push({
          tell: (item) =>
            controller.enqueue(new TextEncoder().encode(`event: plan\ndata: ${JSON.stringify(item)}\n\n`)),
          end: () => controller.close(),
          signal,
        })
      },
    })
    return Promise.resolve(new Response(body, { headers: { 'content-type': 'text/event-stream' } }))
  })
  return open
}

describe('useStreamed', () => {
  afterEach(() => vi.unstubAllGlobals())

  it('keeps the best answer so far, settles at the end, and a newer question stops the older', async () => {
    const open = streams()
    const settled = vi.fn()
    const taken: number[] = []
    const scope = effectScope()
    const streamed = scope.run(() => useStreamed<string, number>('/api/any', settled))!
    void streamed.put('first', (found) => taken.push(found))
    await soon()
    open[0]!.tell(1)
    await soon()
    expect([streamed.answer.value, streamed.isBusy.value]).toEqual([1, true])
    void streamed.put('second', (found) => taken.push(found))
    await soon()
    expect(open[0]!.signal.aborted).toBe(true)
    open[1]!.tell(2)
    open[1]!.end()
    await soon()
    expect([streamed.asked.value, streamed.answer.value, streamed.isBusy.value]).toEqual(['second', 2, false])
    expect(taken).toEqual([1, 2])
    // Stopped with an answer, and come to its end with one.
    expect(settled).toHaveBeenCalledTimes(2)
    streamed.clear()
    expect([streamed.asked.value, streamed.answer.value]).toEqual([null, null])
    scope.stop()
  })

  it('says why a question was refused', async () => {
    vi.stubGlobal('fetch', () =>
      Promise.resolve(new Response(JSON.stringify({ detail: 'No such ball.' }), { status: 400 })),
    )
    const scope = effectScope()
    const streamed = scope.run(() => useStreamed<string, number>('/api/any'))!
    await streamed.put('one', () => undefined)
    expect(streamed.refusal.value).toContain('No such ball.')
    expect(streamed.isBusy.value).toBe(false)
    scope.stop()
  })
})
