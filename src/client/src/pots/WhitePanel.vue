<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Cell, Fix, PlaceOnBed, PotAnswer, Stroke } from '@/api/client'
import { ballName } from '@/sheet/sheet'
import CannonList from './CannonList.vue'
import DialMap from './DialMap.vue'
import { dialLabel, type Where, type WhereView } from './useWhere'

/** Where the white can go: the three anchors, one dial swept, the map, what threatens, cannons. */
const props = defineProps<{ where: Where; pot: PotAnswer | null; stroke: Stroke; rest: PlaceOnBed | null }>()
const emit = defineEmits<{
  take: [stroke: Partial<Stroke>]
  fix: [fix: Fix]
  answerByKeys: []
  putWanted: [place: PlaceOnBed]
}>()

const views: { view: WhereView; label: string }[] = [
  { view: 'anchors', label: 'Stun, follow, screw' },
  { view: 'height', label: 'Lower to higher' },
  { view: 'pace', label: 'Softer to harder' },
  { view: 'map', label: 'Pace by height' },
  { view: 'dangers', label: 'In-off?' },
  { view: 'cannon', label: 'Cannon' },
]
const told = ref<Cell | null>(null)
const view = computed(() => props.where.view.value)
const isZoned = computed(() => ['height', 'pace', 'map'].includes(view.value))
const legend: [string, string][] = [
  ['inZone', 'in the zone'],
  ['fallsShort', 'short'],
  ['runsPast', 'past'],
  ['meetsBall', 'o meets a ball'],
  ['inOff', 'x in-off'],
  ['noPot', 'no pot'],
]

/** Tip heights by distance, as far as safe tips reach. */
const stunHeights = computed(() =>
  props.where.heights.value
    .filter((height) => height.height !== null)
    .map((height) => `${height.distanceM} m ${height.words}`),
)

function takeCell(cell: Cell) {
  emit('take', { pace: Math.round(cell.pace * 100) / 100, height: Math.round(cell.height * 1000) / 1000 })
}
</script>

<template>
  <div class="panel" data-testid="white-panel">
    <div class="views" role="group" aria-label="Where can the white go?">
      <el-button
        v-for="choice in views"
        :key="choice.view"
        :type="view === choice.view ? 'primary' : undefined"
        :aria-pressed="view === choice.view"
        :disabled="!pot"
        :data-view="choice.view"
        @click="where.show(choice.view)"
        >{{ choice.label }}</el-button
      >
    </div>
    <p v-if="!pot" class="hint">Touch a ball and a pocket first.</p>
    <p v-if="where.refusal.value" class="refusal" role="alert">{{ where.refusal.value }}</p>
    <div v-if="isZoned" class="zone">
      <p class="hint">
        {{
          where.wanted.value ? 'The zone: touch the cloth to move it.' : 'Touch the cloth where the white should stop.'
        }}
      </p>
      <div class="line">
        <label>
          within
          <el-input-number
            size="small"
            :model-value="where.withinWidths.value"
            :min="0.5"
            :max="12"
            :step="0.5"
            controls-position="right"
            aria-label="Balls from the middle of the zone"
            @change="(balls: number | undefined) => where.setWithin((balls ?? 2) * 0.0525)"
          />
          balls
        </label>
        <el-button size="small" :disabled="!rest" data-testid="zone-here" @click="rest && emit('putWanted', rest)"
          >Where it stops now</el-button
        >
        <el-button v-if="where.wanted.value" size="small" @click="where.setWanted(null)">No zone</el-button>
      </div>
    </div>
    <div class="scroll" tabindex="0" aria-label="What comes of it">
      <template v-if="view === 'anchors'">
        <div class="line">
          <el-switch
            :model-value="where.hides.value"
            active-text="Hide the answer"
            data-testid="hide-answer"
            @change="(hide: string | number | boolean) => where.setHides(hide === true)"
          />
          <el-button
            v-if="where.answerIsHidden.value"
            size="small"
            data-testid="answer-by-keys"
            @click="emit('answerByKeys')"
            >Answer by keys</el-button
          >
          <el-button v-else-if="where.hides.value" size="small" @click="where.setGuess(null)">Ask again</el-button>
        </div>
        <p v-if="where.answerIsHidden.value" class="big">Where will the white go? Touch the cloth.</p>
        <template v-else>
          <p v-if="where.anchors.value?.guessWords && where.guess.value" class="big" data-testid="guess-words">
            {{ where.anchors.value.guessWords }}
          </p>
          <ul class="list">
            <li v-for="anchor in where.anchors.value?.anchors ?? []" :key="anchor.kind" :data-anchor-row="anchor.kind">
              <button
                type="button"
                :disabled="!anchor.isPotted"
                @click="
                  emit('take', {
                    height: Math.round(anchor.height * 1000) / 1000,
                    pace: Math.round(anchor.pace * 100) / 100,
                  })
                "
              >
                <b>{{ anchor.kind }}</b> {{ anchor.how }}
              </button>
              <small
                >{{ anchor.sentence ?? anchor.restWords
                }}<template v-if="anchor.meets.length > 0"
                  >; meets {{ anchor.meets.slice(0, 3).join(', ') }}</template
                ></small
              >
              <small v-if="!anchor.isReached && !anchor.sentence"
                >Not quite {{ anchor.kind }} from here with a safe tip.</small
              >
            </li>
          </ul>
          <p v-if="where.anchors.value?.simplest" class="hint">Simplest: {{ where.anchors.value.simplest }}.</p>
          <p v-if="stunHeights.length > 0" class="hint" data-testid="stun-heights">
            To stun at this pace: {{ stunHeights.join('; ') }}.
          </p>
        </template>
      </template>
      <template v-else-if="view === 'height' || view === 'pace'">
        <p v-if="where.sweep.value?.window" class="big" data-testid="dial-window">
          {{ where.sweep.value.window.words }}.
        </p>
        <p v-else-if="where.wanted.value && where.sweep.value" class="hint">None of these stops in the zone.</p>
        <ul class="list">
          <li
            v-for="(cell, i) in where.sweep.value?.cells ?? []"
            :key="i"
            class="row"
            :class="cell.kind"
            :data-sweep="i"
            :title="`${cell.how}: ${cell.words}`"
          >
            <button type="button" :disabled="cell.kind === 'noPot'" @click="takeCell(cell)">
              <b>{{ dialLabel(view, cell) }}</b> {{ cell.words }}
            </button>
          </li>
        </ul>
      </template>
      <template v-else-if="view === 'map'">
        <DialMap
          :rows="where.rows.value"
          :pace="stroke.pace"
          :height="stroke.height"
          @take="takeCell"
          @tell="(cell) => (told = cell)"
        />
        <p class="told">{{ told ? `${told.how}: ${told.words}` : 'Point at a stroke; a click takes it.' }}</p>
        <p class="legend">
          <span v-for="[kind, name] in legend" :key="kind"><i :class="kind"></i>{{ name }}</span>
        </p>
      </template>
      <template v-else-if="view === 'dangers' && where.fixes.value">
        <ul class="list" data-testid="dangers">
          <li v-if="where.fixes.value.dangers.length === 0">Nothing threatens, a hair to either side included.</li>
          <li v-for="(danger, i) in where.fixes.value.dangers" :key="i" :class="{ warns: danger.isExact }">
            {{ danger.words }}.
          </li>
        </ul>
        <template v-if="where.fixes.value.fixes.length > 0">
          <p class="hint">Instead:</p>
          <ul class="list">
            <li v-for="(way, i) in where.fixes.value.fixes" :key="i" :data-fix="way.kind">
              <button type="button" @click="emit('fix', way)">{{ way.words }}.</button>
            </li>
          </ul>
        </template>
      </template>
      <template v-else-if="view === 'cannon'">
        <p v-if="!where.second.value" class="big">Touch the second ball.</p>
        <CannonList
          v-else
          :where="where"
          :second="ballName(where.second.value)"
          @take="(cannon) => emit('take', cannon)"
        />
      </template>
      <p v-else-if="pot && view === 'none'" class="hint">
        Where can the white go from here? Choose one of the six; the answer is drawn on the table.
      </p>
    </div>
  </div>
</template>

<style scoped>
.views {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 5px;
  margin-bottom: 6px;
}
.views .el-button {
  margin: 0;
  padding: 6px;
  height: 32px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 6px;
}
.line label {
  display: flex;
  align-items: center;
  gap: 6px;
}
.line .el-input-number {
  width: 78px;
}
.hint {
  margin: 4px 0;
  color: var(--ink-soft);
}
.refusal,
.warns {
  color: var(--warn);
}
.big {
  margin: 6px 0;
  font-size: 19px;
  line-height: 25px;
  font-weight: 650;
  color: var(--chalk);
}
.list {
  list-style: none;
  margin: 4px 0;
  padding: 0;
}
.list li {
  padding: 5px 0;
  border-bottom: 1px solid var(--line);
}
.list button {
  all: unset;
  cursor: pointer;
  line-height: 20px;
}
.list button:focus-visible {
  outline: 3px solid var(--chalk);
}
.list button:disabled {
  cursor: default;
  color: var(--ink-soft);
}
.list b,
small {
  display: block;
}
.row button {
  display: block;
  width: 100%;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.row b {
  display: inline-block;
  min-width: 62px;
}
.list b::first-letter,
small::first-letter,
.hint::first-letter {
  text-transform: uppercase;
}
small {
  font-size: 14px;
  color: var(--ink-soft);
}
.inZone {
  background: var(--straw-paper);
}
.told {
  margin: 4px 0;
  min-height: 40px;
  line-height: 20px;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  margin: 0;
  color: var(--ink-soft);
}
.legend i {
  display: inline-block;
  width: 11px;
  height: 11px;
  margin-right: 5px;
  border: 1px solid var(--ink-faint);
}
i.inZone {
  background: #e0b23c;
}
i.fallsShort {
  background: #bcd4cb;
}
i.runsPast {
  background: #6fa391;
}
i.meetsBall {
  background: #c9b8d8;
}
i.inOff {
  background: #d98d77;
}
i.noPot {
  background: var(--paper);
}
</style>
