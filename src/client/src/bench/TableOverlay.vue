<script setup lang="ts">
import { computed } from 'vue'
import { useDesk } from '@/desk/context'
import type { SectionModel } from '@/desk/contract'
import ReadingMarks from '@/pots/ReadingMarks.vue'
import WhereOverlay from '@/pots/WhereOverlay.vue'

/** What the faces of the Table section draw on the table. */
defineProps<{ section: SectionModel }>()

const desk = useDesk()
const view = computed(() => desk.view.value)
const { model, face, playback, reading, where, bench, shown } = desk
const { draft } = bench
</script>

<template>
  <ReadingMarks
    v-if="face === 'reading' && reading.reading.value"
    :outline="view"
    :balls="playback.shown.value"
    :reading="reading.reading.value"
    :regions="true"
  />
  <WhereOverlay
    v-if="face === 'white' && model.pot.value && !playback.active.value"
    :outline="view"
    :balls="playback.shown.value"
    :prediction="shown"
    :where="where"
    :draft="draft"
    @wanted="(place) => where.setWanted(place)"
    @draft="(place) => (draft = place)"
    @guess="bench.giveGuess"
  />
</template>
