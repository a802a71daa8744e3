import type { BallPlace, Outline, Prediction, ShotEvent } from '@/api/client'
import { placeLabels, pointsOf } from './labels'
import { textScale, toSheet, type Point } from './view'

/** A numeral beside a contact of the white. */
export interface Numeral extends Point {
  event: ShotEvent
  from: Point
}

const most = 9

/** Radius of a numeral in millimetres of the sheet. */
export const numeralRadius = (outline: Outline) => 35 * textScale(outline)

/** The contacts in order, each beside its place where it has room. */
export function numeralsOf(outline: Outline, prediction: Prediction, balls: BallPlace[]): Numeral[] {
  const events = prediction.events.filter((event) => event.number != null).slice(0, most)
  const from = events.map((event) => {
    const [x, y] = event.balls[0]!.position as [number, number]
    return toSheet(outline, x, y)
  })
  const drawn = pathsAndBalls(outline, prediction, balls)
  const radius = numeralRadius(outline)
  const spots = placeLabels(outline, from, drawn, () => ({
    offset: 43 + radius,
    halfWidth: radius,
    halfHeight: radius,
  }))
  return events.map((event, i) => ({ event, from: from[i]!, x: spots[i]!.x, y: spots[i]!.y }))
}

/** Points on what is drawn of a shot, numerals included: other labels keep off them. */
export const drawnOf = (outline: Outline, prediction: Prediction | null, balls: BallPlace[]): Point[] => [
  ...pathsAndBalls(outline, prediction, balls),
  ...(prediction ? numeralsOf(outline, prediction, balls) : []).flatMap((numeral) => rimOf(outline, numeral)),
]

const pathsAndBalls = (outline: Outline, prediction: Prediction | null, balls: BallPlace[]): Point[] => [
  ...pointsOf(outline, prediction?.paths ?? []),
  ...balls.map((ball) => toSheet(outline, ball.x, ball.y)),
]

/** The middle of a numeral and points around it. */
const rimOf = (outline: Outline, numeral: Numeral): Point[] => [
  { x: numeral.x, y: numeral.y },
  ...[...Array(8).keys()].map((k) => ({
    x: numeral.x + numeralRadius(outline) * Math.cos((k * Math.PI) / 4),
    y: numeral.y + numeralRadius(outline) * Math.sin((k * Math.PI) / 4),
  })),
]
