import { getCurrentScope, onScopeDispose, ref, shallowRef } from 'vue'

/** What a call came to. */
export interface Outcome<T> {
  data?: T
  refusal?: string
  code?: string
}

/**
 * One question of a kind at a time. A newer one stops the older on its way and on the server, and takes its place: an older answer is
 * never shown, however late it comes. What was answered stays, marked as old, until the newer answer is there.
 */
export function useNewest<T>() {
  const answer = shallowRef<T | null>(null)
  const refusal = ref('')
  const isBusy = ref(false)
  /** True while what is shown belongs to an older question. */
  const isOld = ref(false)
  let stop = new AbortController()

  /**
   * Asks.
   * @returns what was answered; nothing when it was refused, or when a newer question came meanwhile
   */
  async function put(call: (signal: AbortSignal) => Promise<Outcome<T>>): Promise<T | undefined> {
    stop.abort()
    const mine = (stop = new AbortController())
    isBusy.value = true
    isOld.value = answer.value !== null
    const { data, refusal: sentence } = await call(mine.signal)
    if (mine.signal.aborted) return undefined
    isBusy.value = false
    isOld.value = false
    refusal.value = sentence ?? ''
    answer.value = data ?? null
    return data
  }

  /** Stops what is under way; what was answered stays. */
  function drop() {
    stop.abort()
    isBusy.value = false
  }

  /** Stops what is under way and forgets what was answered. */
  function clear() {
    drop()
    answer.value = null
    refusal.value = ''
    isOld.value = false
  }

  if (getCurrentScope()) onScopeDispose(drop)
  return { answer, refusal, isBusy, isOld, put, drop, clear }
}
