import { describe, expect, it } from 'vitest'
import { eyeBehind } from './perspective'

const eye = eyeBehind({
  white: { x: 1, y: 0.5 },
  directionDeg: 90,
  behind: 0.5,
  height: 0.1,
  focal: 1000,
  horizon: { x: 160, y: 10 },
})

describe('the sight', () => {
  it('sees what lies on the cue line on its middle', () => {
    const seen = eye.see({ x: 1, y: 1.5, z: 0.1 })
    expect(seen.x).toBeCloseTo(160, 9)
    expect(seen.y).toBeCloseTo(10, 9)
    expect(seen.scale).toBeCloseTo(1000 / 1.5, 9)
  })

  it('sees the striker’s right on the right', () => {
    // Looking towards the green side, right is up the table.
    expect(eye.see({ x: 1.1, y: 1, z: 0 }).x).toBeGreaterThan(160)
  })

  it('cuts off what lies behind the eye', () => {
    const behind = [
      { x: 0, y: -3, z: 0 },
      { x: 2, y: -3, z: 0 },
      { x: 1, y: -2, z: 0 },
    ]
    expect(eye.seePolygon(behind)).toEqual([])
    const half = eye.seePolygon([
      { x: 0, y: -3, z: 0 },
      { x: 2, y: -3, z: 0 },
      { x: 1, y: 1, z: 0 },
    ])
    expect(half).toHaveLength(3)
    expect(half.every((point) => Number.isFinite(point.x) && Number.isFinite(point.y))).toBe(true)
  })
})
