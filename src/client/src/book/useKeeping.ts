import { watchDebounced } from '@vueuse/core'
import { ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import type { Server } from '@/sheet/useServer'
import type { SheetModel } from '@/sheet/useSheet'

/** After how many milliseconds a sheet that was not taken is sent again. */
const again = 4000

/** Sends the working sheet to the server by itself; what was laid while the server was away is settled first. */
export function useKeeping(model: SheetModel, server: Server, onSettled: () => void) {
  /** What became of balls that were laid while the server was away. */
  const told = ref<string[]>([])

  /** True once the server has the sheet as it is now. */
  const isKept = ref(false)
  /** Why the server did not take the sheet; empty while nothing speaks against it. */
  const refusal = ref('')
  let changes = 0
  let timer: ReturnType<typeof setTimeout> | undefined

  async function send() {
    clearTimeout(timer)
    if (server.away.value || model.sheet.value.raw.length > 0) return
    const sent = changes
    const body = { ...model.content(), mode: undefined, openedId: model.sheet.value.opened?.id ?? null }
    const { code, refusal: sentence } = await ask(api.PUT('/api/sheet', { body }))
    if (code === 'noAnswer') return server.noteAway()
    if (sent !== changes) return
    isKept.value = !sentence
    refusal.value = sentence ?? ''
    if (sentence) timer = setTimeout(() => void send(), again)
  }

  async function settle() {
    const { balls, raw } = model.sheet.value
    if (raw.length > 0) {
      const { data, code } = await ask(api.POST('/api/sheet/settle', { body: { balls, raw, ...model.bed() } }))
      if (code === 'noAnswer') return server.noteAway()
      if (data) {
        const flagged = data.told.filter((one) => !one.isSettled).map((one) => one.ball)
        model.setBalls(data.balls, flagged)
        model.amend()
        told.value = data.told.map((one) => one.sentence)
      }
    }
    onSettled()
    await send()
  }

  server.whenBack(() => void settle())
  watch(
    model.sheet,
    () => {
      changes++
      isKept.value = false
    },
    { deep: true, flush: 'sync' },
  )
  watchDebounced(model.sheet, () => void send(), { deep: true, debounce: 1200, maxWait: 5000 })

  /** The sheet that was last sent, for a browser that keeps none. */
  async function takeOver(): Promise<boolean> {
    const { data } = await ask(api.GET('/api/sheet'))
    if (!data) return false
    const { opened } = data
    model.lay(data.content, opened && { ...opened }, true)
    return true
  }

  return { told, isKept, refusal, send, settle, takeOver }
}

export type Keeping = ReturnType<typeof useKeeping>
