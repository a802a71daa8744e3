import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { computed, effectScope, nextTick, ref } from 'vue'
import type { Goal } from '@/api/client'
import type { ShelfModel } from '@/shelf/useShelf'
import type { Shot } from '@/table/useShot'
import { useChances } from './useChances'
import { useComparison } from './useComparison'

/** A shot whose pace is set by hand and whose pot is always solved. */
function shotAt(pace: { value: number }, isSolved = true) {
  const request = computed(() => ({
    balls: [{ id: 'cue', x: 1, y: 1 }],
    strike: { directionDeg: 0, pace: pace.value, side: 0, height: 0, elevationDeg: 0, leastButt: true },
    profile: 'club',
    coefficients: null,
    pot: { ball: 'black', pocket: 'topGreenSide', part: 'opening' },
    keepPot: true,
  }))
  return {
    request,
    pot: ref({ ball: 'black', isSolved }),
    underWay: ref(false),
    directionDeg: ref(0),
  } as unknown as Shot
}

const shelf = { playerDocument: ref({ preset: 'club' }), doubt: ref('unmeasured') } as unknown as ShelfModel

interface Asked {
  path: string
  pace: number
  samples: number
  answer: () => void
}

/** A server that answers when it is told to. */
function slowServer() {
  const open: Asked[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const path = new URL(request.url).pathname
    const body = (await request.json()) as {
      samples: number
      question?: { strike: { pace: number } }
      plans?: unknown[]
    }
    const pace = body.question?.strike.pace ?? 0
    return new Promise<Response>((resolve, reject) => {
      request.signal.addEventListener('abort', () => reject(new DOMException('aborted', 'AbortError')))
      open.push({
        path,
        pace,
        samples: body.samples,
        answer: () =>
          resolve(
            new Response(JSON.stringify({ pace, recommended: 0, words: 'Play A.', plans: body.plans ?? [] }), {
              headers: { 'content-type': 'application/json' },
            }),
          ),
      })
    })
  })
  return open
}

async function pass(ms: number) {
  await vi.advanceTimersByTimeAsync(ms)
  await nextTick()
}

describe('useChances', () => {
  beforeEach(() => {
    localStorage.clear()
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  const strokes = (open: Asked[]) => open.filter((one) => one.path === '/api/chances/stroke')
  const shownPace = (chances: ReturnType<typeof useChances>) =>
    (chances.chance.value as unknown as { pace: number } | null)?.pace

  it('asks at once with few strokes and, while the hand rests, with many and for a plainer one', async () => {
    const open = slowServer()
    const scope = effectScope()
    const chances = scope.run(() => useChances(shotAt(ref(4)), shelf, ref<Goal | null>(null)))!
    await pass(50)
    expect(strokes(open).map((one) => one.samples)).toEqual([400])
    strokes(open)[0]!.answer()
    await pass(20)
    expect(shownPace(chances)).toBe(4)
    expect(chances.isOld.value).toBe(false)
    await pass(1500)
    expect(strokes(open).map((one) => one.samples)).toEqual([400, 1600])
    expect(open.some((one) => one.path === '/api/chances/simpler')).toBe(true)
    scope.stop()
  })

  it('marks what is shown as old while a newer stroke is asked for, and never shows an answer to an older one', async () => {
    const open = slowServer()
    const pace = ref(4)
    const scope = effectScope()
    const chances = scope.run(() => useChances(shotAt(pace), shelf, ref<Goal | null>(null)))!
    await pass(50)
    pace.value = 5
    await nextTick()
    expect(chances.isOld.value).toBe(true)
    await pass(50)
    const [older, newer] = strokes(open)
    newer!.answer()
    await pass(20)
    older!.answer()
    await pass(20)
    expect(shownPace(chances)).toBe(5)
    expect(chances.isOld.value).toBe(false)
    scope.stop()
  })

  it('asks nothing about a pot that cannot be played', async () => {
    const open = slowServer()
    const scope = effectScope()
    const chances = scope.run(() => useChances(shotAt(ref(4), false), shelf, ref<Goal | null>(null)))!
    await pass(2000)
    expect(strokes(open)).toEqual([])
    expect(chances.question.value).toBeNull()
    scope.stop()
  })

  it('keeps up to four strokes to compare, as they were when they were kept', async () => {
    const open = slowServer()
    const pace = ref(4)
    const scope = effectScope()
    const comparison = scope.run(() => useComparison(useChances(shotAt(pace), shelf, ref<Goal | null>(null))))!
    comparison.keep()
    expect(open.some((one) => one.path === '/api/chances/compare')).toBe(false)
    for (const next of [5, 6, 7, 8]) {
      pace.value = next
      await nextTick()
      comparison.keep()
    }
    expect(comparison.kept.value.map((plan) => plan.question.strike.pace)).toEqual([4, 5, 6, 7])
    expect(comparison.canKeep.value).toBe(false)
    await pass(20)
    open.filter((one) => one.path === '/api/chances/compare').forEach((one) => one.answer())
    await pass(20)
    expect(comparison.answer.value?.words).toBe('Play A.')
    comparison.drop(0)
    expect(comparison.kept.value.map((plan) => plan.question.strike.pace)).toEqual([5, 6, 7])
    comparison.clear()
    expect(comparison.answer.value).toBeNull()
    scope.stop()
  })

  it('shows the comparison of the strokes that are kept, also when an older one comes late', async () => {
    const open = slowServer()
    const pace = ref(4)
    const scope = effectScope()
    const comparison = scope.run(() => useComparison(useChances(shotAt(pace), shelf, ref<Goal | null>(null))))!
    for (const next of [4, 5, 6]) {
      pace.value = next
      await nextTick()
      comparison.keep()
      await pass(20)
    }
    const [older, newer] = open.filter((one) => one.path === '/api/chances/compare')
    newer!.answer()
    await pass(20)
    older!.answer()
    await pass(20)
    expect((comparison.answer.value as unknown as { plans: unknown[] }).plans).toHaveLength(3)
    // Of one stroke alone there is nothing to compare, not even late.
    comparison.drop(0)
    comparison.drop(0)
    open.filter((one) => one.path === '/api/chances/compare').forEach((one) => one.answer())
    await pass(20)
    expect(comparison.answer.value).toBeNull()
    scope.stop()
  })
})
