import type { Outline, Path, Segment } from '@/api/client'
import { isRed } from '@/sheet/sheet'
import { mm, moving, placeOn, sizeOf as bedSize, toSheet, type Point } from './view'

const directions = 16
/** The most that two points along a path lie apart, in millimetres of the sheet. */
const spacing = 26
/** Room that a label is given. No line can run through it unseen then: each of its points has a drawn one within half the spacing. */
const enough = 14

/** Points along pieces of path, on the sheet, no further apart than the spacing. */
export function pointsAlong(outline: Outline, segments: Segment[]): Point[] {
  return segments.flatMap((segment) => {
    const [a, b, c] = segment.points as [number[], number[], number[]]
    // A curve is nowhere faster than twice the longer side of its control polygon.
    const side = Math.max(Math.hypot(b[0]! - a[0]!, b[1]! - a[1]!), Math.hypot(c[0]! - b[0]!, c[1]! - b[1]!))
    const steps = Math.max(1, Math.ceil((2 * mm(side)) / spacing))
    return Array.from({ length: steps + 1 }, (_, i) => {
      const place = placeOn(segment, i / steps)
      return toSheet(outline, place.x, place.y)
    })
  })
}

/** Points along everything that moves. */
export const pointsOf = (outline: Outline, paths: Path[]) => paths.flatMap((path) => pointsAlong(outline, moving(path)))

export interface LabelSize {
  /** Distance from what is labelled to the label's centre. */
  offset: number
  halfWidth: number
  halfHeight: number
  /** Direction in which it is put first, in sixteenths of a turn from the right; down is 4. */
  first?: number
}

/** The directions in which a label is tried: round from the right, or those next to its first one before the others. */
const directionsOf = ({ first }: LabelSize) =>
  [...Array(directions).keys()].map((k) => (first === undefined ? k : first + (k % 2 ? (k + 1) / 2 : -k / 2)))

export interface PlacedLabel extends Point {
  /** False where something that is drawn, or another label, lies under it or too near. */
  isClear: boolean
}

/** Gap between a point and a label's box; 0 inside it. */
const gapTo = (point: Point, centre: Point, size: LabelSize) =>
  Math.hypot(
    Math.max(0, Math.abs(point.x - centre.x) - size.halfWidth),
    Math.max(0, Math.abs(point.y - centre.y) - size.halfHeight),
  )

/**
 * Places labels one after the other: each as near as it finds enough room beside what is drawn and the labels before it, and inside the
 * cushions; where there is nowhere enough, at the place with the most room, which is not clear then.
 */
export function placeLabels(
  outline: Outline,
  from: Point[],
  drawn: Point[],
  sizeOf: (i: number) => LabelSize,
): PlacedLabel[] {
  const bed = bedSize(outline)
  const placed: { centre: Point; size: LabelSize }[] = []
  return from.map((start, i) => {
    const size = sizeOf(i)
    const room = (centre: Point) => {
      const inside =
        centre.x > size.halfWidth + 6 &&
        centre.y > size.halfHeight + 6 &&
        centre.x < bed.width - size.halfWidth - 6 &&
        centre.y < bed.height - size.halfHeight - 6
      if (!inside) return -1
      let least = Infinity
      for (const point of drawn) least = Math.min(least, gapTo(point, centre, size))
      for (const other of placed) {
        const both = {
          offset: 0,
          halfWidth: size.halfWidth + other.size.halfWidth,
          halfHeight: size.halfHeight + other.size.halfHeight,
        }
        least = Math.min(least, gapTo(other.centre, centre, both))
      }
      return least
    }
    const candidates = [1, 1.7, 2.6].flatMap((far) =>
      directionsOf(size).map((k) => {
        const angle = (2 * Math.PI * k) / directions
        return {
          x: start.x + far * (size.offset + size.halfWidth * 0.9) * Math.cos(angle),
          y: start.y + far * size.offset * Math.sin(angle),
        }
      }),
    )
    // The first with enough room, which most often is one of the first; else the one with the most.
    let [best, most] = [0, -Infinity]
    for (let k = 0; k < candidates.length && most < enough; k++) {
      const gap = room(candidates[k]!)
      if (gap > most) [best, most] = [k, gap]
    }
    placed.push({ centre: candidates[best]!, size })
    return { ...candidates[best]!, isClear: most >= enough }
  })
}

/** True for a red whose letters would lie on another red: in a pack they could not be read, and the balls beside it tell its kind. */
export const isCovered = (ball: Point & { id: string }, balls: (Point & { id: string })[], radius: number) =>
  isRed(ball.id) &&
  balls.some(
    (other) =>
      isRed(other.id) &&
      other.id !== ball.id &&
      Math.abs(other.x - ball.x) < 2 * radius &&
      other.y < ball.y &&
      ball.y - other.y < 5 * radius,
  )
