<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ChanceQuestion, Outline, PlaceOnBed, Pocket, Stroke } from '@/api/client'
import { ballName } from '@/sheet/sheet'
import type { Marks } from '@/laying/useMarks'
import type { SheetModel } from '@/sheet/useSheet'
import { t } from '@/words'
import FoundList from './FoundList.vue'
import WishList from './WishList.vue'
import type { ZoneModel, ZoneSearch } from './useZone'

/** Where the white should stop, and the strokes that get it there. */
const props = defineProps<{
  outline: Outline
  model: SheetModel
  marks: Marks
  zone: ZoneModel
  question: ChanceQuestion | null
  /** Why there is no stroke to search for; empty when there is one, or nothing was asked. */
  refusal: string
  rest: PlaceOnBed | null
}>()
const emit = defineEmits<{ take: [stroke: Partial<Stroke>] }>()

const half = 0.15
const ball = ref('')
const pocket = ref<Pocket | ''>('')
const others = computed(() => props.model.balls.value.filter((one) => one.id !== 'cue'))
const place = computed(() => {
  const mark = props.zone.painted.value[0]
  if (mark && props.zone.wishes.value.length === 0) {
    const sum = mark.places.reduce((all, one) => ({ x: all.x + one.x, y: all.y + one.y }), { x: 0, y: 0 })
    return { x: sum.x / mark.places.length, y: sum.y / mark.places.length }
  }
  return props.zone.computedZone.value?.best ?? props.rest
})
const searches: { view: Exclude<ZoneSearch, 'none'>; label: string }[] = [
  { view: 'search', label: t('zone.search') },
  { view: 'cushion', label: t('zone.cushion') },
  { view: 'pack', label: t('zone.pack') },
]

/** A zone about the place where the white stops: with the keys alone, its corners are moved by arrow keys. */
function paintHere() {
  const at = props.rest ?? { x: props.outline.length / 2, y: props.outline.width / 2 }
  const corners = [
    { x: at.x - half, y: at.y - half },
    { x: at.x + half, y: at.y - half },
    { x: at.x + half, y: at.y + half },
    { x: at.x - half, y: at.y + half },
  ]
  props.marks.add('zone', corners, null)
  requestAnimationFrame(() => document.querySelector<SVGElement>('.marks .zone .handle')?.focus())
}

function addWish() {
  if (ball.value && pocket.value) props.zone.wish(ball.value, pocket.value)
  ball.value = ''
}

function run(view: Exclude<ZoneSearch, 'none'>) {
  if (props.question) void props.zone.run(view, props.question, place.value)
}
</script>

<template>
  <div class="panel" data-testid="zone-panel">
    <div class="line">
      <el-button
        data-testid="paint-zone"
        :aria-pressed="marks.next.value === 'zone'"
        :type="marks.next.value === 'zone' ? 'primary' : undefined"
        @click="marks.toggle('zone')"
        >{{ t('zone.paint') }}</el-button
      >
      <el-button data-testid="zone-by-keys" @click="paintHere">{{ t('zone.here') }}</el-button>
      <el-button
        v-for="mark in zone.painted.value.slice(0, 1)"
        :key="mark.id"
        text
        data-testid="wipe-zone"
        @click="marks.remove(mark.id)"
        >{{ t('zone.wipe') }}</el-button
      >
    </div>
    <p v-if="marks.next.value === 'zone'" class="hint">{{ t('zone.paintHint') }}</p>
    <h3>{{ t('zone.nextBalls') }}</h3>
    <div class="line add">
      <el-select v-model="ball" :placeholder="t('zone.ball')" :aria-label="t('zone.ball')" data-testid="wish-ball">
        <el-option v-for="one in others" :key="one.id" :value="one.id" :label="ballName(one.id)" />
      </el-select>
      <el-select
        v-model="pocket"
        :placeholder="t('zone.pocket')"
        :aria-label="t('zone.pocket')"
        data-testid="wish-pocket"
      >
        <el-option v-for="one in outline.pockets" :key="one.id" :value="one.id" :label="one.name" />
      </el-select>
      <el-button :disabled="!ball || !pocket" data-testid="add-wish" @click="addWish">{{ t('zone.add') }}</el-button>
    </div>
    <WishList :zone="zone" :outline="outline" />
    <p v-if="zone.refusal.value" class="refusal" role="alert">{{ zone.refusal.value }}</p>
    <div class="line searches">
      <el-button
        v-for="search in searches"
        :key="search.view"
        :type="zone.view.value === search.view ? 'primary' : undefined"
        :disabled="!question"
        :data-search="search.view"
        @click="run(search.view)"
        >{{ search.label }}</el-button
      >
      <el-button v-if="zone.isBusy.value" data-testid="stop-search" @click="zone.cancel()">{{
        t('zone.stop')
      }}</el-button>
    </div>
    <p v-if="!question && refusal" class="refusal" data-testid="zone-refusal">{{ refusal }}</p>
    <p v-else-if="!question" class="hint">{{ t('zone.first') }}</p>
    <div class="scroll" role="region" tabindex="0" :aria-label="t('zone.result')">
      <FoundList :zone="zone" :is-old="zone.isOldFor(question)" @take="(stroke) => emit('take', stroke)" />
    </div>
  </div>
</template>

<style scoped src="@/kit/lists.css"></style>
<style scoped>
.line {
  justify-content: flex-start;
}
.line .el-button {
  padding: 8px 9px;
}
.add {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
}
.add :deep(.el-select__placeholder.is-transparent) {
  color: var(--ink-soft);
}
.add .el-button {
  padding: 8px;
}
h3 {
  margin: 8px 0 4px;
  font-size: 16px;
}
.searches {
  margin: 6px 0;
}
.searches .el-button {
  padding: 8px 9px;
}
</style>
