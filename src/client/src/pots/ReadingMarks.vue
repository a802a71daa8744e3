<script setup lang="ts">
import { computed } from 'vue'
import type { BallPlace, Outline, TableReading } from '@/api/client'
import { mm, toSheet, type Point } from '@/table/view'

/** The reading of the table on the table: balls without a pocket are barred, balls in the way are underlined, regions are ruled. */
const props = defineProps<{ outline: Outline; balls: BallPlace[]; reading: TableReading; regions: boolean }>()

const places = computed(() => new Map(props.balls.map((ball) => [ball.id, toSheet(props.outline, ball.x, ball.y)])))
const radius = computed(() => mm(props.outline.ballRadius))
const shut = computed(() =>
  [...places.value.entries()]
    .filter(
      ([id]) =>
        id !== 'cue' && !props.reading.entries.some((e) => e.ball === id && ['open', 'partly'].includes(e.state)),
    )
    .map(([id, place]) => ({ id, ...place })),
)
const problems = computed(() =>
  props.reading.problems
    .filter((problem) => problem.opens.length > 0)
    .slice(0, 3)
    .flatMap((problem, i) => {
      const place: Point | undefined = places.value.get(problem.ball)
      return place ? [{ id: problem.ball, rank: i + 1, ...place }] : []
    }),
)
const rules = computed(() =>
  props.regions
    ? props.reading.regions
        .filter((region) => region.from > 0.01)
        .map((region) => ({
          name: region.name,
          a: toSheet(props.outline, region.from, 0),
          b: toSheet(props.outline, region.from, props.outline.width),
        }))
    : [],
)
</script>

<template>
  <g class="reading">
    <line
      v-for="rule in rules"
      :key="rule.name"
      class="rule"
      :x1="rule.a.x"
      :x2="rule.b.x"
      :y1="rule.a.y"
      :y2="rule.b.y"
    />
    <path
      v-for="ball in shut"
      :key="ball.id"
      class="bar"
      :data-shut="ball.id"
      :d="`M${ball.x - radius * 0.62} ${ball.y}h${radius * 1.24}`"
    />
    <path
      v-for="ball in problems"
      :key="`p${ball.id}`"
      class="under"
      :data-problem="ball.id"
      :d="`M${ball.x - radius - 6} ${ball.y + radius + 12}h${2 * radius + 12}`"
    />
  </g>
</template>

<style scoped>
.reading {
  pointer-events: none;
}
.rule {
  stroke: var(--straw);
  stroke-width: 3;
  stroke-dasharray: 12 16;
  opacity: 0.7;
}
.bar {
  stroke: #10201b;
  stroke-width: 9;
  stroke-linecap: round;
}
.under {
  stroke: var(--straw);
  stroke-width: 9;
  stroke-linecap: round;
}
</style>
