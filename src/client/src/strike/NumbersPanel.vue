<script setup lang="ts">
import { computed } from 'vue'
import type { Prediction, ShotEvent } from '@/api/client'

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
    <h2>Numbers</h2>
    <p v-if="prediction?.stroke" class="facts">
      White off the tip at {{ decimals(prediction.stroke.whiteSpeed, 2) }} m/s, cue at
      {{ decimals(prediction.stroke.cueSpeed, 2) }} m/s, push-off {{ decimals(prediction.stroke.pushOffDeg, 2) }}&deg;.
      <template v-if="prediction.aim">
        Cut {{ decimals(prediction.aim.cutDeg, 1) }}&deg;, {{ decimals(prediction.aim.fraction, 2) }} of the ball.
      </template>
    </p>
    <p v-if="prediction" class="facts" data-testid="worked-out-for">
      <template v-if="prediction.verdict.away">The white ends {{ prediction.verdict.away }}. </template>Worked out for
      the {{ prediction.profile.name }}.
    </p>
    <div class="scroll" tabindex="0" aria-label="Events of the stroke">
      <table>
        <thead>
          <tr>
            <th>s</th>
            <th>What happens</th>
            <th>m/s</th>
            <th>way</th>
            <th>side</th>
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
    <p class="hint">After each event: speed, direction from straight up the table, vertical spin in rad/s.</p>
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
