<script setup lang="ts">
import { computed } from 'vue'
import ListChooser from '@/kit/ListChooser.vue'
import type { ShelfModel } from '@/shelf/useShelf'
import { t } from '@/words'

/** Who comes to the table next. */
const props = defineProps<{ shelf: ShelfModel }>()

const like = 'like'
const options = computed(() => [
  { id: like, label: t('opponent.like'), about: '', mark: { 'data-opponent': like } },
  ...(props.shelf.shelf.value?.players ?? []).map((one) => ({
    id: one.id,
    label: t('opponent.against', { name: one.name }),
    about: one.note,
    mark: { 'data-opponent': one.name },
  })),
])
</script>

<template>
  <ListChooser
    v-if="options.length > 1"
    name="opponent-chooser"
    :label="t('opponent.label')"
    :chosen="shelf.opponent.value?.id ?? like"
    :about="shelf.opponent.value?.note"
    :options="options"
    @choose="(id) => shelf.setOpponent(id === like ? '' : id)"
  />
</template>
