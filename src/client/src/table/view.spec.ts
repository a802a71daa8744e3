import { describe, expect, it } from 'vitest'
import type { Outline, Path, Segment } from '@/api/client'
import {
  dotted,
  fromSheet,
  heightOn,
  isFlight,
  placeAt,
  ribbonHalf,
  shadow,
  sizeOf,
  stipples,
  toSheet,
  velocityOn,
  wayFromSheet,
  wayOnSheet,
  type View,
} from './view'

const outline = { length: 3.569, width: 1.778, ballRadius: 0.02625 } as Outline

/** From (1, 0.5) at 2 m/s along x, slowing to 1 m/s within a second. */
const slowing: Segment = {
  phase: 'sliding',
  startTime: 1,
  endTime: 2,
  points: [
    [1, 0.5, 0.02625],
    [2, 0.5, 0.02625],
    [2.5, 0.5, 0.02625],
  ],
}
const path: Path = { ball: 'cue', segments: [slowing] }

describe('the drawing', () => {
  it('puts the green side on top and turns back exactly', () => {
    expect(toSheet(outline, 1, 1.778)).toEqual({ x: 1000, y: 0 })
    const back = fromSheet(outline, toSheet(outline, 1.234, 0.567))
    expect(back.x).toBeCloseTo(1.234, 12)
    expect(back.y).toBeCloseTo(0.567, 12)
  })

  it.each([
    [0, { x: 1000, y: 0 }],
    [1, { x: 0, y: 2569 }],
    [2, { x: 2569, y: 1778 }],
    [3, { x: 1778, y: 1000 }],
  ] as const)('turns the table by quarter %i and never mirrors it', (turn, greenSide) => {
    const view = { ...outline, turn, perPixel: 4 } as View
    expect(toSheet(view, 1, 1.778)).toEqual(greenSide)
    for (const [x, y] of [
      [0.2, 0.3],
      [3.1, 1.7],
    ] as const) {
      const back = fromSheet(view, toSheet(view, x, y))
      expect(back.x).toBeCloseTo(x, 12)
      expect(back.y).toBeCloseTo(y, 12)
      const way = wayFromSheet(view, wayOnSheet(view, x, y))
      expect([way.x, way.y]).toEqual([x, y])
    }
    // From the middle the way up the table and the way to the green side keep their order: a quarter turn, not a mirror.
    const [up, left] = [wayOnSheet(view, 1, 0), wayOnSheet(view, 0, 1)]
    expect(up.x * left.y - up.y * left.x).toBeCloseTo(-1, 12)
    expect(sizeOf(view)).toEqual(turn % 2 ? { width: 1778, height: 3569 } : { width: 3569, height: 1778 })
  })

  it('moves a ball along its curve by the clock', () => {
    expect(placeAt(path, 0.5)).toBeNull()
    expect(placeAt(path, 1.5)!.x).toBeCloseTo(1 + 2 * 0.5 - 0.5 * 0.25, 12)
    expect(placeAt(path, 9)!.x).toBe(2.5)
  })

  it('knows the speed on a curve', () => {
    expect(velocityOn(slowing, 0).x).toBeCloseTo(2, 12)
    expect(velocityOn(slowing, 1).x).toBeCloseTo(1, 12)
  })

  it('draws a dying ball thinner', () => {
    expect(ribbonHalf(0.1)).toBeLessThan(ribbonHalf(3))
  })

  it('stipples a slide evenly', () => {
    const dots = stipples(outline, [slowing])
    const gaps = dots.slice(1).map((dot, i) => dot.x - dots[i]!.x)
    expect(dots.length).toBeGreaterThan(50)
    expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThan(8)
  })

  it('draws all stipples as one path of circles', () => {
    const dots = stipples(outline, [slowing])
    const path = dotted(dots)
    expect(path.split('M')).toHaveLength(dots.length + 1)
    expect(dotted([{ x: 10, y: 20, r: 5 }])).toBe('M5.0,20.0a5.0 5.0 0 1 0 10.0 0a5.0 5.0 0 1 0 -10.0 0')
    expect(dotted([])).toBe('')
  })
})

/** A hop over 0.4 m, 30 mm high at its top. */
const hop = (top: number): Segment => ({
  phase: 'airborne',
  startTime: 0,
  endTime: 0.2,
  points: [
    [1, 0.5, 0.02625],
    [1.2, 0.5, 0.02625 + 2 * top],
    [1.4, 0.5, 0.02625],
  ],
})

describe('a flight', () => {
  it('has its height from the curve, and is drawn as one when it is seen', () => {
    expect(heightOn(outline, hop(0.03), 0.5)).toBeCloseTo(0.03, 9)
    expect(heightOn(outline, hop(0.03), 1)).toBeCloseTo(0, 9)
    expect(isFlight(outline, hop(0.03))).toBe(true)
    expect(isFlight(outline, hop(0.001))).toBe(false)
    expect(isFlight(outline, slowing)).toBe(false)
  })

  it('casts its shadow beside itself, the farther the higher it is', () => {
    const points = shadow(outline, hop(0.03))
      .slice(1)
      .split('L')
      .map((pair) => pair.split(',').map(Number))
    const way = (i: number) => points[i]![1]! - toSheet(outline, 1.2, 0.5).y
    expect(way(0)).toBeCloseTo(0, 6)
    expect(way(6)).toBeCloseTo(0.7 * 30, 0)
    expect(way(12)).toBeCloseTo(0, 6)
  })
})
