import 'fake-indexeddb/auto'
import fc from 'fast-check'
import { beforeEach, describe, expect, it } from 'vitest'
import { effectScope, toRaw, type EffectScope } from 'vue'
import type { Mark, PlayState } from '@/api/client'
import { emptySheet } from './sheet'
import { useStepStore } from './stepStore'
import { useSheet, type SheetModel } from './useSheet'

/** One page: the sheet with its history on the real store. */
interface Page {
  model: SheetModel
  scope: EffectScope
  kept: () => Promise<unknown>
}

/** What the browser remembers; a page that was left can no longer write to it, as timers of its own would in one window. */
function memoryOf(scope: EffectScope) {
  return {
    getItem: (key: string) => localStorage.getItem(key),
    setItem: (key: string, text: string) => void (scope.active && localStorage.setItem(key, text)),
  }
}

async function openPage(database: string): Promise<Page> {
  const scope = effectScope()
  const store = useStepStore(database)
  const model = scope.run(() => useSheet(store, memoryOf(scope)))!
  await model.whenReady()
  return { model, scope, kept: store.whenKept }
}

/** Leaves the page as a browser does, and opens it anew. */
async function reload(page: Page, database: string): Promise<Page> {
  window.dispatchEvent(new Event('pagehide'))
  await page.kept()
  page.scope.stop()
  return openPage(database)
}

const snapshot = (model: SheetModel) => JSON.stringify(toRaw(model.sheet.value))

const ids = ['cue', 'red1', 'red2', 'red15', 'yellow', 'pink', 'black']
const number = fc.double({ min: 0, max: 3.569, noNaN: true })
const id = fc.constantFrom(...ids)
const place = fc.record({ x: number, y: number })
const mark = fc.record({
  id: fc.constantFrom('a', 'b', 'c'),
  kind: fc.constantFrom('whitePlace', 'target', 'gate', 'zone'),
  places: fc.array(place, { minLength: 1, maxLength: 4 }),
  radius: fc.option(number),
  text: fc.string({ maxLength: 10 }),
})
const state = fc.record({
  on: fc.option(fc.constantFrom('red', 'colour', 'black')),
  nominated: fc.option(fc.constantFrom('pink', 'black')),
  inHand: fc.boolean(),
  freeBall: fc.boolean(),
  scores: fc.option(fc.record({ player: fc.nat(147), opponent: fc.nat(147) })),
  break: fc.option(fc.nat(147)),
  missCount: fc.nat(3),
})

type Edit = (model: SheetModel) => void
const then = (change: (model: SheetModel) => void): Edit => {
  return (model) => {
    change(model)
    model.commit()
  }
}
const edit: fc.Arbitrary<Edit> = fc.oneof(
  fc.tuple(id, number, number).map(([ball, x, y]) => then((model) => model.place(ball, x, y))),
  fc.tuple(id, number, number).map(([ball, x, y]) => then((model) => model.placeRaw(ball, x, y))),
  fc.array(id, { minLength: 1, maxLength: 3 }).map(
    (balls): Edit =>
      (model) =>
        model.remove(...balls),
  ),
  fc.record({ directionDeg: number, pace: number, side: number, height: number }, { requiredKeys: [] }).map((stroke) =>
    then((model) => {
      // Turning the aim by hand lets the pot go; while it is kept its direction is an answer and no edit.
      if (stroke.directionDeg !== undefined) model.setKeepPot(false)
      model.setStroke(stroke)
    }),
  ),
  fc
    .option(fc.constantFrom('red1', 'pink'))
    .map((ball) => then((model) => model.setPot(ball && { ball, pocket: 'green', part: 'middle' }))),
  fc.boolean().map((keeps) => then((model) => model.setKeepPot(keeps))),
  fc.option(state).map((now) => then((model) => model.setState(now as PlayState | null))),
  fc.array(mark, { maxLength: 3 }).map((marks) => then((model) => model.setMarks(marks as Mark[]))),
  fc.constantFrom('club', 'lively').map(
    (table): Edit =>
      (model) =>
        model.setProfile(table),
  ),
  fc.array(place, { minLength: 1, maxLength: 5 }).map(
    (places): Edit =>
      (model) =>
        model.lay({ balls: places.map((one, i) => ({ id: ids[i]!, ...one })) }, null, true),
  ),
  fc.constant<Edit>((model) => model.clear()),
)

describe('the history of the sheet', () => {
  beforeEach(() => localStorage.clear())

  it('goes back to the beginning and on to the end through 200 edits, with reloads in between, and is the same', async () => {
    let run = 0
    await fc.assert(
      fc.asyncProperty(
        fc.array(edit, { minLength: 200, maxLength: 200 }),
        fc.array(fc.nat(199), { minLength: 3, maxLength: 3 }),
        async (edits, reloads) => {
          localStorage.clear()
          const database = `history-${run++}`
          let page = await openPage(database)
          const seen = [snapshot(page.model)]
          for (const [i, change] of edits.entries()) {
            change(page.model)
            const now = snapshot(page.model)
            // What is laid on a sheet that was never touched is where its history begins.
            if (!page.model.canUndo.value) seen[0] = now
            else if (now !== seen.at(-1)) seen.push(now)
            if (reloads[0] === i) page = await reload(page, database)
          }

          const isAt = (step: number) => expect(snapshot(page.model)).toBe(seen[step])
          let at = seen.length - 1
          const middle = reloads[1]! % seen.length
          while (page.model.canUndo.value) {
            page.model.undo()
            // A step that changed nothing to look at, such as clearing twice, is walked over.
            if (snapshot(page.model) !== seen[at]) at--
            isAt(at)
            if (at === middle) page = await reload(page, database)
            isAt(at)
          }
          expect(at).toBe(0)
          while (page.model.canRedo.value) {
            page.model.redo()
            if (snapshot(page.model) !== seen[at]) at++
            isAt(at)
            if (at === reloads[2]! % seen.length) page = await reload(page, database)
            isAt(at)
          }
          expect(at).toBe(seen.length - 1)
          page.scope.stop()
        },
      ),
      { numRuns: 12 },
    )
  }, 60_000)

  it('forgets what was undone when something new is done, also after a reload', async () => {
    let page = await openPage('branch')
    for (const x of [1, 2, 3]) {
      page.model.place('red1', x, 1)
      page.model.commit()
    }
    page.model.undo()
    page.model.undo()
    page.model.place('red2', 2, 1)
    page.model.commit()
    page = await reload(page, 'branch')
    expect(page.model.canRedo.value).toBe(false)
    page.model.undo()
    expect(page.model.balls.value.map((ball) => ball.id)).toEqual(['cue', 'red1'])
    expect(page.model.balls.value[1]!.x).toBe(1)
    page.scope.stop()
  })

  it('counts the aim that was found for a kept pot as an answer, also over a reload', async () => {
    let page = await openPage('aim')
    page.model.setPot({ ball: 'pink', pocket: 'green', part: 'middle' })
    page.model.commit()
    page.model.followAim(12.5)
    page = await reload(page, 'aim')
    expect(page.model.stroke.value.directionDeg).toBe(12.5)
    page.model.undo()
    expect(page.model.sheet.value).toEqual(emptySheet())
    page.scope.stop()
  })

  it('keeps what a stroke is for that pots nothing, until a pot is chosen or its ball goes', async () => {
    const page = await openPage('aims')
    const balls = [...emptySheet().balls, { id: 'blue', x: 1.8, y: 0.9 }]
    const hit = { kind: 'hit', ball: 'blue', place: null, within: null } as const
    page.model.lay({ balls, aim: hit }, null, false)
    expect(page.model.content().aim).toEqual(hit)
    page.model.remove('blue')
    expect(page.model.content().aim).toBeNull()
    page.model.lay({ balls, aim: hit }, null, false)
    page.model.setPot({ ball: 'blue', pocket: 'green', part: 'middle' })
    expect(page.model.content()).toMatchObject({ aim: null, pot: { ball: 'blue' } })
    page.scope.stop()
  })

  it('takes what belongs to a step into it', async () => {
    const page = await openPage('amend')
    page.model.placeRaw('red1', 1, -0.2)
    page.model.commit()
    page.model.setBalls([
      { id: 'cue', x: 0.6, y: 0.8 },
      { id: 'red1', x: 1, y: 0.024 },
    ])
    page.model.amend()
    page.model.undo()
    expect(page.model.sheet.value).toEqual(emptySheet())
    page.model.redo()
    expect(page.model.balls.value[1]!.y).toBe(0.024)
    expect(page.model.sheet.value.raw).toEqual([])
    page.scope.stop()
  })

  it('of two pages that are open at once the one that wrote last is found again', async () => {
    const one = await openPage('two')
    const other = await openPage('two')
    one.model.place('red1', 1, 1)
    one.model.commit()
    await one.kept()
    other.model.place('blue', 2, 1)
    other.model.commit()
    await other.kept()
    one.scope.stop()
    const page = await reload(other, 'two')
    page.model.undo()
    expect(page.model.canUndo.value).toBe(false)
    expect(page.model.sheet.value).toEqual(emptySheet())
    page.scope.stop()
  })

  it('works on, though without a memory, where the browser keeps nothing', async () => {
    const kept = globalThis.indexedDB
    Object.defineProperty(globalThis, 'indexedDB', { value: undefined, configurable: true })
    const page = await openPage('none')
    page.model.place('red1', 1, 1)
    page.model.commit()
    page.model.undo()
    expect(page.model.sheet.value).toEqual(emptySheet())
    page.scope.stop()
    Object.defineProperty(globalThis, 'indexedDB', { value: kept, configurable: true })
  })
})
