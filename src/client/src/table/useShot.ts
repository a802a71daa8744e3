import { computed, nextTick, ref, shallowRef, toRaw, type Ref } from 'vue'
import type { Units } from '@/kit/usePreferences'
import type { Coefficients, Outline, Stroke } from '@/api/client'
import { emptyState, nextRed, startStroke } from '@/sheet/sheet'
import type { Server } from '@/sheet/useServer'
import type { SheetModel } from '@/sheet/useSheet'
import { usePrediction, type ShotAnswer, type ShotQuestion } from './usePrediction'

/** A ball in the hand: where the pointer holds it; the server says where it settles. */
interface Hand {
  ball: string
  x: number
  y: number
  snap: boolean
  inHand: boolean
  /** How near things draw it, in metres. */
  reach: number
}

/** Pixels within which things draw a ball that is let go; the server keeps what that is on the table within limits. */
const drawnWithin = 3

/** The stroke on the sheet as it is asked and answered live, and the ball in the hand. */
export function useShot(
  model: SheetModel,
  outline: () => Outline,
  server: Server,
  units: Ref<Units>,
  coefficients: Ref<Coefficients | null>,
  lineUp: () => ShotQuestion['lineUp'],
  perPixel: () => number,
  beforeChange: () => void,
) {
  const hand = shallowRef<Hand | null>(null)
  /** Hands that have let go: the answer lays their ball, also when the next ball is already held. */
  let released = new WeakSet<object>()
  /** The newest stroke that was answered, and the newest that was refused. */
  let accepted: ShotQuestion['strike'] = { ...startStroke, leastButt: true }
  let refused = ''
  let laysMany = false
  /** The round in which a position was opened, until its first answer: its stroke may name the pot. */
  let openedIn: number | null = null
  /** That there was no room where the last ball was let go; until the next gesture. */
  const told = ref('')
  /** Rises when everything must be asked anew. */
  const round = ref(0)

  const request = computed<ShotQuestion>(() => ({
    round: round.value,
    units: units.value,
    // The ball in the hand is left out: only the hand says where it is, and its settling must not ask again.
    balls: model.sheet.value.balls.filter((ball) => ball.id !== hand.value?.ball).map((ball) => ({ ...ball })),
    strike: strikeToAsk(),
    profile: model.profile.value,
    ...(model.state.value ? { state: model.state.value } : {}),
    ...(lineUp() ? { lineUp: lineUp() } : {}),
    coefficients: coefficients.value,
    ...(model.pot.value ? { pot: { ...model.pot.value } } : {}),
    keepPot: model.pot.value !== null && model.keepPot.value,
    ...(hand.value ? { placing: hand.value, mustBeAnswered: released.has(hand.value) } : {}),
  }))
  const { prediction, pot, refusal, underWay, whenSettled } = usePrediction(request, settle, refuse)

  /** Where the cue points: the aim that was found while the pot is kept, the player's own otherwise. */
  const directionDeg = computed(() =>
    model.pot.value && model.keepPot.value && prediction.value?.stroke
      ? prediction.value.stroke.directionDeg
      : model.stroke.value.directionDeg,
  )

  /** A stroke that the server refuses must not hold back the ball in the hand: it settles with the last one that could be played. */
  function strikeToAsk() {
    const { pace, side, height, elevationDeg } = model.sheet.value.stroke
    const isKept = model.pot.value !== null && model.keepPot.value
    // While the pot is kept the direction is an answer, not a question: following it must not ask again.
    const direction = isKept ? toRaw(model.sheet.value).stroke.directionDeg : model.sheet.value.stroke.directionDeg
    const strike = { directionDeg: direction, pace, side, height, elevationDeg, leastButt: true }
    return hand.value && JSON.stringify(strike) === refused ? accepted : strike
  }

  function refuse(asked: ShotQuestion, code?: string) {
    if (code === 'noAnswer') {
      server.noteAway()
      // The ball lies where the hand holds it now, or where it let go.
      const lost =
        hand.value && hand.value.ball === asked.placing?.ball ? hand.value : (asked.placing as Hand | undefined)
      if (lost && (lost === hand.value || released.has(lost))) layRaw(lost)
      return
    }
    refused = JSON.stringify(asked.strike)
    if (asked.placing === hand.value) hand.value = null
  }

  /** The server is away: the ball lies where the hand holds it, to be settled later. */
  function layRaw(laid: Hand) {
    model.placeRaw(laid.ball, laid.x, laid.y)
    if (hand.value === laid) hand.value = null
    if (released.has(laid)) model.commit()
  }

  function settle(answer: ShotAnswer, asked: ShotQuestion) {
    accepted = asked.strike
    const isKept = asked.pot !== undefined && asked.keepPot
    if (isKept && answer.prediction.stroke) model.followAim(answer.prediction.stroke.directionDeg)
    // An answer to a question from before the position was opened is not about it.
    if (openedIn !== null && (asked.round ?? 0) >= openedIn) {
      openedIn = null
      if (!asked.pot) nameThePot(answer)
    }
    const { placing } = answer.prediction
    if (!placing) return
    // The answer to the last question about a hand: the ball is laid. Any other only shows where it would lie while it is held.
    const isLast = asked.placing !== undefined && released.has(asked.placing)
    if (!isLast && hand.value?.ball !== placing.ball) return
    if (isLast && !laysMany && placing.snap !== 'none') {
      // Where the hand let it go is a step of its own: undo takes back what drew the ball first.
      model.place(placing.ball, placing.loose.x, placing.loose.y)
      model.commit()
    }
    model.place(placing.ball, placing.x, placing.y)
    if (!isLast) return
    told.value = placing.told ?? ''
    if (hand.value === asked.placing) hand.value = null
    if (!laysMany) model.commit()
  }

  /** A position whose stroke pots the ball that it meets is about that pot. */
  function nameThePot({ prediction: shot }: ShotAnswer) {
    const first = shot.outcome.firstContact
    const fell = shot.outcome.potted.find((potted) => potted.ball === first)
    if (!fell) return
    model.setPot({ ball: fell.ball, pocket: fell.pocket, part: 'opening' })
    model.amend()
  }

  function hold(ball: string, x: number, y: number, snap = true) {
    beforeChange()
    told.value = ''
    const inHand = ball === 'cue' && (model.state.value?.inHand ?? false)
    hand.value = { ball, x, y, snap, inHand, reach: (drawnWithin * perPixel()) / 1000 }
    if (server.away.value) layRaw(hand.value)
  }

  function release() {
    if (!hand.value) return model.commit()
    // A new object asks once more, so that the place where the hand let go is the one that counts.
    const last = { ...hand.value }
    released.add(last)
    hand.value = last
  }

  /** Forgets what the hand holds and what it has let go of without an answer yet. */
  function letGo() {
    released = new WeakSet()
    hand.value = null
  }

  function lay(ball: string | undefined, x: number, y: number, snap = true) {
    if (!ball) return
    hold(ball, x, y, snap)
    release()
  }

  /** A ball that was let go off the table is taken away; the white is in hand then, and stands in the D. */
  function takeOff(ball: string) {
    hand.value = null
    if (ball !== 'cue') return model.remove(ball)
    model.setState({ ...emptyState, ...model.state.value, inHand: true })
    lay('cue', outline().baulkLine, outline().width / 2, false)
  }

  /** A fine step: nothing draws the ball. A step that comes before the last one was answered goes on from where that one led. */
  function nudge(ball: string, along: number, across: number) {
    const from = hand.value?.ball === ball ? hand.value : model.balls.value.find((other) => other.id === ball)
    if (from) lay(ball, from.x + along, from.y + across, false)
  }

  /** Lays another red; resolves to it once it lies. */
  async function layRed() {
    const red = nextRed(model.balls.value)
    const row = model.balls.value.length % 5
    lay(red, outline().length * 0.55 + 0.11 * row, outline().width / 2 + 0.2)
    await nextTick()
    await whenSettled()
    return red
  }

  /**
   * Puts colours on their spots, also those that lie elsewhere, one after the other; all of it is one step of the history.
   * @param only - The one colour; without it all of them.
   */
  async function layColours(only?: string) {
    laysMany = true
    for (const spot of outline().spots) {
      if (only ? spot.ball !== only : isOnSpot(spot)) continue
      lay(spot.ball, spot.x, spot.y)
      await nextTick()
      await whenSettled()
    }
    laysMany = false
    model.commit()
  }

  const isOnSpot = ({ ball, x, y }: Outline['spots'][number]) =>
    model.balls.value.some((other) => other.id === ball && Math.hypot(other.x - x, other.y - y) < 1e-4)

  function setStroke(part: Partial<Stroke>) {
    beforeChange()
    // A player who turns the aim by hand plays that aim: the pot is no longer kept.
    if (part.directionDeg !== undefined && model.pot.value) model.setKeepPot(false)
    model.setStroke(part)
  }

  /** Asks everything anew: the server was away, or balls were settled without a question. */
  const askAnew = () => round.value++

  /** Tells that another position was opened: its stroke may name the pot. */
  const afterOpening = () => (openedIn = ++round.value)

  return {
    request,
    prediction,
    pot,
    refusal,
    /** True while an answer is waited for. */
    underWay,
    directionDeg,
    hold,
    release,
    letGo,
    lay,
    nudge,
    takeOff,
    askAnew,
    told,
    layRed,
    layColours,
    setStroke,
    afterOpening,
  }
}

export type Shot = ReturnType<typeof useShot>
