<script setup lang="ts">
import { computed } from 'vue'
import type { SheetModel } from './useSheet'
import { nextRed } from './sheet'

/** What the sheet is called, and everything done to it as a whole. */
const props = defineProps<{ model: SheetModel; notice: string; face: string }>()
const emit = defineEmits<{
  open: []
  save: []
  saveAs: []
  new: []
  undo: []
  redo: []
  red: []
  colours: []
  help: []
}>()

const opened = computed(() => props.model.sheet.value.opened)
const title = computed(() => opened.value?.name ?? 'A new position')
const state = computed(() => {
  if (props.model.sheet.value.changed) return 'changed, kept on this sheet'
  return opened.value ? props.notice || opened.value.note : 'drag the balls, turn the aim'
})
</script>

<template>
  <div class="bar">
    <h2 data-testid="sheet-name">{{ title }}</h2>
    <p class="state" role="status" data-testid="sheet-state" :title="state">{{ state }}</p>
    <div class="buttons">
      <el-button data-testid="open" :aria-pressed="face === 'open'" @click="emit('open')">My shots</el-button>
      <el-button data-testid="save" @click="emit('save')">Save</el-button>
      <el-button v-if="opened && !opened.isHouse" data-testid="save-as" @click="emit('saveAs')">Save as</el-button>
      <el-button data-testid="new" @click="emit('new')">New</el-button>
    </div>
    <div class="buttons">
      <el-button data-testid="undo" :disabled="!model.canUndo.value" @click="emit('undo')">Undo</el-button>
      <el-button data-testid="redo" :disabled="!model.canRedo.value" @click="emit('redo')">Redo</el-button>
      <el-button data-testid="lay-red" :disabled="!nextRed(model.balls.value)" @click="emit('red')"
        >Lay a red</el-button
      >
      <el-button data-testid="lay-colours" @click="emit('colours')">Colours</el-button>
      <el-button aria-label="Hands and keys" :aria-pressed="face === 'help'" @click="emit('help')">?</el-button>
    </div>
  </div>
</template>

<style scoped>
.bar {
  margin-bottom: 10px;
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
  margin: 0 0 6px;
  height: 20px;
  line-height: 20px;
  white-space: nowrap;
  text-overflow: ellipsis;
  color: var(--ink-soft);
  overflow: hidden;
  font-size: 14px;
}
.buttons {
  display: flex;
  gap: 4px;
  margin-bottom: 5px;
}
.buttons .el-button {
  padding: 7px 6px;
  height: 32px;
  flex: 1 1 auto;
}
</style>
