import { describe, expect, it } from 'vitest'
import { effectScope } from 'vue'
import { useNewest, type Outcome } from './useNewest'

/** Calls that are answered when the test says so. */
function calls() {
  const open: { signal: AbortSignal; answer: (outcome: Outcome<string>) => void }[] = []
  const call = (signal: AbortSignal) => new Promise<Outcome<string>>((answer) => open.push({ signal, answer }))
  return { open, call }
}

describe('useNewest', () => {
  it('drops an older answer that comes after the newer one, and stops its call', async () => {
    const { open, call } = calls()
    const asked = useNewest<string>()
    const [first, second] = [asked.put(call), asked.put(call)]
    expect(open[0]!.signal.aborted).toBe(true)
    open[1]!.answer({ data: 'new' })
    expect(await second).toBe('new')
    open[0]!.answer({ data: 'old' })
    expect(await first).toBeUndefined()
    expect([asked.answer.value, asked.isBusy.value]).toEqual(['new', false])
  })

  it('drops an older answer that comes before the newer one', async () => {
    const { open, call } = calls()
    const asked = useNewest<string>()
    const [first, second] = [asked.put(call), asked.put(call)]
    open[0]!.answer({ data: 'old' })
    await first
    expect([asked.answer.value, asked.isBusy.value]).toEqual([null, true])
    open[1]!.answer({ data: 'new' })
    await second
    expect(asked.answer.value).toBe('new')
  })

  it('shows what was answered as old while the next answer is on its way', async () => {
    const { open, call } = calls()
    const asked = useNewest<string>()
    const first = asked.put(call)
    expect(asked.isOld.value).toBe(false)
    open[0]!.answer({ data: 'one' })
    await first
    const second = asked.put(call)
    expect([asked.answer.value, asked.isOld.value]).toEqual(['one', true])
    open[1]!.answer({ refusal: 'No.' })
    expect(await second).toBeUndefined()
    expect([asked.answer.value, asked.refusal.value, asked.isOld.value]).toEqual([null, 'No.', false])
  })

  it('stops with the part of the page that asks', async () => {
    const { open, call } = calls()
    const scope = effectScope()
    const asked = scope.run(() => useNewest<string>())!
    const first = asked.put(call)
    scope.stop()
    expect(open[0]!.signal.aborted).toBe(true)
    open[0]!.answer({ data: 'late' })
    await first
    expect(asked.answer.value).toBeNull()
  })
})
