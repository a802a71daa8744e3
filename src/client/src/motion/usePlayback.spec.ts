import { effectScope, nextTick, shallowRef } from 'vue'
import { describe, expect, it, vi } from 'vitest'
import type { BallPlace, Prediction } from '@/api/client'

vi.mock('@vueuse/core', async (original) => ({
  ...(await original<object>()),
  usePreferredReducedMotion: () => ({ value: 'no-preference' }),
  useRafFn: () => ({ pause: () => undefined, resume: () => undefined }),
}))
const { usePlayback } = await import('./usePlayback')

/** A prediction in which a ball is gone at a time. */
const shot = (kind: 'pocket' | 'offTable', at: number) =>
  ({
    events: [{ kind, time: at, balls: [{ id: 'red1' }] }],
    paths: [],
    outcome: { duration: 4 },
  }) as unknown as Prediction

const balls: BallPlace[] = [
  { id: 'cue', x: 1, y: 1 },
  { id: 'red1', x: 2, y: 1 },
]

function setUp(first: Prediction) {
  const prediction = shallowRef<Prediction | null>(first)
  const playback = effectScope().run(() => usePlayback(prediction, shallowRef(balls)))!
  return { prediction, playback }
}

describe('a stroke that is played', () => {
  it('is not ended by a prediction that comes late while it is played out', async () => {
    const { prediction, playback } = setUp(shot('pocket', 1))
    void playback.playOut(shot('pocket', 2))
    await nextTick()
    expect(playback.running.value).toBe(true)
    prediction.value = shot('pocket', 3)
    await nextTick()
    expect(playback.running.value).toBe(true)
    playback.reset()
    // Where nothing is played out, another prediction puts the balls back.
    playback.run()
    prediction.value = shot('pocket', 1)
    await nextTick()
    expect(playback.active.value).toBe(false)
  })

  it.each(['pocket', 'offTable'] as const)('shows a ball no more once it is gone: %s', (kind) => {
    const { playback } = setUp(shot(kind, 1))
    playback.step()
    expect(playback.time.value).toBe(1)
    expect(playback.shown.value.map((ball) => ball.id)).toEqual(['cue'])
  })
})
