<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { t } from '@/words'
import type { Keeping } from './useKeeping'
import type { Server } from '@/sheet/useServer'
import type { SheetModel } from '@/sheet/useSheet'

/** What the sheet is called, how it is kept, and everything done to it as a whole. */
const props = defineProps<{ model: SheetModel; server: Server; keeping: Keeping; notice: string; face: string }>()
const emit = defineEmits<{
  open: []
  save: []
  saveAs: []
  new: []
  undo: []
  redo: []
  files: []
  view: []
  help: []
}>()

const opened = computed(() => props.model.sheet.value.opened)
/** A note that is longer than its line is unfolded in place. */
const showsWhole = ref(false)
watch(opened, () => (showsWhole.value = false))
const title = computed(() => props.model.called.value?.name || t('sheet.untitled'))
const state = computed(() => {
  if (props.server.away.value) return t('sheet.away')
  const flagged = props.model.sheet.value.raw.length
  if (flagged > 0) return t('sheet.flagged', { count: flagged })
  if (props.keeping.told.value.length > 0) return props.keeping.told.value.join(' ')
  const { isKept, refusal } = props.keeping
  if (refusal.value) return t('sheet.notKept', { why: refusal.value })
  if (props.model.sheet.value.changed) return isKept.value ? t('sheet.changed') : t('sheet.keeping')
  return opened.value ? props.notice || opened.value.note : t('sheet.fresh')
})
</script>

<template>
  <div class="bar">
    <h2 data-testid="sheet-name">{{ title }}</h2>
    <p
      class="state"
      :class="{ away: server.away.value || keeping.refusal.value }"
      role="status"
      data-testid="sheet-state"
      :title="state"
    >
      <span :class="{ whole: showsWhole }" data-testid="sheet-note">{{ state }}</span>
      <button
        v-if="state.length > 40"
        type="button"
        data-testid="note-whole"
        :aria-expanded="showsWhole"
        :aria-label="t('sheet.whole')"
        @click="showsWhole = !showsWhole"
      >
        {{ showsWhole ? '▴' : '▾' }}
      </button>
    </p>
    <div class="buttons">
      <el-button data-testid="open" :aria-pressed="face === 'open'" @click="emit('open')">{{
        t('positions.title')
      }}</el-button>
      <el-button data-testid="save" @click="emit('save')">{{ t('sheet.save') }}</el-button>
      <el-button v-if="opened && !opened.isHouse" data-testid="save-as" @click="emit('saveAs')">{{
        t('sheet.saveAs')
      }}</el-button>
      <el-button data-testid="new" @click="emit('new')">{{ t('sheet.new') }}</el-button>
    </div>
    <div class="buttons">
      <el-button data-testid="undo" :disabled="!model.canUndo.value" @click="emit('undo')">
        {{ t('sheet.undo') }}
      </el-button>
      <el-button data-testid="redo" :disabled="!model.canRedo.value" @click="emit('redo')">
        {{ t('sheet.redo') }}
      </el-button>
      <el-button
        data-testid="files"
        :aria-pressed="face === 'files'"
        :aria-label="`${t('sheet.files')}: ${t('files.title')}`"
        :title="t('files.title')"
        @click="emit('files')"
        >{{ t('sheet.files') }}</el-button
      >
      <el-button
        data-testid="view"
        :aria-pressed="face === 'view'"
        :aria-label="`${t('sheet.view')}: ${t('view.title')}`"
        :title="t('view.title')"
        @click="emit('view')"
        >{{ t('sheet.view') }}</el-button
      >
      <el-button
        data-testid="help"
        :aria-pressed="face === 'help'"
        :aria-label="`${t('sheet.keys')}: ${t('help.title')}`"
        :title="t('help.title')"
        @click="emit('help')"
        >{{ t('sheet.keys') }}</el-button
      >
    </div>
  </div>
</template>

<style scoped>
.bar {
  margin-bottom: 8px;
}
h2 {
  margin: 0;
  font-size: 18px;
  line-height: 24px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.state {
  display: flex;
  align-items: flex-start;
  gap: 4px;
  margin: 0 0 6px;
  min-height: 20px;
  line-height: 20px;
  color: var(--ink-soft);
  font-size: 14px;
}
.state span {
  flex: 1;
  min-width: 0;
}
.state span:not(.whole) {
  white-space: nowrap;
  text-overflow: ellipsis;
  overflow: hidden;
}
.state button {
  all: unset;
  padding: 0 6px;
  cursor: pointer;
}
.state button:focus-visible {
  outline: 3px solid var(--chalk);
}
.state.away {
  color: var(--warn);
}
.buttons {
  display: flex;
  gap: 4px;
  margin-bottom: 5px;
}
.buttons .el-button {
  padding: 7px 6px;
  height: 34px;
  flex: 1 1 auto;
}
</style>
