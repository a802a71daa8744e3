<script setup lang="ts">
import { computed } from 'vue'
import type { Prediction, ShotEvent } from '@/api/client'
import { t } from '@/words'

/** The bench's second face: what lies behind the numerals. */
const props = defineProps<{ prediction: Prediction | null; told: number | null }>()

const decimals = (value: number, digits: number) => value.toFixed(digits)
const speed = (vector: number[]) => Math.hypot(vector[0]!, vector[1]!)
const heading = (vector: number[]) => (Math.atan2(vector[1]!, vector[0]!) * 180) / Math.PI

const rows = computed(() =>
  (props.prediction?.events ?? [])
    .filter((event) => event.number != null || event.kind === 'pocket' || event.balls[0]!.id === 'cue')
    .map((event) => ({ event, ball: whiteOf(event) })),
)

function whiteOf(event: ShotEvent) {
  return event.balls.find((ball) => ball.id === 'cue') ?? event.balls[0]!
}
</script>

<template>
  <div class="panel" data-testid="numbers">
    <h2>{{ t('faces.numbers') }}</h2>
    <p v-if="prediction?.stroke" class="facts">
      {{
        t('numbers.stroke', {
          white: decimals(prediction.stroke.whiteSpeed, 2),
          cue: decimals(prediction.stroke.cueSpeed, 2),
          pushOff: decimals(prediction.stroke.pushOffDeg, 2),
        })
      }}
      <template v-if="prediction.stroke.elevationDeg > 5 || prediction.outcome.whiteHeight > 0.001">
        {{
          t('numbers.rises', {
            degrees: decimals(prediction.stroke.elevationDeg, 0),
            height: decimals(1000 * prediction.outcome.whiteHeight, 0),
          })
        }}
      </template>
      <template v-if="prediction.aim">
        {{
          t('numbers.cut', {
            cut: decimals(prediction.aim.cutDeg, 1),
            fraction: decimals(prediction.aim.fraction, 2),
          })
        }}
      </template>
    </p>
    <p v-if="prediction" class="facts" data-testid="worked-out-for">
      <template v-if="prediction.verdict.away"
        >{{ t('numbers.away', { away: prediction.verdict.away }) }}&#32;</template
      >
      {{ t('numbers.table', { table: prediction.profile.name }) }}
    </p>
    <div class="scroll" role="region" tabindex="0" :aria-label="t('numbers.events')">
      <table>
        <thead>
          <tr>
            <th>{{ t('numbers.heads.s') }}</th>
            <th>{{ t('numbers.heads.what') }}</th>
            <th>{{ t('numbers.heads.speed') }}</th>
            <th>{{ t('numbers.heads.way') }}</th>
            <th>{{ t('numbers.heads.side') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, i) in rows" :key="i" :class="{ told: told !== null && told === row.event.number }">
            <td>{{ decimals(row.event.time, 2) }}</td>
            <td>
              <b v-if="row.event.number">{{ row.event.number }}&ensp;</b>{{ row.event.words }}
            </td>
            <td>{{ decimals(speed(row.ball.velocity), 2) }}</td>
            <td>{{ speed(row.ball.velocity) > 0 ? `${decimals(heading(row.ball.velocity), 0)}°` : '' }}</td>
            <td>{{ decimals(row.ball.spin[2]!, 0) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="hint">{{ t('numbers.hint') }}</p>
  </div>
</template>

<style scoped>
h2 {
  margin: 4px 0 6px;
  font-size: 20px;
}
.facts,
.hint {
  color: var(--ink-soft);
  margin: 0 0 8px;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
}
th,
td {
  text-align: right;
  padding: 4px 5px;
  border-bottom: 1px solid var(--line);
  font-size: 14px;
  vertical-align: top;
}
th {
  color: var(--ink-soft);
  font-weight: 500;
}
th:nth-child(2),
td:nth-child(2) {
  text-align: left;
}
tr.told td {
  background: var(--straw-paper);
}
</style>
