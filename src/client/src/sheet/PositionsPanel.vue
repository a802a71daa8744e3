<script setup lang="ts">
import { ref } from 'vue'
import PanelHead from '@/app/PanelHead.vue'
import type { LayoutSummary, Outline } from '@/api/client'
import { kindClass } from './sheet'

/** The bench as a book of saved positions. */
defineProps<{ outline: Outline; positions: LayoutSummary[]; refusal: string; opened: string | null }>()
const emit = defineEmits<{ open: [id: string]; remove: [position: LayoutSummary]; close: [] }>()

/** The position whose deletion was asked for once; a second press does it. */
const asked = ref<string | null>(null)

function askOrRemove(position: LayoutSummary) {
  if (asked.value === position.id) emit('remove', position)
  else asked.value = position.id
}
</script>

<template>
  <div class="panel" data-testid="positions">
    <PanelHead title="My shots" @close="emit('close')" />
    <p v-if="refusal" class="refusal" role="alert">{{ refusal }}</p>
    <p v-else-if="positions.length === 0" class="empty">Nothing is saved yet. Lay a position and press Save.</p>
    <ul class="scroll">
      <li v-for="position in positions" :key="position.id" :class="{ current: position.id === opened }">
        <button type="button" class="open" :data-position="position.name" @click="emit('open', position.id)">
          <svg :viewBox="`0 0 ${outline.length} ${outline.width}`" aria-hidden="true">
            <rect width="100%" height="100%" rx="0.08" />
            <circle
              v-for="ball in position.balls"
              :key="ball.id"
              :class="kindClass(ball.id)"
              :cx="ball.x"
              :cy="outline.width - ball.y"
              r="0.055"
            />
          </svg>
          <span>
            <b>{{ position.name }}</b>
            <small>{{ position.note || (position.isHouse ? '' : 'Saved by you') }}</small>
            <small class="table" data-testid="position-table">table: {{ position.profile.name }}</small>
          </span>
        </button>
        <el-button
          v-if="!position.isHouse"
          text
          class="delete"
          :aria-label="`Delete ${position.name}`"
          @click="askOrRemove(position)"
          @blur="asked = null"
        >
          {{ asked === position.id ? 'Delete for good' : 'Delete' }}
        </el-button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  border-bottom: 1px solid var(--line);
}
li.current {
  background: var(--straw-paper);
}
.open {
  flex: 1;
  display: flex;
  gap: 12px;
  align-items: flex-start;
  padding: 9px 6px;
  border: 0;
  background: none;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
}
.open:hover {
  background: var(--straw-paper);
}
.open svg {
  width: 92px;
  flex: none;
  margin-top: 3px;
}
.open svg rect {
  fill: var(--cloth);
}
.open svg circle {
  fill: var(--ball);
}
.open b {
  display: block;
}
.open small {
  font-size: 14px;
  line-height: 18px;
  color: var(--ink-soft);
}
.open .table {
  display: block;
  font-style: italic;
}
.refusal {
  color: var(--warn);
}
</style>
