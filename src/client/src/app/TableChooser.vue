<script setup lang="ts">
import { computed } from 'vue'
import type { Profile } from '@/api/client'
import type { ShelfModel } from '@/shelf/useShelf'
import { t } from '@/words'
import ListChooser from '@/kit/ListChooser.vue'

/** Which table everything is worked out for: one's own, or one of the house. */
const props = defineProps<{ profiles: Profile[]; profile: string; shelf: ShelfModel }>()
const emit = defineEmits<{ choose: [id: string] }>()

const options = computed(() => [
  ...(props.shelf.shelf.value?.tables ?? [])
    .filter((table) => !table.isHouse)
    .map((table) => ({
      id: table.id,
      label: table.name,
      about: table.note,
      mark: { 'data-own-table': table.name },
    })),
  ...props.profiles.map((known) => ({
    id: known.id,
    label: known.name,
    about: known.about,
    mark: { 'data-profile': known.id },
  })),
])
const chosen = computed(() => props.shelf.table.value?.id ?? props.profile)
const about = computed(() => options.value.find((one) => one.id === chosen.value)?.about)
</script>

<template>
  <ListChooser
    name="table-chooser"
    :label="t('app.chooser')"
    :chosen="chosen"
    :about="about"
    :options="options"
    @choose="(id) => emit('choose', id)"
  />
</template>
