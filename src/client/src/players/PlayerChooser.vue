<script setup lang="ts">
import { computed } from 'vue'
import ListChooser from '@/kit/ListChooser.vue'
import { t } from '@/words'
import type { ShelfModel } from '@/shelf/useShelf'

/** Who plays. */
const props = defineProps<{ shelf: ShelfModel }>()

const options = computed(() =>
  (props.shelf.shelf.value?.players ?? []).map((one) => ({
    id: one.id,
    label: one.name,
    about: one.note,
    mark: { 'data-player': one.name },
  })),
)
</script>

<template>
  <ListChooser
    v-if="options.length > 0"
    name="player-chooser"
    :label="t('app.player')"
    :chosen="shelf.player.value?.id"
    :about="shelf.player.value?.note"
    :options="options"
    @choose="(id) => shelf.use('players', id)"
  />
</template>
