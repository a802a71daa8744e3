import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import { emptySheet } from '@/sheet/sheet'
import { useKeeping } from './useKeeping'
import type { Server } from '@/sheet/useServer'
import type { SheetModel } from '@/sheet/useSheet'

/** A sheet with its keeping, in a scope that can be left. */
function keep() {
  const sheet = ref(emptySheet())
  const model = { sheet, content: () => ({ balls: sheet.value.balls }), bed: () => ({}) } as unknown as SheetModel
  const server = { away: ref(false), noteAway: vi.fn(), whenBack: vi.fn() } as unknown as Server
  const scope = effectScope()
  const keeping = scope.run(() => useKeeping(model, server, () => {}))!
  return { sheet, keeping, server, scope }
}

const answer = (status: number, body: object | null = null) =>
  vi.fn(async () => new Response(body && JSON.stringify(body), { status }))

describe('useKeeping', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('says that the sheet is kept only once the server has it as it is', async () => {
    vi.stubGlobal('fetch', answer(204))
    const { sheet, keeping, scope } = keep()
    expect(keeping.isKept.value).toBe(false)
    sheet.value.stroke.pace = 3.5
    await vi.advanceTimersByTimeAsync(1500)
    expect(keeping.isKept.value).toBe(true)
    sheet.value.stroke.pace = 4.5
    expect(keeping.isKept.value).toBe(false)
    await vi.advanceTimersByTimeAsync(1500)
    expect(keeping.isKept.value).toBe(true)
    scope.stop()
  })

  it('says why a sheet is not kept, and sends it again until it is', async () => {
    const refused = answer(503, { code: 'databaseAway', detail: 'The database does not answer.' })
    vi.stubGlobal('fetch', refused)
    const { sheet, keeping, scope } = keep()
    sheet.value.stroke.pace = 3.5
    await vi.advanceTimersByTimeAsync(1500)
    expect(keeping.isKept.value).toBe(false)
    expect(keeping.refusal.value).toBe('The database does not answer.')
    await vi.advanceTimersByTimeAsync(9000)
    expect(refused.mock.calls.length).toBeGreaterThan(2)
    vi.stubGlobal('fetch', answer(204))
    await vi.advanceTimersByTimeAsync(5000)
    expect(keeping.isKept.value).toBe(true)
    expect(keeping.refusal.value).toBe('')
    scope.stop()
  })

  it('does not take an answer about an older sheet for one about this', async () => {
    let finish: (response: Response) => void = () => {}
    vi.stubGlobal('fetch', () => new Promise<Response>((resolve) => (finish = resolve)))
    const { sheet, keeping, scope } = keep()
    sheet.value.stroke.pace = 3.5
    await vi.advanceTimersByTimeAsync(1500)
    sheet.value.stroke.pace = 4.5
    finish(new Response(null, { status: 204 }))
    await vi.advanceTimersByTimeAsync(100)
    expect(keeping.isKept.value).toBe(false)
    scope.stop()
  })
})
