<script setup lang="ts">
import { computed } from 'vue'
import { t } from '@/words'
import { ballName, kindClass } from '@/sheet/sheet'
import type { State } from '@/sheet/useState'

/** The state of play, set by one touch each; it lies where the answer stands, never over the table. */
const props = defineProps<{ state: State }>()
const emit = defineEmits<{ close: []; inHand: [] }>()

const reading = computed(() => props.state.reading.value)
const now = computed(() => reading.value?.state ?? null)
const scores = computed(() => now.value?.scores ?? { player: 0, opponent: 0 })
const mostMisses = 3

function setScore(side: 'player' | 'opponent', points: number | undefined) {
  props.state.set({ scores: { ...scores.value, [side]: points ?? 0 } })
}

function setInHand() {
  const isInHand = !(now.value?.inHand ?? false)
  props.state.set({ inHand: isInHand })
  if (isInHand) emit('inHand')
}
</script>

<template>
  <div class="strip" role="group" :aria-label="t('state.title')" data-testid="state-strip">
    <div class="line">
      <span class="head">{{ t('state.on') }}</span>
      <button
        v-for="on in reading?.ons ?? []"
        :key="on.id"
        type="button"
        :aria-pressed="reading?.on === on.id && !now?.nominated && !now?.practice"
        :data-on="on.id"
        @click="state.set({ on: on.id, nominated: null, practice: false })"
      >
        {{ on.words }}
      </button>
      <button
        v-for="ball in reading?.nominations ?? []"
        :key="ball.id"
        type="button"
        :class="kindClass(ball.id)"
        :aria-pressed="now?.nominated === ball.id"
        :data-nominate="ball.id"
        :title="t('state.nominate', { ball: ballName(ball.id) })"
        @click="state.nominate(ball.id)"
      >
        <i aria-hidden="true"></i>{{ ball.words }}
      </button>
      <button type="button" class="done" data-testid="state-close" @click="emit('close')">{{ t('state.done') }}</button>
    </div>
    <div class="line">
      <button
        type="button"
        :aria-pressed="now?.practice ?? false"
        :title="t('state.practiceHint')"
        data-testid="practice"
        @click="state.setPractice(!(now?.practice ?? false))"
      >
        {{ t('state.practice') }}
      </button>
      <button type="button" :aria-pressed="now?.inHand ?? false" data-testid="in-hand" @click="setInHand">
        {{ t('state.inHand') }}
      </button>
      <button
        type="button"
        :aria-pressed="now?.freeBall ?? false"
        data-testid="free-ball"
        @click="state.set({ freeBall: !(now?.freeBall ?? false), nominated: null })"
      >
        {{ t('state.freeBall') }}
      </button>
      <span class="group" role="group" :aria-label="t('state.misses')">
        <span class="head">{{ t('state.misses') }}</span>
        <button
          v-for="count in mostMisses + 1"
          :key="count"
          type="button"
          :aria-pressed="(now?.missCount ?? 0) === count - 1"
          :data-misses="count - 1"
          @click="state.set({ missCount: count - 1 })"
        >
          {{ count - 1 }}
        </button>
      </span>
      <label>
        {{ t('state.player') }}
        <input
          type="number"
          min="0"
          max="999"
          :value="scores.player"
          data-testid="score-player"
          @change="(event) => setScore('player', (event.target as HTMLInputElement).valueAsNumber || 0)"
        />
      </label>
      <label>
        {{ t('state.opponent') }}
        <input
          type="number"
          min="0"
          max="999"
          :value="scores.opponent"
          data-testid="score-opponent"
          @change="(event) => setScore('opponent', (event.target as HTMLInputElement).valueAsNumber || 0)"
        />
      </label>
      <label>
        {{ t('state.break') }}
        <input
          type="number"
          min="0"
          max="999"
          :value="now?.break ?? 0"
          data-testid="break"
          @change="(event) => state.set({ break: (event.target as HTMLInputElement).valueAsNumber || 0 })"
        />
      </label>
    </div>
  </div>
</template>

<style scoped>
/* As high as the answer that it stands in for: the table does not move. */
.strip {
  height: 84px;
  margin: 6px 0 2px;
}
.line,
.group {
  display: flex;
  align-items: center;
  gap: 5px;
}
.line {
  flex-wrap: wrap;
  margin-bottom: 6px;
}
.head {
  color: var(--ink-soft);
  margin-right: 3px;
}
button {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  height: 34px;
  padding: 0 10px;
  border: 1px solid var(--el-border-color);
  border-radius: 7px;
  background: var(--el-fill-color-blank);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
button[aria-pressed='true'] {
  background: var(--chalk-fill);
  border-color: var(--chalk-fill);
  color: #fff;
}
i {
  width: 12px;
  height: 12px;
  border-radius: 50%;
  background: var(--ball);
  border: 1px solid var(--ball-edge);
}
label {
  display: inline-flex;
  align-items: center;
  gap: 4px;
  color: var(--ink-soft);
}
input {
  width: 54px;
  height: 34px;
  border: 1px solid var(--el-border-color);
  border-radius: 7px;
  background: var(--el-fill-color-blank);
  color: var(--ink);
  font: inherit;
  text-align: right;
}
.done {
  margin-left: auto;
}
@media (max-width: 1000px) {
  .strip {
    height: auto;
    min-height: 134px;
  }
}
</style>
