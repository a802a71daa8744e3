<script setup lang="ts">
import { Document, DocumentCopy, Picture, Printer, Upload } from '@element-plus/icons-vue'
import { ref } from 'vue'
import PanelHead from '@/kit/PanelHead.vue'
import { t } from '@/words'
import type { Files } from './useFiles'

/** The sheet on paper and in files. */
const props = defineProps<{ files: Files }>()
const emit = defineEmits<{ close: []; setUp: [] }>()

const chooser = ref<HTMLInputElement | null>(null)

async function onChosen() {
  const file = chooser.value?.files?.[0]
  if (file) await props.files.read(file, file.name)
  // The same file may be chosen again.
  if (chooser.value) chooser.value.value = ''
}
</script>

<template>
  <div class="panel" data-testid="files-panel">
    <PanelHead :title="t('files.title')" @close="emit('close')" />
    <p v-if="files.refusal.value" class="refusal" role="alert" data-testid="files-refusal">{{ files.refusal.value }}</p>
    <p class="notice" role="status" data-testid="files-notice">{{ files.notice.value }}</p>
    <h3>{{ t('files.paper') }}</h3>
    <p class="small">{{ t('files.paperHint') }}</p>
    <div class="row">
      <el-button type="primary" :icon="Printer" data-testid="set-up" @click="emit('setUp')">{{
        t('files.setUp')
      }}</el-button>
    </div>
    <h3>{{ t('files.open') }}</h3>
    <p class="small">{{ t('files.openHint') }}</p>
    <div class="row">
      <el-button :icon="Upload" data-testid="open-file" @click="chooser?.click()">{{ t('files.choose') }}</el-button>
      <input
        ref="chooser"
        type="file"
        class="chooser"
        data-testid="file-input"
        :aria-label="t('files.choose')"
        accept=".json,.csv,application/json,text/csv"
        tabindex="-1"
        @change="onChosen"
      />
    </div>
    <h3>{{ t('files.save') }}</h3>
    <p class="small">{{ t('files.saveHint') }}</p>
    <div class="row formats">
      <el-button :icon="Document" data-testid="save-json" @click="files.save('json')">JSON</el-button>
      <el-button :icon="Document" data-testid="save-csv" @click="files.save('csv')">CSV</el-button>
      <el-button :icon="Picture" data-testid="save-svg" @click="files.savePicture('svg')">SVG</el-button>
      <el-button :icon="Picture" data-testid="save-png" @click="files.savePicture('png')">PNG</el-button>
    </div>
    <div class="row">
      <el-button :icon="DocumentCopy" data-testid="copy" @click="files.copy()">{{ t('files.copy') }}</el-button>
    </div>
    <p class="small">{{ t('files.pasteHint') }}</p>
  </div>
</template>

<style scoped src="@/kit/panels.css"></style>
<style scoped>
.formats .el-button {
  flex-basis: 44%;
}
.chooser {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
</style>
