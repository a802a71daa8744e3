<script setup lang="ts">
import type { PlaceOnBed } from '@/api/client'
import { t } from '@/words'
import type { Where } from './useWhere'

/** Where the white should stop, and how near is near enough. */
defineProps<{ where: Where; rest: PlaceOnBed | null }>()
const emit = defineEmits<{ putWanted: [place: PlaceOnBed] }>()
</script>

<template>
  <div>
    <p class="hint">
      {{ where.wanted.value ? t('where.zoneMove') : t('where.zoneSet') }}
    </p>
    <div class="line">
      <label>
        {{ t('where.within') }}
        <el-input-number
          size="small"
          :model-value="where.withinBalls.value"
          :min="0.5"
          :max="12"
          :step="0.5"
          controls-position="right"
          :aria-label="t('where.fromMiddle')"
          @change="(balls: number | undefined) => where.setWithinBalls(balls ?? 2)"
        />
        {{ t('where.balls') }}
      </label>
      <el-button size="small" :disabled="!rest" data-testid="zone-here" @click="rest && emit('putWanted', rest)">{{
        t('where.here')
      }}</el-button>
      <el-button v-if="where.wanted.value" size="small" @click="where.setWanted(null)">{{
        t('where.noZone')
      }}</el-button>
    </div>
  </div>
</template>

<style scoped src="@/kit/lists.css"></style>
