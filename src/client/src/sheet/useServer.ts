import { ref } from 'vue'

const every = 1500

/** Whether the server answers. While it is away it is asked again and again; whoever waits is told when it is back. */
export function useServer() {
  const away = ref(false)
  const onReturn: (() => void)[] = []
  let timer: ReturnType<typeof setTimeout> | undefined

  /** Notes that a call found nobody. */
  function noteAway() {
    if (away.value) return
    away.value = true
    timer = setTimeout(look, every)
  }

  async function look() {
    clearTimeout(timer)
    if (await isBack()) {
      away.value = false
      onReturn.forEach((tell) => tell())
    } else timer = setTimeout(look, every)
  }

  async function isBack() {
    try {
      return (await fetch('/health/live', { cache: 'no-store', signal: AbortSignal.timeout(4000) })).ok
    } catch {
      return false
    }
  }

  return { away, noteAway, whenBack: (tell: () => void) => void onReturn.push(tell) }
}

export type Server = ReturnType<typeof useServer>
