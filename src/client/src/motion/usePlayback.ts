import { usePreferredReducedMotion, useRafFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import type { BallPlace, Prediction } from '@/api/client'
import { placeAt } from '@/table/view'

/** Plays a prediction as motion: run, pause, step from contact to contact, half speed. */
export function usePlayback(prediction: Ref<Prediction | null>, balls: Ref<BallPlace[]>) {
  const time = ref(0)
  const active = ref(false)
  const running = ref(false)
  const slow = ref(false)
  /** A stroke that is played out, which need not be the one on the sheet: with scatter it went another way. */
  const delivered = shallowRef<Prediction | null>(null)
  const shot = computed(() => delivered.value ?? prediction.value)
  const duration = computed(() => shot.value?.outcome.duration ?? 0)
  const motion = usePreferredReducedMotion()
  let whenOver = () => undefined as void

  const clock = useRafFn(
    ({ delta }) => {
      time.value = Math.min(duration.value, time.value + (delta / 1000) * (slow.value ? 0.5 : 1))
      if (time.value >= duration.value) {
        pause()
        whenOver()
      }
    },
    { immediate: false },
  )

  const gone = computed(() => {
    const losses = shot.value?.events.filter((event) => event.kind === 'pocket' || event.kind === 'offTable') ?? []
    return new Map(losses.map((event) => [event.balls[0]!.id, event.time]))
  })

  /** The balls as they are at this moment of the motion; as laid while nothing is played. */
  const shown = computed<BallPlace[]>(() => {
    if (!active.value || !shot.value) return balls.value
    const paths = new Map(shot.value.paths.map((path) => [path.ball, path]))
    return balls.value
      .filter((ball) => (gone.value.get(ball.id) ?? Infinity) > time.value)
      .map((ball) => {
        const path = paths.get(ball.id)
        const place = path ? placeAt(path, time.value) : null
        return place ? { id: ball.id, ...place } : ball
      })
  })

  function run() {
    if (!shot.value) return
    if (!active.value || time.value >= duration.value) time.value = 0
    active.value = true
    running.value = true
    clock.resume()
  }

  function pause() {
    running.value = false
    clock.pause()
  }

  /** Goes on to the next contact, or to the end. */
  function step() {
    if (!shot.value) return
    pause()
    if (!active.value || time.value >= duration.value) time.value = 0
    active.value = true
    const contacts = shot.value.events.filter((event) =>
      ['ball', 'cushion', 'jaw', 'pocket', 'offTable'].includes(event.kind),
    )
    time.value = contacts.find((event) => event.time > time.value + 1e-9)?.time ?? duration.value
  }

  /** Puts the balls back to where they were laid. */
  function reset() {
    pause()
    active.value = false
    time.value = 0
    delivered.value = null
    whenOver()
  }

  /** Plays a stroke out; resolves when its balls lie still, or when it is broken off. */
  async function playOut(played: Prediction) {
    reset()
    if (motion.value === 'reduce') return
    delivered.value = played
    run()
    await new Promise<void>((resolve) => (whenOver = resolve))
    whenOver = () => undefined
    reset()
  }

  function setSlow(half: boolean) {
    slow.value = half
  }

  // What is predicted meanwhile does not end a stroke that is being played out.
  watch(prediction, () => delivered.value || reset())
  return { time, active, running, slow, duration, shown, delivered, run, pause, step, reset, playOut, setSlow }
}

export type Playback = ReturnType<typeof usePlayback>
