import type { Point } from './view'

/** What the hand does on the table. */
export type Manner =
  { kind: 'aim' } | { kind: 'lay' } | { kind: 'select' } | { kind: 'name' } | { kind: 'mark'; mark: DrawnKind }

/** Marks that are drawn on the cloth; the white's place is marked where it stands. */
export type DrawnKind = 'target' | 'gate' | 'zone'

/** A gesture under way; all points are those of the drawing. */
export type Gesture =
  | { kind: 'ball'; id: string; offset: Point; from: Point; moved: boolean; isNew: boolean; beside: boolean }
  | { kind: 'aim'; last: number }
  /** A touch of the cloth that may become a swipe which scrolls the page: it counts when the finger is lifted where it came down. */
  | { kind: 'tap'; from: Point }
  | { kind: 'group'; from: Point; to: Point }
  | { kind: 'frame'; from: Point; to: Point }
  | { kind: 'draw'; mark: DrawnKind; from: Point; to: Point }
  | { kind: 'handle'; id: string; index: number; offset: Point; moved: boolean }

/** A finger grabs what lies within this many pixels: 44 across. */
export const grabPixels = 22
/** A finger that trembles touches; only a pull moves. */
export const stirPixels = 3
/** A ball that is let go in full motion runs on for this long, in milliseconds: so it is flicked off the table. */
const flickLookAhead = 100
/** How much of the pull, in milliseconds before its end, tells its speed: a hand that stops first lays the ball. */
const flickWindow = 60

export const distance = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y)

/** The nearest of some points within reach. */
export function nearest<T extends Point>(points: T[], point: Point, reach: number): T | undefined {
  return points
    .map((candidate) => ({ candidate, away: distance(candidate, point) }))
    .filter(({ away }) => away <= reach)
    .sort((a, b) => a.away - b.away)[0]?.candidate
}

/** The corners of the rectangle between two points. */
export function rectangle(from: Point, to: Point): Point[] {
  return [from, { x: to.x, y: from.y }, to, { x: from.x, y: to.y }]
}

/** True for a point between two corners. */
export function isWithin(point: Point, from: Point, to: Point): boolean {
  const between = (value: number, a: number, b: number) => value >= Math.min(a, b) && value <= Math.max(a, b)
  return between(point.x, from.x, to.x) && between(point.y, from.y, to.y)
}

/** Follows a pointer, so that a flick can be told from a ball that is laid. */
export function useTrail() {
  let trail: { point: Point; time: number }[] = []
  return {
    start: (point: Point, time: number) => (trail = [{ point, time }]),
    follow(point: Point, time: number) {
      trail = [...trail.filter((step) => time - step.time < flickWindow), { point, time }]
    },
    /** Where the pull leads when it is let go at a time: on for a moment when it was in motion, nowhere else when it stood still. */
    leadsTo(time: number): Point | null {
      const last = trail.at(-1)
      const first = trail.find((step) => time - step.time < flickWindow)
      if (!last || !first || last.time - first.time < 1) return last?.point ?? null
      const ahead = flickLookAhead / (last.time - first.time)
      return {
        x: last.point.x + (last.point.x - first.point.x) * ahead,
        y: last.point.y + (last.point.y - first.point.y) * ahead,
      }
    },
  }
}
