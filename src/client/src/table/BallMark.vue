<script setup lang="ts">
import { computed } from 'vue'
import { ballName, isRed, kindClass } from '@/sheet/sheet'
import { t } from '@/words'
import { arrowWays } from './view'

/** One ball on the table; it takes the focus, keys and a wide touch, or stands in a picture only. */
const props = defineProps<{
  id: string
  x: number
  y: number
  r: number
  label: string
  held: boolean
  picked: boolean
  /** True while it is held off the table: let go, it is gone. */
  leaving: boolean
  /** True while it waits for the server to settle it. */
  raw: boolean
  letters: string
  scale: number
  /** True in a picture: it takes no focus. */
  isPicture?: boolean
}>()
const emit = defineEmits<{ nudge: [key: string, wide: boolean]; remove: []; pick: [more: boolean] }>()

/** What is read out names what is seen: the letters stand beside the name. */
const spoken = computed(() => [ballName(props.id), isRed(props.id) ? '' : props.letters].filter(Boolean).join(' '))

function onKey(event: KeyboardEvent) {
  if (event.key in arrowWays) emit('nudge', event.key, event.shiftKey)
  else if (event.key === 'Delete' || event.key === 'Backspace') emit('remove')
  else if (event.key === 'Enter' || event.key === ' ') emit('pick', event.shiftKey)
  else return
  event.preventDefault()
  event.stopPropagation()
}
</script>

<template>
  <g
    class="ball"
    :class="[kindClass(id), { held, picked, leaving, raw }]"
    :aria-pressed="isPicture ? undefined : picked"
    :tabindex="isPicture ? undefined : 0"
    :role="isPicture ? undefined : 'button'"
    :aria-label="isPicture ? undefined : t('table.ball', { ball: spoken, where: label })"
    :data-ball="id"
    :data-x="x"
    :data-y="y"
    @keydown="onKey"
  >
    <circle class="focus" :cx="x" :cy="y" :r="r + 16" />
    <path
      v-if="picked"
      class="corners"
      :d="`M${x - r - 20} ${y - r}v-20h20M${x + r} ${y - r - 20}h20v20M${x + r + 20} ${y + r}v20h-20M${x - r} ${y + r + 20}h-20v-20`"
    />
    <circle class="body" :cx="x" :cy="y" :r="r" />
    <path v-if="raw" class="flag" :d="`M${x} ${y - r}v-46h34l-10 12l10 12h-34`" />
    <circle class="light" :cx="x - r * 0.3" :cy="y - r * 0.34" :r="r * 0.26" />
    <text v-if="letters" class="letters" :x="x" :y="y - r - 10" :font-size="60 * scale">{{ letters }}</text>
  </g>
</template>

<style scoped>
.ball {
  cursor: grab;
  outline: none;
}
.held {
  cursor: grabbing;
}
.focus {
  fill: none;
  stroke: transparent;
  stroke-width: 9;
}
.ball:focus-visible .focus {
  stroke: var(--straw);
}
.corners {
  fill: none;
  stroke: var(--straw);
  stroke-width: 7;
}
.body {
  fill: var(--ball);
  stroke: var(--ball-edge);
  stroke-width: 2.5;
}
.leaving {
  opacity: 0.35;
}
.flag {
  fill: var(--straw);
  stroke: var(--cushion);
  stroke-width: 3;
}
.letters {
  text-anchor: middle;
  font-weight: 650;
  fill: var(--ivory);
  paint-order: stroke;
  stroke: var(--cushion);
  stroke-width: 11px;
  pointer-events: none;
}
.light {
  pointer-events: none;
  fill: rgb(255 255 255 / 38%);
}
</style>
