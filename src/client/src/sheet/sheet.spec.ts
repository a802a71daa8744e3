import { describe, expect, it } from 'vitest'
import { ballName, emptySheet, nextRed, readSheet } from './sheet'

describe('the working sheet', () => {
  it('is read back as it was kept', () => {
    const sheet = emptySheet()
    sheet.balls.push({ id: 'red3', x: 1.25, y: 0.5 })
    expect(readSheet(JSON.stringify(sheet))).toEqual(sheet)
  })

  it.each([
    ['nothing', null],
    ['no JSON', '{'],
    ['another shape', '{"hello":1}'],
    ['no white', '{"balls":[{"id":"red1","x":1,"y":1}],"stroke":{"directionDeg":0,"pace":4,"side":0,"height":0}}'],
    [
      'a place that is no number',
      '{"balls":[{"id":"cue","x":null,"y":1}],"stroke":{"directionDeg":0,"pace":4,"side":0,"height":0}}',
    ],
    ['half a stroke', '{"balls":[{"id":"cue","x":1,"y":1}],"stroke":{"directionDeg":0}}'],
  ])('turns down %s', (_, text) => {
    expect(readSheet(text)).toBeNull()
  })

  it('takes a sheet that was kept before tables had names as the club table', () => {
    const kept =
      '{"balls":[{"id":"cue","x":1,"y":1}],"stroke":{"directionDeg":0,"pace":4,"side":0,"height":0},"opened":null,"changed":false}'
    expect(readSheet(kept)?.profile).toBe('club')
  })

  it('lays the lowest red that is not on the table', () => {
    expect(nextRed([{ id: 'red1', x: 1, y: 1 }])).toBe('red2')
    expect(nextRed(Array.from({ length: 15 }, (_, i) => ({ id: `red${i + 1}`, x: i, y: 0 })))).toBeUndefined()
  })

  it('names balls as players do', () => {
    expect([ballName('cue'), ballName('red12'), ballName('black')]).toEqual(['white', 'red 12', 'black'])
  })
})
