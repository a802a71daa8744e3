<script setup lang="ts">
import { Printer } from '@element-plus/icons-vue'
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Outline, type SetUp } from '@/api/client'
import type { Units } from '@/kit/usePreferences'
import BallMark from '@/table/BallMark.vue'
import MarkLayer from '@/table/MarkLayer.vue'
import TableBed from '@/table/TableBed.vue'
import { frame, mm, sizeOf, toSheet, type View } from '@/table/view'
import { t } from '@/words'
import { ballLetters } from '@/sheet/sheet'
import type { SheetModel } from '@/sheet/useSheet'

/** The sheet on paper: where each ball goes, from two cushions and by landmarks, so that a helper can lay it by hand. */
const props = defineProps<{ model: SheetModel; outline: Outline; units: Units }>()
const emit = defineEmits<{ close: [] }>()

const lines = ref<SetUp | null>(null)
const refusal = ref('')
const view = computed<View>(() => ({ ...props.outline, turn: 0, perPixel: 5 }))
const viewBox = computed(() => {
  const { width, height } = sizeOf(view.value)
  return `${-frame} ${-frame} ${width + 2 * frame} ${height + 2 * frame}`
})
const balls = computed(() =>
  props.model.balls.value.map((ball) => ({ id: ball.id, ...toSheet(view.value, ball.x, ball.y) })),
)
/** Reds in the triangle have one line together, and no numbers. */
const isListed = (id: string) => lines.value?.balls.some((line) => line.id === id) ?? true
const called = computed(() => props.model.called.value)

onMounted(async () => {
  const { balls: laid, marks } = props.model.sheet.value
  const { data, refusal: sentence } = await ask(
    api.POST('/api/sheet/set-up', { body: { balls: laid, marks, units: props.units, ...props.model.bed() } }),
  )
  lines.value = data ?? null
  refusal.value = sentence ?? ''
})

const print = () => window.print()
</script>

<template>
  <main class="page" data-testid="set-up-page">
    <div class="tools">
      <el-button type="primary" :icon="Printer" @click="print">{{ t('setUp.print') }}</el-button>
      <el-button data-testid="set-up-close" @click="emit('close')">{{ t('setUp.back') }}</el-button>
    </div>
    <h2>{{ called?.name || t('sheet.untitled') }}</h2>
    <p v-if="called?.note">{{ called.note }}</p>
    <p v-if="refusal" role="alert">{{ refusal }}</p>
    <svg :viewBox="viewBox" role="img" :aria-label="t('setUp.picture')">
      <TableBed :outline="view" />
      <MarkLayer :outline="view" :marks="model.marks.value" :movable="false" />
      <BallMark
        v-for="ball in balls"
        v-bind="ball"
        :key="ball.id"
        :r="mm(outline.ballRadius)"
        label=""
        :held="false"
        :picked="false"
        :leaving="false"
        :raw="false"
        is-picture
        :letters="isListed(ball.id) ? ballLetters(ball.id) : ''"
        :scale="1"
      />
    </svg>
    <p class="how">{{ t('setUp.how') }}</p>
    <table v-if="lines">
      <thead>
        <tr>
          <th>{{ t('setUp.ball') }}</th>
          <th>{{ t('setUp.end') }}</th>
          <th>{{ t('setUp.side') }}</th>
          <th>{{ t('setUp.words') }}</th>
          <th class="tick">{{ t('setUp.done') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="line in [...lines.balls, ...lines.marks]" :key="line.id" :data-line="line.id">
          <th>{{ line.name }}</th>
          <td>{{ line.end }}</td>
          <td>{{ line.side }}</td>
          <td>{{ line.words }}</td>
          <td class="tick">&#9744;</td>
        </tr>
      </tbody>
    </table>
    <p v-if="lines" class="how">{{ t('setUp.table', { table: lines.table }) }}</p>
  </main>
</template>

<style scoped>
.page {
  max-width: 980px;
  margin: 0 auto;
  padding: 14px 22px 30px;
}
.tools {
  display: flex;
  gap: 6px;
  justify-content: flex-end;
}
h2 {
  margin: 0;
  font-size: 22px;
}
p {
  margin: 4px 0;
}
svg {
  display: block;
  width: 100%;
  margin: 8px 0;
}
.how {
  color: var(--ink-soft);
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  padding: 4px 8px 4px 0;
  border-bottom: 1px solid var(--line);
  vertical-align: top;
}
.tick {
  text-align: center;
}
@media (min-width: 700px) {
  td:nth-child(2),
  td:nth-child(3) {
    white-space: nowrap;
  }
}
/* Ink on white paper, whatever the screen is. */
@media print {
  .tools {
    display: none;
  }
  .page {
    max-width: none;
    padding: 0;
    font-size: 14px;
    color: #17201d;
    --ink-soft: #3d4a45;
    --line: #b9c0bc;
    --frame: #fff;
    --cloth: #eef3f0;
    --cushion: #a3b5ac;
    print-color-adjust: exact;
  }
  svg :deep(.marking) {
    stroke: #4c5b55;
  }
  svg :deep(.spot) {
    fill: #4c5b55;
  }
  svg :deep(.body) {
    stroke: #17201d;
  }
  svg :deep(.letters) {
    fill: #17201d;
    stroke: #fff;
  }
  svg :deep(.marks path),
  svg :deep(.marks line),
  svg :deep(.marks polygon),
  svg :deep(.marks circle) {
    stroke: #235f8e;
  }
  tr {
    break-inside: avoid;
  }
}
</style>
