<script setup lang="ts">
import { nextTick, onMounted, ref } from 'vue'
import type { Positions } from './usePositions'
import type { OpenedPosition } from './sheet'

/** Name and note of a position that is to be kept. */
const props = defineProps<{ positions: Positions; opened: OpenedPosition | null }>()
const emit = defineEmits<{ close: [] }>()

const name = ref(props.opened && !props.opened.isHouse ? props.opened.name : '')
const note = ref(props.opened?.isHouse ? '' : (props.opened?.note ?? ''))
const field = ref<{ focus(): void } | null>(null)
const isOwn = () => !!props.opened && !props.opened.isHouse

onMounted(() => nextTick(() => field.value?.focus()))

async function keep() {
  if (name.value.trim() && (await props.positions.saveAs(name.value, note.value))) emit('close')
}

async function rename() {
  if (name.value.trim() && (await props.positions.rename(name.value))) emit('close')
}
</script>

<template>
  <form class="panel" data-testid="save-form" @submit.prevent="keep">
    <h2>Save this position</h2>
    <p v-if="opened?.isHouse" class="hint">
      "{{ opened.name }}" belongs to the house and stays as it is; yours is kept under a name of its own.
    </p>
    <label>
      <span>Name</span>
      <el-input ref="field" v-model="name" maxlength="80" data-testid="save-name" />
    </label>
    <label>
      <span>What to look at (one line)</span>
      <el-input v-model="note" maxlength="300" data-testid="save-note" />
    </label>
    <p v-if="positions.refusal.value" class="refusal" role="alert">{{ positions.refusal.value }}</p>
    <div class="buttons">
      <el-button type="primary" native-type="submit" :disabled="!name.trim()" data-testid="save-confirm"
        >Save as new</el-button
      >
      <el-button v-if="isOwn()" :disabled="!name.trim() || name.trim() === opened?.name" @click="rename"
        >Rename</el-button
      >
      <el-button text @click="emit('close')">Leave it</el-button>
    </div>
  </form>
</template>

<style scoped>
h2 {
  margin: 4px 0 8px;
  font-size: 20px;
}
label {
  display: grid;
  gap: 4px;
  margin-bottom: 12px;
  color: var(--ink-soft);
}
.hint {
  color: var(--ink-soft);
}
.refusal {
  color: var(--warn);
}
.buttons {
  display: flex;
  gap: 4px;
}
</style>
