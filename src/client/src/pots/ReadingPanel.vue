<script setup lang="ts">
import { computed, onUnmounted, ref, watch } from 'vue'
import type { Pocket, RegionInput } from '@/api/client'
import { ballName, isRed } from '@/sheet/sheet'
import { t } from '@/words'
import IndirectList from './IndirectList.vue'
import type { Indirect } from './useIndirect'
import type { Reading } from './useReading'

/** The table read: what is on, what is in the way, how the reds are spread. */
const props = defineProps<{ reading: Reading; indirect: Indirect; chosen: string | null }>()
const emit = defineEmits<{ choose: [ball: string, pocket: Pocket]; look: [ball: string] }>()

const page = ref<'pots' | 'round' | 'reds'>('pots')
watch(page, (shown) => props.indirect.look(shown === 'round'))
onUnmounted(() => props.indirect.look(false))
const data = computed(() => props.reading.reading.value)
const pockets = ['yellow', 'green', 'middleYellowSide', 'middleGreenSide', 'topYellowSide', 'topGreenSide'] as const
const allRows = computed(() => {
  const balls = [...new Set(data.value?.entries.map((entry) => entry.ball) ?? [])]
  return balls
    .map((ball) => ({
      ball,
      isOn: data.value!.entries.some((entry) => entry.ball === ball && entry.isOn),
      cells: pockets.map((pocket) => data.value!.entries.find((e) => e.ball === ball && e.pocket === pocket)!),
    }))
    .sort((a, b) => open(b.cells) - open(a.cells))
})
/** What is on stands first; what is not stands apart. */
const groups = computed(() =>
  [true, false]
    .map((isOn) => ({ isOn, rows: allRows.value.filter((row) => row.isOn === isOn) }))
    .filter((group) => group.rows.length > 0),
)
/** The sign and what it means: who is told the label finds in it what is seen. */
function saidOf(state: 'open' | 'partly' | 'blocked') {
  const [sign, words] = [t(`reading.signs.${state}`), t(`pockets.${state}`)]
  return sign === words ? words : `${sign} ${words}`
}
const open = (cells: { state: string; widthMrad: number }[]) => Math.max(...cells.map((cell) => cell.widthMrad))
const regions = computed<RegionInput[]>(
  () => data.value?.regions.map(({ name, from, to, forTheBlue }) => ({ name, from, to, forTheBlue })) ?? [],
)

function edit(index: number, from: number | undefined) {
  if (from === undefined) return
  const edited = regions.value.map((region) => ({ ...region }))
  edited[index]!.from = from
  // The region below ends where this one begins.
  if (edited[index + 1]) edited[index + 1]!.to = from
  props.reading.setRegions(edited)
}
</script>

<template>
  <div class="panel" data-testid="reading-panel">
    <p v-if="reading.refusal.value" class="refusal" role="alert">{{ reading.refusal.value }}</p>
    <p v-if="data" class="big" data-testid="reading-words">{{ data.words }}</p>
    <el-radio-group v-model="page" size="small" :aria-label="t('reading.what')" class="pages">
      <el-radio-button value="pots">{{ t('reading.pots') }}</el-radio-button>
      <el-radio-button value="round" data-testid="round-page">{{ t('reading.round') }}</el-radio-button>
      <el-radio-button value="reds" data-testid="reds-page">{{ t('reading.reds') }}</el-radio-button>
    </el-radio-group>
    <IndirectList v-if="page === 'round'" :indirect="indirect" />
    <div v-else-if="data" class="scroll" role="region" tabindex="0" :aria-label="t('reading.title')">
      <table v-if="page === 'pots'">
        <caption class="hint">
          {{
            t('reading.legend')
          }}
        </caption>
        <thead>
          <tr>
            <th></th>
            <th v-for="pocket in pockets" :key="pocket">{{ t(`reading.heads.${pocket}`) }}</th>
          </tr>
        </thead>
        <tbody v-for="group in groups" :key="`${group.isOn}`" :data-on="group.isOn">
          <tr v-if="!group.isOn">
            <th :colspan="1 + pockets.length" class="apart">{{ t('reading.notOn') }}</th>
          </tr>
          <tr v-for="row in group.rows" :key="row.ball" :class="{ chosen: chosen === row.ball }">
            <th>
              <button type="button" :data-look="row.ball" @click="emit('look', row.ball)">
                {{ ballName(row.ball) }}
              </button>
            </th>
            <td v-for="cell in row.cells" :key="cell.pocket">
              <button
                v-if="cell.state !== 'noLine'"
                type="button"
                :class="cell.state"
                :title="cell.words"
                :aria-label="
                  t('reading.cell', {
                    sign: saidOf(cell.state),
                    ball: ballName(row.ball),
                    pocket: cell.pocket,
                    words: cell.words,
                  })
                "
                :data-entry="`${row.ball}.${cell.pocket}`"
                @click="emit('choose', cell.ball, cell.pocket)"
              >
                {{ t(`reading.signs.${cell.state}`) }}
              </button>
              <span v-else :title="cell.words">&middot;</span>
            </td>
          </tr>
        </tbody>
      </table>
      <template v-else>
        <h3>{{ t('reading.inTheWay') }}</h3>
        <ul>
          <li v-if="data.problems.length === 0">{{ t('reading.noProblem') }}</li>
          <li v-for="problem in data.problems.slice(0, 3)" :key="problem.ball" :data-problem-row="problem.ball">
            <b>{{ ballName(problem.ball) }}</b> {{ problem.words }}
          </li>
        </ul>
        <h3>{{ t('reading.regions') }}</h3>
        <ul class="regions">
          <li v-for="(region, i) in data.regions" :key="region.name" :data-region="region.name">
            <b>{{ region.reds.length }}</b> {{ region.name }}
            <el-input-number
              v-if="region.from > 0"
              size="small"
              :model-value="region.from"
              :min="0.1"
              :max="3.5"
              :step="0.05"
              :precision="2"
              controls-position="right"
              :aria-label="t('reading.begins', { region: region.name })"
              @change="(from: number | undefined) => edit(i, from)"
            />
          </li>
        </ul>
        <div class="line">
          <el-switch
            :model-value="reading.balance.value"
            :active-text="t('reading.balance')"
            @change="(keep: string | number | boolean) => reading.setBalance(keep === true)"
          />
          <el-button v-if="reading.regions.value" size="small" text @click="reading.setRegions(null)">{{
            t('reading.usual')
          }}</el-button>
        </div>
        <ul class="choices" data-testid="choices">
          <li v-for="choice in data.choices.slice(0, 4)" :key="choice.red">
            <b>{{ ballName(choice.red) }}</b> {{ choice.words }}
            <el-button
              v-if="isRed(choice.red)"
              size="small"
              text
              :aria-pressed="reading.without.value === choice.red"
              @click="reading.setWithout(reading.without.value === choice.red ? null : choice.red)"
              >{{ t('reading.whatIf') }}</el-button
            >
          </li>
        </ul>
        <p v-if="reading.without.value" class="warns">
          {{ t('reading.without', { ball: ballName(reading.without.value) }) }}
          <el-button size="small" text @click="reading.setWithout(null)">{{ t('reading.putBack') }}</el-button>
        </p>
      </template>
    </div>
    <p v-else class="hint">{{ t('reading.wait') }}</p>
  </div>
</template>

<style scoped>
.big {
  margin: 0 0 6px;
  font-size: 16px;
  line-height: 21px;
}
.pages {
  margin-bottom: 4px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: 0 1px;
  line-height: 20px;
  text-align: center;
  font-size: 14px;
  font-weight: 500;
  border-bottom: 1px solid var(--line);
}
thead th {
  padding-inline: 1px;
  color: var(--ink-soft);
  white-space: nowrap;
}
tbody th {
  text-align: left;
}
td button,
th button {
  all: unset;
  cursor: pointer;
  padding: 1px 3px;
  border-radius: 4px;
}
button:focus-visible {
  outline: 3px solid var(--chalk);
}
.open {
  font-weight: 650;
  color: var(--chalk);
}
.partly {
  color: var(--chalk);
}
.blocked {
  color: var(--warn);
}
td span {
  color: var(--ink-faint);
}
.chosen {
  background: var(--straw-paper);
}
h3 {
  margin: 12px 0 4px;
  font-size: 15px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  padding: 3px 0;
  line-height: 20px;
}
.regions li {
  display: grid;
  grid-template-columns: 20px 1fr 96px;
  align-items: center;
  min-height: 26px;
}
.regions .el-input-number {
  width: 96px;
}
.choices li b {
  white-space: nowrap;
}
.choices li {
  display: flex;
  gap: 6px;
  align-items: baseline;
}
.choices .el-button {
  margin-left: auto;
}
.line {
  display: flex;
  justify-content: space-between;
}
.refusal,
.warns {
  color: var(--warn);
}
.hint {
  color: var(--ink-soft);
}
.apart {
  padding-top: 6px;
  color: var(--ink-soft);
}
caption {
  caption-side: bottom;
  padding-top: 6px;
  text-align: left;
}
</style>
