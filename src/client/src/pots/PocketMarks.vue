<script setup lang="ts">
import { computed } from 'vue'
import type { MatrixEntry, Outline, Pocket } from '@/api/client'
import { mm, toSheet } from '@/table/view'
import { t } from '@/words'

/** The six pockets as things to touch; for the ball in question each says by its mark how far it is open. */
const props = defineProps<{ outline: Outline; entries: MatrixEntry[]; chosen: string | null; asks: boolean }>()
const emit = defineEmits<{ pocket: [id: Pocket] }>()

const marks = computed(() =>
  props.outline.pockets.map((pocket) => {
    const entry = props.entries.find((other) => other.pocket === pocket.id)
    const place = toSheet(props.outline, pocket.dropCentre.x, pocket.dropCentre.y)
    const words = entry
      ? t('pockets.state', { state: t(`pockets.${entry.state}`), words: entry.words })
      : t('pockets.touch')
    return {
      id: pocket.id,
      ...place,
      r: mm(pocket.dropRadius),
      state: entry?.state ?? '',
      label: `${pocket.name}, ${words}`,
    }
  }),
)

function onKey(event: KeyboardEvent, id: Pocket) {
  if (event.key !== 'Enter' && event.key !== ' ') return
  emit('pocket', id)
  event.preventDefault()
}
</script>

<template>
  <g>
    <g
      v-for="mark in marks"
      :key="mark.id"
      class="pocket"
      :class="{ chosen: chosen === mark.id, asks }"
      tabindex="0"
      role="button"
      :aria-label="mark.label"
      :aria-pressed="chosen === mark.id"
      :data-pocket-button="mark.id"
      :data-state="mark.state"
      @keydown="(event) => onKey(event, mark.id)"
    >
      <title>{{ mark.label }}</title>
      <circle class="hit" :cx="mark.x" :cy="mark.y" :r="mark.r + 34" />
      <circle class="edge" :cx="mark.x" :cy="mark.y" :r="mark.r + 9" />
      <path v-if="mark.state === 'open'" class="tick" :d="`M${mark.x - 22} ${mark.y + 2}l15 17l28 -36`" />
      <path v-else-if="mark.state === 'partly'" class="half" :d="`M${mark.x} ${mark.y - 22}a22 22 0 0 1 0 44Z`" />
      <path
        v-else-if="mark.state === 'blocked'"
        class="cross"
        :d="`M${mark.x - 17} ${mark.y - 17}l34 34M${mark.x + 17} ${mark.y - 17}l-34 34`"
      />
      <path v-else-if="mark.state === 'noLine'" class="dash" :d="`M${mark.x - 13} ${mark.y}h26`" />
    </g>
  </g>
</template>

<style scoped>
.pocket {
  cursor: pointer;
  outline: none;
}
.hit {
  fill: transparent;
}
.edge {
  fill: none;
  stroke: transparent;
  stroke-width: 8;
}
.asks .edge {
  stroke: rgb(240 217 160 / 45%);
}
.chosen .edge {
  stroke: var(--straw);
}
.pocket:focus-visible .edge {
  stroke: var(--ivory);
  stroke-width: 12;
}
.tick,
.cross,
.dash {
  fill: none;
  stroke: var(--straw);
  stroke-width: 9;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.cross {
  stroke: #f2b8a6;
}
.dash {
  stroke: #8b9a93;
}
.half {
  fill: var(--straw);
}
</style>
