import { afterEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { emptySheet } from '@/sheet/sheet'
import { usePositions } from './usePositions'
import type { SheetModel } from '@/sheet/useSheet'

const asOpened = (id: string) => ({ id, name: id, note: '', tags: [], version: 1, isHouse: false })

/** A sheet on which positions are opened and marked as saved. */
function sheetWith(opened: string | null) {
  const sheet = ref({ ...emptySheet(), opened: opened ? asOpened(opened) : null })
  return {
    sheet,
    content: () => ({ balls: sheet.value.balls.map((ball) => ({ ...ball })) }),
    open: vi.fn(({ id }: { id: string }) => (sheet.value.opened = asOpened(id))),
    markSaved: vi.fn(({ id }: { id: string }) => {
      sheet.value.opened = asOpened(id)
      sheet.value.changed = false
    }),
  }
}

/** A server that answers when it is told to. */
function slowServer() {
  const open: { path: string; answer: () => void }[] = []
  vi.stubGlobal('fetch', (request: Request) => {
    const path = new URL(request.url).pathname
    const id = path.split('/').pop()
    return new Promise<Response>((resolve) => {
      const headers = { 'content-type': 'application/json' }
      const body = JSON.stringify({ id, name: id, positions: [], count: 0, tags: [] })
      open.push({ path, answer: () => resolve(new Response(body, { headers })) })
    })
  })
  return open
}

const settle = () => new Promise((resolve) => setTimeout(resolve, 0))

describe('usePositions', () => {
  afterEach(() => vi.unstubAllGlobals())

  it('opens the later of two positions, whichever answer comes first', async () => {
    const open = slowServer()
    const model = sheetWith(null)
    const positions = usePositions(model as unknown as SheetModel)
    const both = [positions.open('one'), positions.open('two')]
    open[1]!.answer()
    await settle()
    open[0]!.answer()
    expect(await Promise.all(both)).toEqual([false, true])
    expect(model.open).toHaveBeenCalledTimes(1)
    expect(model.sheet.value.opened?.id).toBe('two')
  })

  it('says that the sheet is changed when it was edited while it was saved', async () => {
    const open = slowServer()
    const model = sheetWith('mine')
    const positions = usePositions(model as unknown as SheetModel)
    const saving = positions.save()
    model.sheet.value.balls = [{ id: 'cue', x: 1, y: 1 }]
    model.sheet.value.changed = true
    open[0]!.answer()
    await saving
    expect(model.sheet.value.changed).toBe(true)
  })

  it('is unchanged when nothing was edited meanwhile', async () => {
    const open = slowServer()
    const model = sheetWith('mine')
    model.sheet.value.changed = true
    const positions = usePositions(model as unknown as SheetModel)
    const saving = positions.save()
    open[0]!.answer()
    await saving
    expect(model.sheet.value.changed).toBe(false)
  })

  it('leaves the sheet alone when another position was opened while it was saved', async () => {
    const open = slowServer()
    const model = sheetWith('mine')
    const positions = usePositions(model as unknown as SheetModel)
    const saving = positions.save()
    model.open({ id: 'other' })
    open[0]!.answer()
    await saving
    expect(model.sheet.value.opened?.id).toBe('other')
    expect(model.markSaved).not.toHaveBeenCalled()
  })
})
