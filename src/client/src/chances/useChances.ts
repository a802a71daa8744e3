import { useDebounceFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { api, ask, type Chance, type ChanceQuestion, type Cueing, type Goal, type Simpler } from '@/api/client'
import type { ShelfModel } from '@/shelf/useShelf'
import type { Shot } from '@/table/useShot'

/** Strokes that are sampled at once, and those for which there is time once the hand rests. */
export const samples = { first: 400, refined: 1600 }
/** The same draws for every stroke, so that two of them can be compared. */
const seed = 1
const settleMs = 25
const idleMs = 1000

/** What the stroke on the sheet comes to in the player's hands: asked when the hand lets go, refined while it rests. */
export function useChances(shot: Shot, shelf: ShelfModel, goal: Ref<Goal | null>) {
  const chance = shallowRef<Chance | null>(null)
  const simpler = shallowRef<Simpler | null>(null)
  const cueing = shallowRef<Cueing | null>(null)
  const refusal = ref('')
  /** True when the ball may not be played at in the state of play. */
  const isNotOn = ref(false)
  /** True while what is shown belongs to an older stroke. */
  const isOld = ref(false)
  let stop = new AbortController()

  const question = computed<ChanceQuestion | null>(() => {
    const { balls, strike, profile, coefficients, pot, keepPot, placing, state } = shot.request.value
    if (!pot || placing || !shot.pot.value || shot.pot.value.ball !== pot.ball) return null
    if (keepPot && !shot.pot.value.isSolved) return null
    return {
      question: { balls, strike, profile, coefficients, pot, keepPot, state },
      player: shelf.playerDocument.value,
      goal: goal.value,
      doubt: shelf.doubt.value,
      samples: samples.first,
      seed,
    }
  })
  const cueingQuestion = computed(() => {
    const { balls, strike, profile, coefficients, placing } = shot.request.value
    if (placing) return null
    const directionDeg = shot.directionDeg.value
    return { balls, strike: { ...strike, directionDeg }, profile, coefficients, player: shelf.playerDocument.value }
  })
  const asked = computed(() => JSON.stringify(question.value))
  /** True while a ball is in the hand: nothing is worked out or drawn until it lies. */
  const isPaused = computed(() => shot.request.value.placing !== undefined)

  async function sample(count: number, signal: AbortSignal) {
    const body = { ...question.value!, samples: count }
    const { data, refusal: sentence, code } = await ask(api.POST('/api/chances/stroke', { body, signal }))
    if (signal.aborted) return
    refusal.value = sentence ?? ''
    isNotOn.value = code === 'notOn'
    chance.value = data ?? null
    isOld.value = false
  }

  async function askNow() {
    if (!question.value || shot.underWay.value) return
    const { signal } = stop
    await sample(samples.first, signal)
  }

  async function refine() {
    const { signal } = stop
    if (!question.value || !chance.value || signal.aborted) return
    const [, found] = await Promise.all([
      sample(samples.refined, signal),
      ask(api.POST('/api/chances/simpler', { body: question.value, signal })),
    ])
    if (!signal.aborted) simpler.value = found.data ?? null
  }

  async function readCueing() {
    if (!cueingQuestion.value || shot.underWay.value) return
    const wanted = JSON.stringify(cueingQuestion.value)
    const { data } = await ask(api.POST('/api/cueing', { body: cueingQuestion.value }))
    if (wanted === JSON.stringify(cueingQuestion.value)) cueing.value = data ?? null
  }

  const askSoon = useDebounceFn(askNow, settleMs)
  const refineSoon = useDebounceFn(refine, idleMs)
  const cueingSoon = useDebounceFn(readCueing, settleMs)

  watch(
    [asked, shot.underWay],
    ([now], [before]) => {
      if (now !== before) {
        stop.abort()
        stop = new AbortController()
        isOld.value = true
        simpler.value = null
        if (!question.value && !isPaused.value) {
          chance.value = null
          refusal.value = ''
          isNotOn.value = false
        }
      }
      if (shot.underWay.value || !isOld.value) return
      void askSoon()
      void refineSoon()
    },
    { immediate: true },
  )
  watch([() => JSON.stringify(cueingQuestion.value), shot.underWay], () => void cueingSoon(), { immediate: true })

  return { question, chance, simpler, cueing, refusal, isNotOn, isOld, isPaused }
}

export type Chances = ReturnType<typeof useChances>
