import { watchDebounced } from '@vueuse/core'
import { ref } from 'vue'
import { api, ask } from '@/api/client'
import type { Server } from './useServer'
import type { SheetModel } from './useSheet'

/** Sends the working sheet to the server by itself; what was laid while the server was away is settled first. */
export function useKeeping(model: SheetModel, server: Server, onSettled: () => void) {
  /** What became of balls that were laid while the server was away. */
  const told = ref<string[]>([])

  async function send() {
    if (server.away.value || model.sheet.value.raw.length > 0) return
    const body = { ...model.content(), mode: undefined, openedId: model.sheet.value.opened?.id ?? null }
    const { code } = await ask(api.PUT('/api/sheet', { body }))
    if (code === 'noAnswer') server.noteAway()
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
  watchDebounced(model.sheet, () => void send(), { deep: true, debounce: 1200, maxWait: 5000 })

  /** The sheet that was last sent, for a browser that keeps none. */
  async function takeOver(): Promise<boolean> {
    const { data } = await ask(api.GET('/api/sheet'))
    if (!data) return false
    const { opened } = data
    model.lay(data.content, opened && { ...opened }, true)
    return true
  }

  return { told, settle, takeOver }
}

export type Keeping = ReturnType<typeof useKeeping>
