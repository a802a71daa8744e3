<script setup lang="ts">
import type { Outline } from '@/api/client'
import BenchTabs from '@/app/BenchTabs.vue'
import HelpPanel from '@/app/HelpPanel.vue'
import ViewPanel from '@/app/ViewPanel.vue'
import BreakPanel from '@/breaks/BreakPanel.vue'
import ChancePanel from '@/chances/ChancePanel.vue'
import ZonePanel from '@/chances/ZonePanel.vue'
import AimPanel from '@/pots/AimPanel.vue'
import PotRow from '@/pots/PotRow.vue'
import ReadingPanel from '@/pots/ReadingPanel.vue'
import WhitePanel from '@/pots/WhitePanel.vue'
import FilesPanel from '@/sheet/FilesPanel.vue'
import LayPanel from '@/sheet/LayPanel.vue'
import PositionsPanel from '@/sheet/PositionsPanel.vue'
import PresetsPanel from '@/sheet/PresetsPanel.vue'
import SavePanel from '@/sheet/SavePanel.vue'
import SheetBar from '@/sheet/SheetBar.vue'
import NumbersPanel from '@/strike/NumbersPanel.vue'
import StrokePanel from '@/strike/StrokePanel.vue'
import { t } from '@/words'
import type { Parts } from './useParts'

/** The bench beside the table: the sheet's bar, and one panel for what the player does now. */
const props = defineProps<{
  parts: Parts
  outline: Outline
  /** True in the Break section: the bench plans. */
  plans: boolean
}>()
const emit = defineEmits<{ setUp: [] }>()

const { model, server, keeping, preferences, positions, files, section, face, told, selects } = props.parts
const { shot, prediction, pot, stroke, rest, playback, picking, reading, inQuestion, where, bench } = props.parts
const { marks, laying, zone, chances, comparison, breaks, showsPlan, playerName, recall } = props.parts
const { leftOut, setStroke, take } = bench
</script>

<template>
  <aside class="bench" :aria-label="t('app.bench')">
    <SheetBar
      :model="model"
      :server="server"
      :keeping="keeping"
      :notice="positions.notice.value"
      :face="face"
      @open="section.showPositions"
      @save="section.save"
      @save-as="face = 'save'"
      @new="section.clear"
      @undo="section.undo"
      @redo="section.redo"
      @files="section.toggle('files')"
      @view="section.toggle('view')"
      @help="section.toggle('help')"
    />
    <BenchTabs v-if="!plans" :face="face" @face="(next) => (face = next)" />
    <BreakPanel v-if="showsPlan" :breaks="breaks" :direction-deg="shot.directionDeg.value" />
    <LayPanel
      v-else-if="face === 'lay'"
      :model="model"
      :laying="laying"
      :marks="marks"
      :prediction="prediction"
      :selects="selects"
      :units="preferences.units.value"
      @red="shot.layRed"
      @colours="shot.layColours"
      @presets="face = 'presets'"
      @select="(on) => (selects = on)"
      @mirror="laying.mirrorAll"
    />
    <PresetsPanel
      v-else-if="face === 'presets'"
      :outline="outline"
      :laying="laying"
      :units="preferences.units.value"
      @close="face = 'lay'"
    />
    <StrokePanel
      v-else-if="face === 'stroke'"
      :outline="outline"
      :balls="playback.active.value ? model.balls.value : playback.shown.value"
      :prediction="prediction"
      :stroke="stroke"
      :pot="pot"
      :cueing="chances.cueing.value"
      @stroke="setStroke"
      @done="model.commit"
    >
      <PotRow
        :outline="outline"
        :model="model"
        :pot="pot"
        :picked="picking.picked.value"
        @drop="picking.drop"
        @part="bench.setPart"
        @keep="bench.keepPot"
      />
    </StrokePanel>
    <ReadingPanel
      v-else-if="face === 'reading'"
      :reading="reading"
      :chosen="inQuestion"
      @choose="picking.choose"
      @look="picking.pickBall"
    />
    <AimPanel v-else-if="face === 'aim'" :pot="pot" :left-out="leftOut" @leave-out="bench.leaveOut" />
    <WhitePanel
      v-else-if="face === 'white'"
      :where="where"
      :pot="model.pot.value ? pot : null"
      :stroke="stroke"
      :rest="rest"
      @take="take"
      @fix="bench.takeFix"
      @answer-by-keys="bench.answerByKeys"
      @put-wanted="(place) => where.setWanted({ x: place.x, y: place.y })"
    />
    <ChancePanel
      v-else-if="face === 'chance'"
      :chances="chances"
      :comparison="comparison"
      :player="playerName"
      @take="take"
      @recall="recall"
    />
    <ZonePanel
      v-else-if="face === 'zone'"
      :outline="outline"
      :model="model"
      :marks="marks"
      :zone="zone"
      :question="chances.question.value"
      :rest="rest"
      @take="take"
    />
    <NumbersPanel v-else-if="face === 'numbers'" :prediction="prediction" :told="told" />
    <PositionsPanel
      v-else-if="face === 'open'"
      :outline="outline"
      :positions="positions"
      :opened="model.sheet.value.opened?.id ?? null"
      @open="section.openPosition"
      @close="face = 'stroke'"
    />
    <SavePanel
      v-else-if="face === 'save'"
      :outline="outline"
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
/* The widths are those of section.css. */
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
