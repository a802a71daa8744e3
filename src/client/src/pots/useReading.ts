import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { api, ask, type Coefficients, type MatrixEntry, type RegionInput, type TableReading } from '@/api/client'
import { useNewest } from '@/api/useNewest'
import type { SheetModel } from '@/sheet/useSheet'

const settleMs = 120

/** The table read by the server: every ball on every pocket, what is in the way, reds by region. */
export function useReading(model: SheetModel, wanted: Ref<boolean>, coefficients: Ref<Coefficients | null>) {
  const asking = useNewest<TableReading>()
  const { answer: reading, refusal } = asking
  /** Null is the usual four regions. */
  const regions = ref<RegionInput[] | null>(null)
  const balance = ref(true)
  /** A red that is taken away in thought. */
  const without = ref<string | null>(null)

  const question = computed(() => ({
    balls: model.balls.value.filter((ball) => ball.id !== without.value).map((ball) => ({ ...ball })),
    profile: model.profile.value,
    coefficients: coefficients.value,
    regions: regions.value,
    state: model.state.value,
    balance: balance.value,
  }))

  const readSoon = useDebounceFn(() => {
    const body = question.value
    if (wanted.value) void asking.put((signal) => ask(api.POST('/api/pots/matrix', { body, signal })))
  }, settleMs)

  watch([wanted, question], () => void readSoon(), { immediate: true })
  watch(
    () => model.balls.value.map((ball) => ball.id).join(),
    () => {
      // Other balls are another table: what was read of the old one must not be chosen from.
      asking.clear()
      without.value = null
    },
  )

  const setRegions = (edited: RegionInput[] | null) => (regions.value = edited)
  const setBalance = (keep: boolean) => (balance.value = keep)
  const setWithout = (red: string | null) => (without.value = red)

  /** What a ball's six pockets are like. */
  const entriesOf = (ball: string): MatrixEntry[] => reading.value?.entries.filter((entry) => entry.ball === ball) ?? []

  return { reading, refusal, regions, balance, without, entriesOf, setRegions, setBalance, setWithout }
}

export type Reading = ReturnType<typeof useReading>
