<script setup lang="ts">
import { nextTick, onMounted, ref } from 'vue'
import type { Outline } from '@/api/client'
import { t } from '@/words'
import PositionPicture from '@/table/PositionPicture.vue'
import type { Named, OpenedPosition } from '@/sheet/sheet'
import type { Positions } from './usePositions'

/** Name, note and tags of a position that is to be kept, and the way back to what it was. */
const props = defineProps<{
  positions: Positions
  opened: OpenedPosition | null
  called: Named | null
  outline: Outline
}>()
const emit = defineEmits<{ close: []; wentBack: [] }>()

const isOwn = () => !!props.opened && !props.opened.isHouse
/** A position of the house is saved under a name of one's own. */
const known = props.opened?.isHouse ? null : props.called
const name = ref(known?.name ?? '')
const note = ref(known?.note ?? '')
const tags = ref((props.called?.tags ?? []).join(', '))
const field = ref<{ focus(): void } | null>(null)
const tagList = () => tags.value.split(/[,;]/).map((tag) => tag.trim())

onMounted(() => {
  void nextTick(() => field.value?.focus())
  void props.positions.showVersions(isOwn() ? props.opened!.id : null)
})

async function keep() {
  if (name.value.trim() && (await props.positions.saveAs(name.value, note.value, tagList()))) emit('close')
}

async function rename() {
  if (name.value.trim() && (await props.positions.rename(name.value, note.value, tagList()))) emit('close')
}

async function goBack(version: number) {
  await props.positions.goBack(version)
  emit('wentBack')
}

const when = (time: string) => new Date(time).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })
</script>

<template>
  <form class="panel" data-testid="save-form" @submit.prevent="keep">
    <h2>{{ t('save.title') }}</h2>
    <p v-if="opened?.isHouse" class="hint">{{ t('save.house', { name: opened.name }) }}</p>
    <label>
      <span>{{ t('save.name') }}</span>
      <el-input ref="field" v-model="name" maxlength="80" data-testid="save-name" />
    </label>
    <label>
      <span>{{ t('save.note') }}</span>
      <el-input v-model="note" maxlength="300" data-testid="save-note" />
    </label>
    <label>
      <span>{{ t('save.tags') }}</span>
      <el-input v-model="tags" data-testid="save-tags" />
    </label>
    <p v-if="positions.refusal.value" class="refusal" role="alert">{{ positions.refusal.value }}</p>
    <div class="row">
      <el-button type="primary" native-type="submit" :disabled="!name.trim()" data-testid="save-confirm">
        {{ t('save.asNew') }}
      </el-button>
      <el-button v-if="isOwn()" :disabled="!name.trim()" data-testid="rename" @click="rename">{{
        t('save.rename')
      }}</el-button>
      <el-button text @click="emit('close')">{{ t('save.leave') }}</el-button>
    </div>
    <section
      v-if="positions.versions.value && positions.versions.value.length > 0"
      class="scroll"
      tabindex="0"
      :aria-label="t('save.versions')"
    >
      <h3>{{ t('save.versions') }}</h3>
      <ul>
        <li v-for="version in positions.versions.value" :key="version.version">
          <button type="button" :data-version="version.version" @click="goBack(version.version)">
            <PositionPicture :outline="outline" :balls="version.balls" />
            <span>
              <b>{{ t('save.version', { number: version.version }) }}</b>
              <small>{{ when(version.savedAt) }}</small>
              <small>{{ version.note }}</small>
            </span>
          </button>
        </li>
      </ul>
    </section>
  </form>
</template>

<style scoped src="@/kit/panels.css"></style>
<style scoped src="./list.css"></style>
<style scoped>
h2 {
  margin: 4px 0 8px;
  font-size: 20px;
}
</style>
