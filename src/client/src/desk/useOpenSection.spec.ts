import { flushPromises } from '@vue/test-utils'
import { expect, it, vi } from 'vitest'
import { effectScope, ref, shallowRef } from 'vue'
import type { SectionName } from '@/words'
import type { DeskEntry } from './contract'
import type { Desk } from './createDesk'
import { useOpenSection } from './useOpenSection'

const entryOf = (name: SectionName, load: DeskEntry['load']): DeskEntry => ({
  name,
  path: `/${name}`,
  kind: 'desk',
  load,
})

it('keeps what a section holds, and says when one cannot be loaded until it can', async () => {
  const use = vi.fn(() => ({}))
  const one = entryOf('table', () => Promise.resolve({ default: { use, bench: {} } }))
  const load = vi.fn<DeskEntry['load']>().mockRejectedValueOnce(new Error('away'))
  load.mockResolvedValue({ default: { use: () => ({ said: ref(undefined) }), bench: {} } })
  const two = entryOf('break', load)
  const desk = { open: shallowRef(null), failed: shallowRef(null) } as unknown as Desk
  const now = shallowRef(one)
  const scope = effectScope()
  scope.run(() => useOpenSection(desk, () => now.value))
  await flushPromises()
  const first = desk.open.value
  expect(first?.model).toEqual({})

  now.value = two
  await flushPromises()
  expect(desk.open.value).toBe(first)
  expect(desk.failed.value).not.toBeNull()
  desk.failed.value!()
  await flushPromises()
  expect(desk.failed.value).toBeNull()
  expect(desk.open.value?.model.said).toBeDefined()

  now.value = one
  await flushPromises()
  expect(desk.open.value).toBe(first)
  expect(use).toHaveBeenCalledTimes(1)
  scope.stop()
})
