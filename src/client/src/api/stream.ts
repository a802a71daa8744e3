import { EventSourceParserStream } from 'eventsource-parser/stream'
import { sentenceOf } from './client'

/**
 * Reads a stream of server-sent events that answers a POST. Ends quietly when it is aborted, which also stops the work on the server.
 * @param onWaiting takes the words that say how many are ahead, and none when the first answer is there
 * @returns the sentence of a refusal, or nothing when the stream came to its end or was aborted
 */
export async function readStream<T>(
  path: string,
  body: unknown,
  onItem: (item: T) => void,
  signal: AbortSignal,
  onWaiting: (words: string) => void = () => undefined,
): Promise<string | undefined> {
  try {
    const response = await globalThis.fetch(path, {
      method: 'POST',
      headers: { 'content-type': 'application/json', accept: 'text/event-stream' },
      body: JSON.stringify(body),
      signal,
    })
    if (!response.ok) return sentenceOf(await response.json().catch(() => undefined))
    if (!response.body) return sentenceOf(undefined)
    const events = response.body.pipeThrough(new TextDecoderStream()).pipeThrough(new EventSourceParserStream())
    const reader = events.getReader()
    for (let next = await reader.read(); !next.done; next = await reader.read()) {
      const data: unknown = JSON.parse(next.value.data)
      if (next.value.event === 'problem') return sentenceOf(data)
      if (next.value.event === 'waiting') onWaiting((data as { words: string }).words)
      else {
        onWaiting('')
        onItem(data as T)
      }
    }
    return undefined
  } catch {
    return signal.aborted ? undefined : sentenceOf(undefined)
  }
}
