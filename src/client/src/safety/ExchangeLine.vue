<script setup lang="ts">
import { useDesk } from '@/desk/context'
import { t } from '@/words'
import type { Exchange } from './useExchange'

/** The exchange that is played on: one button, then every stroke of either side; a row goes back to before it. */
defineProps<{ exchange: Exchange }>()

const { shot } = useDesk()
</script>

<template>
  <div class="exchange">
    <div class="line">
      <el-button
        v-if="exchange.busy.value !== 'theirs'"
        size="small"
        :disabled="exchange.busy.value !== null"
        data-testid="play-on"
        @click="exchange.play(shot.directionDeg.value)"
        >{{ t('safety.playOn') }}</el-button
      >
      <el-button v-else size="small" data-testid="stop-reply" @click="exchange.stop()">{{
        t('safety.stopReply')
      }}</el-button>
      <span class="hint" aria-live="polite" data-testid="exchange-state">{{ exchange.words.value }}</span>
    </div>
    <p v-if="exchange.refusal.value" class="refusal" role="alert">{{ exchange.refusal.value }}</p>
    <ol v-if="exchange.line.value.length > 0" class="list">
      <li v-for="(turn, i) in exchange.line.value" :key="i">
        <button
          type="button"
          :aria-current="exchange.at.value === i ? 'step' : undefined"
          :data-turn="turn.isMine ? 'mine' : 'theirs'"
          @click="exchange.go(i)"
        >
          <b>{{ t(turn.isMine ? 'safety.you' : 'safety.they') }}</b> {{ turn.words }}
        </button>
      </li>
      <li v-if="exchange.at.value < exchange.line.value.length">
        <button type="button" data-testid="to-end" @click="exchange.go(exchange.line.value.length)">
          {{ t('safety.toEnd') }}
        </button>
      </li>
    </ol>
  </div>
</template>

<style scoped src="@/kit/lists.css"></style>
<style scoped>
.exchange {
  margin: 8px 0;
}
b {
  display: inline;
}
[aria-current] {
  background: var(--straw-paper);
}
</style>
