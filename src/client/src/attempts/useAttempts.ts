import { useStorage } from '@vueuse/core'
import { ref } from 'vue'
import { api, ask, type AttemptInput, type AttemptTally, type AttemptTask } from '@/api/client'
import { useNewest } from '@/api/useNewest'
import type { Server } from '@/sheet/useServer'

/**
 * An attempt that the server has not taken yet, under the id that keeps it from being counted twice; without its content it is to be
 * taken back.
 */
interface Unsent {
  id: string
  attempt: AttemptInput | null
}

/** After how many milliseconds an attempt that was not taken is sent again. */
const again = 4000
/** Answers that say nothing against the attempt itself. */
const failures = ['databaseAway', 'unexpected']

/** Keeps attempts that are over, and tells what all attempts at the same thing came to. What cannot be sent is sent later. */
export function useAttempts(server: Server) {
  const unsent = useStorage<Unsent[]>('deep-baize.attempts', [], localStorage)
  /** Why an attempt was not kept; empty while all is well. */
  const refusal = ref('')
  const tally = useNewest<AttemptTally>()
  let sending = Promise.resolve()
  let timer: ReturnType<typeof setTimeout> | undefined

  /** Sends what was not taken yet, the oldest first; stops when nobody answers. */
  async function sendAll() {
    clearTimeout(timer)
    while (unsent.value[0]) {
      const { id, attempt } = unsent.value[0]
      const params = { path: { id } }
      const { code, refusal: sentence } = await ask(
        attempt
          ? api.PUT('/api/attempts/{id}', { params, body: attempt })
          : api.DELETE('/api/attempts/{id}', { params }),
      )
      if (code === 'noAnswer') return server.noteAway()
      refusal.value = sentence ?? ''
      if (code && failures.includes(code)) {
        timer = setTimeout(() => void send(), again)
        return
      }
      // Taken, or refused for good: in both cases it is not sent again.
      unsent.value = unsent.value.slice(1)
    }
  }

  /** One after the other, so that none is sent twice at once. */
  const send = () => (sending = sending.then(sendAll))

  function put(one: Unsent) {
    unsent.value = [...unsent.value, one]
    return send()
  }

  /** Keeps an attempt under an id. */
  const keep = (id: string, attempt: AttemptInput) => put({ id, attempt })

  /** Takes back what was kept under an id. */
  const takeBack = (id: string) => put({ id, attempt: null })

  /** Asks what attempts at a thing came to; nothing when there is no thing. */
  async function look(task: AttemptTask | null) {
    if (!task) return tally.clear()
    await tally.put((signal) => ask(api.POST('/api/attempts/tally', { body: task, signal })))
  }

  server.whenBack(() => void send())
  if (unsent.value.length > 0) void send()
  return { tally: tally.answer, refusal, unsent, keep, takeBack, look }
}

export type AttemptsModel = ReturnType<typeof useAttempts>
