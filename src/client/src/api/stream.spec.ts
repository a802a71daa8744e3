import { afterEach, expect, it, vi } from 'vitest'
import { readStream } from './stream'

const answer = (...events: [kind: string, data: unknown][]) =>
  new Response(events.map(([kind, data]) => `event: ${kind}\ndata: ${JSON.stringify(data)}\n\n`).join(''), {
    headers: { 'content-type': 'text/event-stream' },
  })

afterEach(() => vi.unstubAllGlobals())

it('tells who waits until the first answer is there', async () => {
  vi.stubGlobal('fetch', () =>
    Promise.resolve(answer(['waiting', { ahead: 2, words: '2 plans are ahead of yours.' }], ['plan', { worth: 1 }])),
  )
  const [waits, items]: [string[], unknown[]] = [[], []]
  const refusal = await readStream(
    '/api/breaks/plan',
    {},
    (item) => items.push(item),
    new AbortController().signal,
    (words) => waits.push(words),
  )
  expect(refusal).toBeUndefined()
  expect(waits).toEqual(['2 plans are ahead of yours.', ''])
  expect(items).toEqual([{ worth: 1 }])
})

it('keeps what was found and tells why it ends when it cannot go on', async () => {
  vi.stubGlobal('fetch', () =>
    Promise.resolve(answer(['plan', { worth: 1 }], ['problem', { status: 422, detail: 'So much happens.' }])),
  )
  const items: unknown[] = []
  const refusal = await readStream('/api/breaks/plan', {}, (item) => items.push(item), new AbortController().signal)
  expect(refusal).toBe('So much happens.')
  expect(items).toEqual([{ worth: 1 }])
})
