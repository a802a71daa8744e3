import { computed, ref } from 'vue'
import {
  api,
  ask,
  type BallPlace,
  type PlayState,
  type SafetyAnswer,
  type SafetyOption,
  type SafetyQuestion,
  type StepAnswer,
} from '@/api/client'
import { useStreamed } from '@/api/useStreamed'
import { safetyQuestion } from '@/desk/useWhatNow'
import type { Playback } from '@/motion/usePlayback'
import type { ShelfModel } from '@/shelf/useShelf'
import { emptyState, isRed } from '@/sheet/sheet'
import type { SheetModel } from '@/sheet/useSheet'
import { t } from '@/words'

/** How the balls lay, and what was on. */
interface Scene {
  balls: BallPlace[]
  state: PlayState | null
}

/** A stroke of the exchange. */
export interface Turn {
  isMine: boolean
  /** What it was, of the opponent's, and what the referee said. */
  words: string
  before: Scene
}

/** Strokes that the opponent may look at: about a second. */
const replyBudget = 1000

/**
 * A safety exchange, or a game on the black, against a simulated opponent: the stroke on the sheet comes out of the player's hands, the
 * opponent answers by the same search, and the line can be gone through and taken up anywhere.
 *
 * @param beforePlay - Called before the player's stroke: what is still being looked for is of no use then.
 */
export function useExchange(
  model: SheetModel,
  shelf: ShelfModel,
  playback: Pick<Playback, 'playOut' | 'reset'>,
  beforePlay: () => void,
) {
  const line = ref<Turn[]>([])
  /** How many strokes of the line were played before what lies on the sheet. */
  const at = ref(0)
  const end = ref<Scene | null>(null)
  const refusal = ref('')
  const isOver = ref(false)
  /** Whose stroke is looked for or runs; null when it is the player's to play. */
  const busy = ref<'mine' | 'theirs' | null>(null)
  const reply = useStreamed<SafetyQuestion, SafetyAnswer>('/api/safety/plan')
  let draws = 0
  /** No two visits to the page meet the same chance. */
  const seed = Date.now() % 1_000_000

  const here = (): Scene => ({ balls: model.balls.value.map((ball) => ({ ...ball })), state: model.state.value })
  const same = (a: Scene | null, b: Scene) => JSON.stringify(a) === JSON.stringify(b)
  const sceneAt = (index: number) => line.value[index]?.before ?? end.value

  function lay({ balls, state }: Scene) {
    playback.reset()
    model.setBalls(balls)
    model.setState(state)
    model.setPot(null)
    model.commit()
  }

  /** Goes to before a stroke of the line, or to its end. */
  function go(index: number) {
    const scene = sceneAt(index)
    if (busy.value || !scene) return
    at.value = index
    lay(scene)
  }

  /** Plays the stroke on the sheet; then the opponent plays until it is the player's turn again. */
  async function play(directionDeg: number) {
    if (busy.value) return
    beforePlay()
    refusal.value = ''
    // Balls that lie otherwise than the line left them begin another one.
    const scene = here()
    line.value = same(sceneAt(at.value), scene) ? line.value.slice(0, at.value) : []
    isOver.value = false
    try {
      busy.value = 'mine'
      if (await strike({ ...model.stroke.value, directionDeg }, true, null)) await answer()
    } finally {
      busy.value = null
    }
  }

  /** The opponent's turn, as long as it lasts. */
  async function answer() {
    for (let isTheirs = true; isTheirs;) {
      busy.value = 'theirs'
      const option = await find()
      if (!option || busy.value !== 'theirs') return
      if (option.white) model.place('cue', option.white.x, option.white.y)
      const { directionDeg, pace, side, height, elevationDeg } = option.stroke
      model.setStroke({ directionDeg, pace, side, height, elevationDeg })
      isTheirs = await strike({ ...option.stroke }, false, option.ball)
    }
  }

  async function find(): Promise<SafetyOption | null> {
    const asked = safetyQuestion(model, shelf)
    const question = { ...asked, player: asked.opponent ?? asked.player, opponent: asked.player, budget: replyBudget }
    await reply.put(question, () => undefined)
    const found = reply.answer.value
    refusal.value = reply.refusal.value || (found && !found.best ? found.sentence : '')
    return found?.best ?? null
  }

  /** @returns true when the other side is at the table then */
  async function strike(stroke: SafetyOption['stroke'], isMine: boolean, ball: string | null): Promise<boolean> {
    const before = here()
    const { player, opponent, profile, coefficients } = safetyQuestion(model, shelf)
    const meant = ball ?? model.pot.value?.ball ?? null
    const body = {
      balls: before.balls,
      stroke,
      state: { ...emptyState, ...before.state, nominated: meant && !isRed(meant) ? meant : null },
      player: isMine ? player : (opponent ?? player),
      scatter: draws++,
      seed,
      profile,
      coefficients,
    }
    const { data, refusal: sentence } = await ask(api.POST('/api/breaks/step', { body }))
    refusal.value = sentence ?? ''
    if (!data) return false
    await playback.playOut(data.played)
    // Balls that were laid otherwise while it ran: the exchange is about a table that is no more.
    if (!same(before, here())) return false
    const said = isMine ? data.words : `${reply.answer.value?.now ?? ''} ${theirsOf(data)}`
    line.value = [...line.value, { isMine, words: said, before }]
    at.value = line.value.length
    isOver.value = data.isOver
    lay({ balls: data.balls, state: data.state })
    end.value = here()
    return !data.isOver && (isMine ? !data.staysAtTable : data.staysAtTable)
  }

  /** What the opponent's stroke came to, said to the player. */
  function theirsOf({ penalty, points, isOver: ended }: StepAnswer): string {
    if (ended) return t('safety.over')
    if (penalty > 0) return t('safety.theirFoul', { points: penalty })
    return points > 0 ? t('safety.theirPoints', { points }) : t('safety.theirNothing')
  }

  /** Stops the opponent's thinking; the line stays as it is. */
  function stop() {
    reply.drop()
    busy.value = null
  }

  const words = computed(() =>
    busy.value === 'theirs'
      ? t('safety.theyThink')
      : isOver.value
        ? t('safety.over')
        : at.value > 0
          ? t('safety.yours')
          : '',
  )
  return { line, at, refusal, isOver, busy, words, play, go, stop }
}

export type Exchange = ReturnType<typeof useExchange>
