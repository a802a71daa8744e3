<script setup lang="ts">
import type { PlaceOnBed } from '@/api/client'
import type { Where } from './useWhere'

/** Where the white should stop, and how near is near enough. */
defineProps<{ where: Where; rest: PlaceOnBed | null }>()
const emit = defineEmits<{ putWanted: [place: PlaceOnBed] }>()
</script>

<template>
  <div>
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
          :model-value="where.withinBalls.value"
          :min="0.5"
          :max="12"
          :step="0.5"
          controls-position="right"
          aria-label="Balls from the middle of the zone"
          @change="(balls: number | undefined) => where.setWithinBalls(balls ?? 2)"
        />
        balls
      </label>
      <el-button size="small" :disabled="!rest" data-testid="zone-here" @click="rest && emit('putWanted', rest)"
        >Where it stops now</el-button
      >
      <el-button v-if="where.wanted.value" size="small" @click="where.setWanted(null)">No zone</el-button>
    </div>
  </div>
</template>

<style scoped src="./lists.css"></style>
