<script setup lang="ts">
import { computed } from 'vue'
import type { Profile } from '@/api/client'
import { t } from '@/words'

/** Which table, balls and cue everything is worked out for. */
const props = defineProps<{ profiles: Profile[]; profile: string }>()
const emit = defineEmits<{ choose: [id: string] }>()

const about = computed(() => props.profiles.find((known) => known.id === props.profile)?.about ?? '')
</script>

<template>
  <el-select
    :model-value="profile"
    class="chooser"
    :aria-label="t('app.chooser')"
    :title="about"
    data-testid="table-chooser"
    @update:model-value="(id: string) => emit('choose', id)"
  >
    <el-option v-for="known in profiles" :key="known.id" :value="known.id" :label="known.name">
      <span :data-profile="known.id" :title="known.about">{{ known.name }}</span>
    </el-option>
  </el-select>
</template>

<style scoped>
.chooser {
  width: 168px;
}
</style>
