<script setup lang="ts">
import { useDesk } from '@/desk/context'
import BreakOverlay from './BreakOverlay.vue'
import type { BreakModel } from './useBreak'

/** The plan on the table while the bench shows it. */
defineProps<{ section: { breaks: BreakModel } }>()

const { view, playback, shown, showsSection } = useDesk()
</script>

<template>
  <BreakOverlay
    v-if="showsSection && !playback.active.value"
    :outline="view"
    :balls="playback.shown.value"
    :prediction="shown"
    :answer="section.breaks.isOld.value ? null : section.breaks.answer.value"
    :in-hand="section.breaks.inHand.value"
    :proof="section.breaks.proof.value"
  />
</template>
