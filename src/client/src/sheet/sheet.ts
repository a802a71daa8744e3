import { t, type KeyOf } from '@/words'
import type { en } from '@/words/en'
import type {
  AttemptInput,
  BallPlace,
  Coefficients,
  KeptAim,
  Mark,
  Player,
  PlayState,
  Pocket,
  PotPart,
  Stroke,
  Wish,
} from '@/api/client'

/** What a position is called. */
export interface Named {
  name: string
  note: string
  tags: string[]
}

/** The saved position that a sheet was opened from. */
export interface OpenedPosition extends Named {
  id: string
  version: number
  isHouse: boolean
}

/** The pot that is being played. */
export interface ChosenPot {
  ball: string
  pocket: Pocket
  part: PotPart
}

/** An attempt at a line-up that is over. */
export type Try = { id: string } & Pick<AttemptInput, 'points' | 'end'>

/** A line-up that is played on the sheet. */
export interface LineUpRun {
  /** Tells one line-up from another: undo inside one takes its attempts back. */
  id: string
  cushions: boolean
  /** How many attempts are allowed. */
  attempts: number
  /** What is attempted, and the state of play with which each attempt begins; null until the first stroke. */
  start: { task: Omit<AttemptInput, 'points' | 'end'>; state: PlayState | null } | null
  /** The object balls as the last stroke by the rules left them: laid otherwise they are another line-up. */
  left: string
  tries: Try[]
}

/** What the referee said, and the object balls to which it belongs. */
export interface Ruled {
  words: string
  balls: string
}

/** What lies on the drawing-room sheet: the balls, the stroke, the pot, and where they came from. */
export interface Sheet {
  balls: BallPlace[]
  stroke: Stroke
  /** Places, gates, targets and zones on the cloth. */
  marks: Mark[]
  /** What was set of the state of play; null when all of it is inferred. */
  state: PlayState | null
  /** Balls laid while the server was away: nobody has settled them yet. */
  raw: string[]
  /** Next pots that must be on where the white stops. */
  wishes: Wish[]
  /** The line-up that is played; null in a frame. */
  lineUp: LineUpRun | null
  /** What the referee said of the last stroke by the rules. */
  ruled: Ruled | null
  /** Null while no pot is chosen. */
  pot: ChosenPot | null
  /** What the stroke is for when it pots nothing; kept as it came until a pot is chosen. */
  aim: KeptAim | null
  /** True when the aim follows the pot. */
  keepPot: boolean
  /** Id of the table, balls and cue that it is played with. */
  profile: string
  opened: OpenedPosition | null
  /** What a file or a preset calls it, while it is not saved. */
  named: Named | null
  /** True when something was changed since it was opened or saved. */
  changed: boolean
}

export const clubProfile = 'club'

/** The table, cue and player in use, as every question about the sheet takes them. */
export interface InUse {
  coefficients: Coefficients | null
  player: Player | null
}

export const startStroke: Stroke = { directionDeg: 0, pace: 4, side: 0, height: 0, elevationDeg: 0 }

/** Nothing is set of the state of play. */
export const emptyState: PlayState = {
  on: null,
  nominated: null,
  inHand: false,
  freeBall: false,
  scores: null,
  break: null,
  missCount: 0,
  practice: false,
}

/** An empty table with the white in the D. */
export function emptySheet(): Sheet {
  return {
    balls: [{ id: 'cue', x: 0.6, y: 0.8 }],
    stroke: { ...startStroke },
    marks: [],
    state: null,
    raw: [],
    wishes: [],
    lineUp: null,
    ruled: null,
    pot: null,
    aim: null,
    keepPot: true,
    profile: clubProfile,
    opened: null,
    named: null,
    changed: false,
  }
}

/** A line-up at its beginning, with the rules of another. */
export const begun = (run: Pick<LineUpRun, 'cushions' | 'attempts'>): LineUpRun => ({
  id: crypto.randomUUID(),
  cushions: run.cushions,
  attempts: run.attempts,
  start: null,
  left: '',
  tries: [],
})

/** The object balls as text: a white that stands elsewhere changes nothing in them. */
export const objectBalls = (balls: BallPlace[]) => JSON.stringify(balls.filter((ball) => ball.id !== 'cue'))

/** Ids in the order in which balls are laid. */
export const redIds = Array.from({ length: 15 }, (_, i) => `red${i + 1}`)

export const isRed = (id: string) => id.startsWith('red')

/** The class that gives a drawing its ball's colour. */
export const kindClass = (id: string) => `kind-${isRed(id) ? 'red' : id}`

/** The next red that is not on the table. */
export function nextRed(balls: BallPlace[]): string | undefined {
  const laid = new Set(balls.map((ball) => ball.id))
  return redIds.find((id) => !laid.has(id))
}

/** The next id for a mark of a kind. */
export function nextMarkId(marks: Mark[], kind: string): string {
  const taken = new Set(marks.map((mark) => mark.id))
  for (let number = 1; ; number++) {
    if (!taken.has(`${kind}${number}`)) return `${kind}${number}`
  }
}

/** A ball that has a name of its own. */
type NamedBall = KeyOf<typeof en.balls.names>

/** What stands on a ball when letters are asked for: its colour is then not the only sign. */
export function ballLetters(id: string): string {
  if (isRed(id)) return id.slice(3)
  return t(`balls.letters.${id as NamedBall}`)
}

/** What a ball is called in labels. */
export function ballName(id: string): string {
  return isRed(id) ? t('balls.red', { number: id.slice(3) }) : t(`balls.names.${id as NamedBall}`)
}

/** Reads a sheet that was kept in the browser; anything foreign is turned down. */
export function readSheet(text: string | null): Sheet | null {
  if (!text) return null
  try {
    const kept = JSON.parse(text) as Sheet
    const ballsFine =
      Array.isArray(kept.balls) &&
      kept.balls.some((ball) => ball.id === 'cue') &&
      kept.balls.every((ball) => typeof ball.id === 'string' && Number.isFinite(ball.x) && Number.isFinite(ball.y))
    const stroke = { ...kept.stroke, elevationDeg: kept.stroke.elevationDeg ?? 0 }
    const { directionDeg, pace, side, height, elevationDeg } = stroke
    const strokeFine = [directionDeg, pace, side, height, elevationDeg].every(Number.isFinite)
    if (!ballsFine || !strokeFine) return null
    // What older sheets did not have yet is as it was then: the club's table, no pot, no marks, a level cue. Everything stands in one
    // order, so that the sheet is the same text as its step in the history.
    return { ...emptySheet(), ...kept, stroke }
  } catch {
    return null
  }
}
