import { openDB, type DBSchema, type IDBPDatabase } from 'idb'

interface StepsSchema extends DBSchema {
  steps: { key: number; value: string }
  place: { key: 'place'; value: { at: number; writer: string } }
}

/** All steps of a sheet's history, oldest first, and which of them lies on the table. */
export interface KeptSteps {
  steps: string[]
  at: number
}

/** How many steps a new page takes over from the one before; while a page is open nothing is thrown away. */
const mostTakenOver = 5000

/**
 * Keeps the steps of the history in the browser's database, each as a record of its own, so that a step costs the same however long
 * the history is. The page that wrote last owns it: when another page had written meanwhile, everything is written anew.
 */
export function useStepStore(name = 'deep-baize') {
  const writer = crypto.randomUUID()
  let database: Promise<IDBPDatabase<StepsSchema>> | null = null
  let queue: Promise<unknown> = Promise.resolve()

  const open = () =>
    (database ??= openDB<StepsSchema>(name, 1, {
      upgrade(db) {
        db.createObjectStore('steps')
        db.createObjectStore('place')
      },
    }))

  /** The history that was kept; null when there is none, or when the browser keeps nothing. */
  async function read(): Promise<KeptSteps | null> {
    try {
      const transaction = (await open()).transaction(['steps', 'place'])
      const place = await transaction.objectStore('place').get('place')
      const steps = await transaction.objectStore('steps').getAll()
      if (!place || steps.length === 0) return null
      const tooMany = Math.max(0, place.at + 1 - mostTakenOver)
      return { steps: steps.slice(tooMany), at: Math.min(place.at, steps.length - 1) - tooMany }
    } catch {
      return null
    }
  }

  /** Keeps the steps from one on, and the place; what stood behind them is gone. */
  function write(kept: KeptSteps, from: number) {
    queue = queue.then(() => writeNow(kept, from)).catch(() => undefined)
  }

  async function writeNow({ steps, at }: KeptSteps, from: number) {
    const transaction = (await open()).transaction(['steps', 'place'], 'readwrite')
    const kept = transaction.objectStore('steps')
    const owner = await transaction.objectStore('place').get('place')
    const first = owner?.writer === writer ? from : 0
    if (first < steps.length || first === 0) await kept.delete(IDBKeyRange.lowerBound(first))
    for (let i = first; i < steps.length; i++) void kept.put(steps[i]!, i)
    await transaction.objectStore('place').put({ at, writer }, 'place')
    await transaction.done
  }

  /** Resolves when everything that was asked to be kept is kept. */
  const whenKept = () => queue

  return { read, write, whenKept }
}

export type StepStore = ReturnType<typeof useStepStore>
