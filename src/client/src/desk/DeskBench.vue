<script setup lang="ts">
import FilesPanel from '@/book/FilesPanel.vue'
import PositionsPanel from '@/book/PositionsPanel.vue'
import SavePanel from '@/book/SavePanel.vue'
import SheetBar from '@/book/SheetBar.vue'
import HelpPanel from '@/kit/HelpPanel.vue'
import ViewPanel from '@/kit/ViewPanel.vue'
import { t } from '@/words'
import { useDesk } from './context'

/** The bench beside the table: the sheet's bar, and under it the section's own bench or what all sections share. */
const emit = defineEmits<{ setUp: [] }>()

const desk = useDesk()
const { model, server, keeping, preferences, positions, files, commands, face, open, failed, showsSection } = desk
</script>

<template>
  <aside class="bench" tabindex="-1" data-testid="bench" :aria-label="t('app.bench')">
    <SheetBar
      :model="model"
      :server="server"
      :keeping="keeping"
      :notice="positions.notice.value"
      :face="face"
      @open="commands.showPositions"
      @save="commands.save"
      @save-as="commands.saveAs"
      @new="commands.clear"
      @undo="commands.undo"
      @redo="commands.redo"
      @files="commands.toggle('files')"
      @view="commands.toggle('view')"
      @help="commands.toggle('help')"
    />
    <p v-if="failed" class="failed" role="alert" data-testid="section-failed">
      {{ t('app.notLoaded') }}
      <el-button size="small" @click="failed()">{{ t('app.tryAgain') }}</el-button>
    </p>
    <component :is="open.parts.tabs" v-if="open?.parts.tabs" :section="open.model" />
    <template v-if="showsSection">
      <component :is="open.parts.bench" v-if="open" :section="open.model" />
    </template>
    <PositionsPanel
      v-else-if="face === 'open'"
      :outline="desk.outline()"
      :positions="positions"
      :opened="model.sheet.value.opened?.id ?? null"
      @open="commands.openPosition"
      @close="face = 'stroke'"
    />
    <SavePanel
      v-else-if="face === 'save'"
      :outline="desk.outline()"
      :positions="positions"
      :opened="model.sheet.value.opened"
      :called="model.called.value"
      @close="face = 'stroke'"
      @went-back="face = 'stroke'"
    />
    <FilesPanel v-else-if="face === 'files'" :files="files" @close="face = 'stroke'" @set-up="emit('setUp')" />
    <ViewPanel v-else-if="face === 'view'" :preferences="preferences" @close="face = 'stroke'" />
    <HelpPanel v-else @close="face = 'stroke'" />
  </aside>
</template>

<style scoped>
.failed {
  margin: 8px 0;
  padding: 6px 10px;
  border-left: 4px solid var(--warn);
  background: var(--warn-paper);
}
.bench {
  padding: 12px 16px;
  background: var(--panel);
  border-left: 1px solid var(--line);
  display: flex;
  flex-direction: column;
  min-height: 0;
}
.bench :deep(.panel) {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
}
.bench :deep(.scroll) {
  flex: 1;
  min-height: 0;
  overflow: auto;
  scrollbar-width: thin;
}
/* The widths are those of desk.css. */
@media (max-width: 1000px) and (min-width: 701px) {
  .bench {
    padding: 10px 12px;
  }
}
@media (max-width: 700px) {
  .bench {
    border-left: 0;
    border-top: 1px solid var(--line);
  }
}
</style>
