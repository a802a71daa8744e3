import { getCurrentScope, onScopeDispose, ref, shallowRef } from 'vue'
import { readStream } from './stream'

/**
 * A question whose answer gets better while it is looked for: one at a time, streamed, stopped at will. The best answer so far stays.
 *
 * @param path - Where it is asked.
 * @param settled - Called when an answer stands: it came to its end, or was stopped.
 */
export function useStreamed<Question, Answer>(path: string, settled: () => void = () => undefined) {
  const answer = shallowRef<Answer | null>(null)
  const asked = shallowRef<Question | null>(null)
  const refusal = ref('')
  const isBusy = ref(false)
  /** Says how many questions are ahead while this one waits its turn. */
  const waiting = ref('')
  let stop = new AbortController()

  /**
   * Asks.
   * @param take - Takes each better answer.
   */
  async function put(question: Question, take: (found: Answer) => void) {
    drop()
    const mine = (stop = new AbortController())
    asked.value = question
    answer.value = null
    refusal.value = ''
    isBusy.value = true
    const sentence = await readStream<Answer>(
      path,
      question,
      (found) => {
        answer.value = found
        if (mine === stop) take(found)
      },
      mine.signal,
      (words) => (waiting.value = words),
    )
    if (mine !== stop) return
    isBusy.value = false
    waiting.value = ''
    refusal.value = sentence ?? ''
    if (answer.value) settled()
  }

  /** Stops what is under way; the best answer so far stays. */
  function drop() {
    stop.abort()
    if (isBusy.value && answer.value) settled()
    isBusy.value = false
    waiting.value = ''
  }

  /** Stops what is under way and forgets what was answered. */
  function clear() {
    drop()
    asked.value = null
    answer.value = null
    refusal.value = ''
  }

  if (getCurrentScope()) onScopeDispose(() => stop.abort())
  return { answer, asked, refusal, isBusy, waiting, put, drop, clear }
}
