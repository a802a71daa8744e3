import { expect, it } from 'vitest'
import type { Outline, Segment } from '@/api/client'
import { placeLabels, pointsAlong } from './labels'
import { placeOn, toSheet } from './view'

const outline = { length: 3.569, width: 1.778 } as Outline

/** The same numbers in every run. */
function drawsOf(seed: number) {
  let state = seed
  return () => (state = (state * 48271) % 2147483647) / 2147483647
}

it('lets no line run through a label that it calls clear, however the lines bend', () => {
  const draw = drawsOf(7)
  const place = () => [3.5 * draw(), 1.7 * draw()]
  let clear = 0
  for (let sheet = 0; sheet < 40; sheet++) {
    const lines = Array.from({ length: 7 }, () => ({ points: [place(), place(), place()] }) as unknown as Segment)
    const size = { offset: 84, halfWidth: 40 + 80 * draw(), halfHeight: 44 }
    const from = lines.map((line) => pointsAlong(outline, [line]).at(-1)!)
    const labels = placeLabels(outline, from, pointsAlong(outline, lines), () => size)
    for (const label of labels.filter((one) => one.isClear)) {
      clear++
      for (const line of lines)
        for (let i = 0; i <= 1500; i++) {
          const on = placeOn(line, i / 1500)
          const point = toSheet(outline, on.x, on.y)
          const isUnder = Math.abs(point.x - label.x) < size.halfWidth && Math.abs(point.y - label.y) < size.halfHeight
          if (isUnder) expect.fail(`sheet ${sheet}: a line runs through the label at ${label.x}, ${label.y}`)
        }
    }
  }
  expect(clear).toBeGreaterThan(100)
})

it('puts a label where it is wanted first, and beside that when something lies there', () => {
  const [ball, size] = [
    { x: 1500, y: 800 },
    { offset: 70, halfWidth: 20, halfHeight: 30, first: 12 },
  ]
  const [above] = placeLabels(outline, [ball], [ball], () => size)
  expect(above!.x).toBeCloseTo(ball.x, 6)
  expect(above!.y).toBeLessThan(ball.y - size.halfHeight)
  const numeral = { x: ball.x - 15, y: ball.y - 75 }
  const [beside] = placeLabels(outline, [ball], [ball, numeral], () => size)
  expect(beside!.isClear).toBe(true)
  expect(beside!.y).toBeLessThan(ball.y)
  expect(beside!.x - size.halfWidth).toBeGreaterThan(numeral.x)
})
