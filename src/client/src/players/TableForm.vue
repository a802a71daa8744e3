<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, ask, type Profile, type RunRule, type TableDocument } from '@/api/client'
import { t } from '@/words'

/** A table with its balls: how far the paces run on it first; its coefficients stand behind Numbers. */
const props = defineProps<{ table: TableDocument; profiles: Profile[]; readOnly: boolean }>()
const emit = defineEmits<{ change: [table: TableDocument] }>()

type Group = 'table' | 'pockets' | 'balls'
type Values = Record<string, number | null | Record<string, number | null>>
const based = computed(() => props.profiles.find((known) => known.id === (props.table.profile ?? 'club')))
const given = computed(() => (props.table.coefficients ?? {}) as Partial<Record<Group, Values>>)

/** Every coefficient that belongs to a table, with the value in force. */
const rows = computed(() =>
  (based.value?.coefficients ?? [])
    .filter((one) => !one.field.startsWith('cue.'))
    .map((one) => {
      const [group, name, part] = one.field.split('.') as [Group, string, string | undefined]
      const own = given.value[group]?.[name]
      const value = part ? (own as Record<string, number> | undefined)?.[part] : (own as number | undefined)
      return { ...one, group, short: name, part, own: value ?? null, now: value ?? one.value }
    }),
)
const told = [3, 5, 8]
const rule = ref<RunRule | null>(null)
const refusal = ref('')
const showsNumbers = ref(false)
const runs = computed(() => rule.value?.marks.filter((mark) => told.includes(mark.pace)) ?? [])

const measure = useDebounceFn(async () => {
  const asked = props.table
  const { data, refusal: sentence } = await ask(
    api.POST('/api/run-rule', { body: { profile: asked.profile, coefficients: asked.coefficients } }),
  )
  if (asked !== props.table) return
  refusal.value = sentence ?? ''
  if (data) rule.value = data
}, 250)
watch(() => props.table, measure, { immediate: true })

const digits = (value: number) => (Math.abs(value) >= 10 ? 1 : Math.abs(value) >= 0.5 ? 3 : 5)

function set(row: (typeof rows.value)[number], value: number | undefined) {
  const group = { ...(given.value[row.group] ?? {}) } as Values
  const said = value === undefined || value === row.value ? null : value
  group[row.short] = row.part ? { ...(group[row.short] as Record<string, number>), [row.part]: said } : said
  emit('change', {
    ...props.table,
    coefficients: { ...given.value, [row.group]: group } as TableDocument['coefficients'],
  })
}
</script>

<template>
  <div class="form">
    <p v-if="refusal" class="refusal" role="alert" data-testid="table-refusal">{{ refusal }}</p>
    <p class="runs" data-testid="table-runs">
      <span v-for="mark in runs" :key="mark.pace">{{
        t('tables.runs', { pace: mark.pace, lengths: mark.lengths.toFixed(1) })
      }}</span>
    </p>
    <div class="grid">
      <label>
        {{ t('tables.based') }}
        <el-select
          :model-value="table.profile ?? 'club'"
          :disabled="readOnly"
          :aria-label="t('tables.based')"
          @change="(profile: string) => emit('change', { ...table, profile })"
        >
          <el-option v-for="known in profiles" :key="known.id" :value="known.id" :label="known.name" />
        </el-select>
      </label>
      <label v-if="!readOnly">
        {{ t('tables.measured') }}
        <el-date-picker
          :model-value="table.measuredOn ?? ''"
          value-format="YYYY-MM-DD"
          :placeholder="t('tables.notMeasured')"
          :aria-label="t('tables.measured')"
          @update:model-value="(day: string | null) => emit('change', { ...table, measuredOn: day })"
        />
      </label>
    </div>
    <p class="small">{{ based?.about }}</p>
    <el-button :aria-pressed="showsNumbers" data-testid="table-numbers" @click="showsNumbers = !showsNumbers">{{
      t('shelf.numbers')
    }}</el-button>
    <h3 v-if="showsNumbers">{{ t('tables.differs') }}</h3>
    <div v-if="showsNumbers" class="grid">
      <label v-for="row in rows" :key="row.field" :class="{ own: row.own !== null }" :title="row.source">
        {{ row.name }}{{ row.unit ? `, ${row.unit}` : '' }}
        <el-input-number
          :model-value="row.now"
          :min="row.least"
          :max="row.most"
          :step="10 ** -digits(row.now) * 10"
          :precision="digits(row.now)"
          :disabled="readOnly"
          controls-position="right"
          :aria-label="row.name"
          :data-testid="`coefficient-${row.field}`"
          @change="(value: number | undefined) => set(row, value)"
        />
      </label>
    </div>
  </div>
</template>

<style scoped src="./form.css"></style>
<style scoped>
.runs {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 28px;
  margin: 4px 0 12px;
  font-size: 20px;
  line-height: 26px;
}
.own {
  color: var(--chalk);
  font-weight: 650;
}
</style>
