import { describe, expect, it } from 'vitest'
import { isWithin, nearest, rectangle, useTrail } from './gestures'

describe('gestures', () => {
  it('take the nearest ball within reach, or none', () => {
    const balls = [
      { id: 'red1', x: 0, y: 0 },
      { id: 'red2', x: 30, y: 0 },
    ]
    expect(nearest(balls, { x: 20, y: 0 }, 22)?.id).toBe('red2')
    expect(nearest(balls, { x: 60, y: 0 }, 22)).toBeUndefined()
  })

  it('draw a frame from any corner to any other', () => {
    const [from, to] = [
      { x: 10, y: 20 },
      { x: -5, y: 2 },
    ]
    expect(isWithin({ x: 0, y: 10 }, from, to)).toBe(true)
    expect(isWithin({ x: 11, y: 10 }, from, to)).toBe(false)
    expect(rectangle(from, to)).toEqual([from, { x: -5, y: 20 }, to, { x: 10, y: 2 }])
  })

  it('throw on what is let go in full motion, and lay what was held still', () => {
    const trail = useTrail()
    trail.start({ x: 0, y: 0 }, 0)
    for (let time = 10; time <= 50; time += 10) trail.follow({ x: 2 * time, y: 0 }, time)
    expect(trail.leadsTo(52)).toEqual({ x: 300, y: 0 })
    expect(trail.leadsTo(130)).toEqual({ x: 100, y: 0 })
    trail.follow({ x: 100, y: 0 }, 140)
    expect(trail.leadsTo(141)).toEqual({ x: 100, y: 0 })
  })
})
