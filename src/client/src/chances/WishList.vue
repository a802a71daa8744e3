<script setup lang="ts">
import type { Outline } from '@/api/client'
import { ballName } from '@/sheet/sheet'
import { t } from '@/words'
import type { ZoneModel } from './useZone'

/** The next pots for which a zone is computed. */
const props = defineProps<{ zone: ZoneModel; outline: Outline }>()

const sides = ['either', 'high', 'straight', 'low'] as const
const pocketName = (id: string) => props.outline.pockets.find((pocket) => pocket.id === id)?.name ?? id
</script>

<template>
  <ul class="list">
    <li v-for="(wish, i) in zone.wishes.value" :key="wish.ball + wish.pocket">
      <span>{{ t('zone.wish', { ball: ballName(wish.ball), pocket: pocketName(wish.pocket) }) }}</span>
      <span class="limits">
        <label>
          {{ t('zone.cut') }}
          <el-input-number
            size="small"
            :model-value="wish.mostCutDeg"
            :min="1"
            :max="80"
            :step="5"
            controls-position="right"
            :aria-label="t('zone.cutOf', { ball: ballName(wish.ball) })"
            @change="(cut: number | undefined) => zone.change(i, { mostCutDeg: cut ?? 60 })"
          />
        </label>
        <label>
          {{ t('zone.within') }}
          <el-input-number
            size="small"
            :model-value="wish.mostMetres"
            :min="0.2"
            :max="4"
            :step="0.25"
            :precision="2"
            controls-position="right"
            :aria-label="t('zone.withinOf', { ball: ballName(wish.ball) })"
            @change="(far: number | undefined) => zone.change(i, { mostMetres: far ?? 4 })"
          />
        </label>
        <el-select
          size="small"
          :model-value="wish.side ?? 'either'"
          :aria-label="t('zone.sideOf', { ball: ballName(wish.ball) })"
          @change="(side: (typeof sides)[number]) => zone.change(i, { side: side === 'either' ? null : side })"
        >
          <el-option v-for="side in sides" :key="side" :value="side" :label="t(`zone.sides.${side}`)" />
        </el-select>
        <el-button text size="small" :aria-label="t('zone.drop', { ball: ballName(wish.ball) })" @click="zone.drop(i)"
          >&times;</el-button
        >
      </span>
    </li>
  </ul>
  <template v-if="zone.wishes.value.length > 0">
    <el-checkbox
      :model-value="zone.restAllowed.value"
      @change="(allowed: string | number | boolean) => zone.setRestAllowed(allowed === true)"
      >{{ t('zone.rest') }}</el-checkbox
    >
    <label class="gap">
      {{ t('zone.gap') }}
      <el-input-number
        size="small"
        :model-value="zone.gapBalls.value"
        :min="0"
        :max="8"
        :step="0.5"
        controls-position="right"
        :aria-label="t('zone.gapLabel')"
        @change="(balls: number | undefined) => zone.setGapBalls(balls ?? 0)"
      />
    </label>
    <p v-if="zone.computedZone.value" class="hint" data-testid="zone-words">{{ zone.computedZone.value.words }}</p>
  </template>
</template>

<style scoped src="@/kit/lists.css"></style>
<style scoped>
.limits {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 8px;
}
.limits label,
.gap {
  display: flex;
  align-items: center;
  gap: 5px;
}
.limits .el-input-number,
.gap .el-input-number {
  width: 74px;
}
.limits .el-select {
  width: 88px;
}
.gap {
  display: inline-flex;
  margin-left: 14px;
}
</style>
