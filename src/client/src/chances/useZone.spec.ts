import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import type { ShelfModel } from '@/shelf/useShelf'
import type { SheetModel } from '@/sheet/useSheet'
import { useZone } from './useZone'

const wishes = ref<unknown[]>([])
const model = {
  balls: ref([{ id: 'cue', x: 1, y: 1 }]),
  marks: ref([]),
  pot: ref(null),
  state: ref(null),
  profile: ref('club'),
  wishes,
  laid: ref(0),
  setWishes: (next: unknown[]) => (wishes.value = next),
  commit: () => undefined,
} as unknown as SheetModel
const shelf = { playerDocument: ref(null), coefficients: ref(null) } as unknown as ShelfModel

const soon = () => new Promise((resolve) => setTimeout(resolve, 150))

describe('useZone', () => {
  afterEach(() => vi.unstubAllGlobals())

  it('shows the zone of the wishes that stand, also when an older one comes late', async () => {
    const open: { count: number; answer: () => void }[] = []
    vi.stubGlobal('fetch', async (request: Request) => {
      const { goal } = (await request.json()) as { goal: { wishes: unknown[] } }
      const count = goal.wishes.length
      return new Promise<Response>((resolve) => {
        const headers = { 'content-type': 'application/json' }
        open.push({ count, answer: () => resolve(new Response(JSON.stringify({ words: `${count}` }), { headers })) })
      })
    })
    const scope = effectScope()
    const zone = scope.run(() => useZone(model, shelf, () => 0.0525))!
    zone.wish('red1', 'yellow')
    await soon()
    zone.wish('red2', 'green')
    await soon()
    expect(open.map((one) => one.count)).toEqual([1, 2])
    open[1]!.answer()
    await soon()
    open[0]!.answer()
    await soon()
    expect(zone.computedZone.value?.words).toBe('2')
    scope.stop()
  })
})
