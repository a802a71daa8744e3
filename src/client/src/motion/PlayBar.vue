<script setup lang="ts">
import type { Playback } from './usePlayback'

/** The stroke as motion. */
defineProps<{ playback: Playback }>()
</script>

<template>
  <div class="bar" role="group" aria-label="Play the stroke">
    <el-button v-if="!playback.running.value" type="primary" data-testid="play" @click="playback.run()">
      {{ playback.active.value && playback.time.value < playback.duration.value ? 'Go on' : 'Play it' }}
    </el-button>
    <el-button v-else type="primary" data-testid="pause" @click="playback.pause()">Pause</el-button>
    <el-button data-testid="step" @click="playback.step()">Next contact</el-button>
    <el-button data-testid="reset" :disabled="!playback.active.value" @click="playback.reset()">Put back</el-button>
    <el-checkbox
      :model-value="playback.slow.value"
      class="slow"
      data-testid="slow"
      @change="(half: string | number | boolean) => playback.setSlow(!!half)"
      >Half speed</el-checkbox
    >
    <span class="time" data-testid="clock">
      {{ playback.time.value.toFixed(1) }} of {{ playback.duration.value.toFixed(1) }} s
    </span>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 4px;
}
.time {
  color: var(--ink-soft);
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
  margin-left: 8px;
}
.slow {
  margin-left: 12px;
}
</style>
