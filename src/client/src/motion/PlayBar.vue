<script setup lang="ts">
import { t } from '@/words'
import type { Playback } from './usePlayback'

/** The stroke as motion. */
defineProps<{ playback: Playback }>()
</script>

<template>
  <div class="bar" role="group" :aria-label="t('motion.group')">
    <el-button v-if="!playback.running.value" type="primary" data-testid="play" @click="playback.run()">
      {{ playback.active.value && playback.time.value < playback.duration.value ? t('motion.goOn') : t('motion.play') }}
    </el-button>
    <el-button v-else type="primary" data-testid="pause" @click="playback.pause()">{{ t('motion.pause') }}</el-button>
    <el-button data-testid="step" @click="playback.step()">{{ t('motion.next') }}</el-button>
    <el-button data-testid="reset" :disabled="!playback.active.value" @click="playback.reset()">{{
      t('motion.putBack')
    }}</el-button>
    <el-checkbox
      :model-value="playback.slow.value"
      class="slow"
      data-testid="slow"
      @change="(half: string | number | boolean) => playback.setSlow(!!half)"
      >{{ t('motion.half') }}</el-checkbox
    >
    <span class="time" data-testid="clock">
      {{ t('motion.clock', { time: playback.time.value.toFixed(1), duration: playback.duration.value.toFixed(1) }) }}
    </span>
    <slot />
  </div>
</template>

<style scoped>
.bar {
  flex-wrap: wrap;
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
/* Where the column is narrow the buttons stand on one line. */
@media (max-width: 1000px) {
  .time {
    display: none;
  }
}
</style>
