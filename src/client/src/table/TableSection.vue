<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Outline, PotPart, RunRule, Stroke } from '@/api/client'
import BenchTabs from '@/app/BenchTabs.vue'
import { tabs, type Face } from '@/app/faces'
import HelpPanel from '@/app/HelpPanel.vue'
import type { PreferenceModel } from '@/app/usePreferences'
import ViewPanel from '@/app/ViewPanel.vue'
import BreakOverlay from '@/breaks/BreakOverlay.vue'
import BreakPanel from '@/breaks/BreakPanel.vue'
import { useBreak } from '@/breaks/useBreak'
import { useLineUp } from '@/breaks/useLineUp'
import ChanceOverlay from '@/chances/ChanceOverlay.vue'
import ChancePanel from '@/chances/ChancePanel.vue'
import ChanceStrip from '@/chances/ChanceStrip.vue'
import { useChances } from '@/chances/useChances'
import { useComparison } from '@/chances/useComparison'
import { useZone } from '@/chances/useZone'
import ZonePanel from '@/chances/ZonePanel.vue'
import PlayBar from '@/motion/PlayBar.vue'
import { usePlayback } from '@/motion/usePlayback'
import type { ShelfModel } from '@/players/useShelf'
import AimPanel from '@/pots/AimPanel.vue'
import PocketMarks from '@/pots/PocketMarks.vue'
import PotRow from '@/pots/PotRow.vue'
import ReadingMarks from '@/pots/ReadingMarks.vue'
import ReadingPanel from '@/pots/ReadingPanel.vue'
import { useBench } from '@/pots/useBench'
import { usePicking } from '@/pots/usePicking'
import { useReading } from '@/pots/useReading'
import { useWhere } from '@/pots/useWhere'
import WhereOverlay from '@/pots/WhereOverlay.vue'
import WhitePanel from '@/pots/WhitePanel.vue'
import FilesPanel from '@/sheet/FilesPanel.vue'
import LayPanel from '@/sheet/LayPanel.vue'
import PositionsPanel from '@/sheet/PositionsPanel.vue'
import PresetsPanel from '@/sheet/PresetsPanel.vue'
import SavePanel from '@/sheet/SavePanel.vue'
import { nextRed } from '@/sheet/sheet'
import SheetBar from '@/sheet/SheetBar.vue'
import StateStrip from '@/sheet/StateStrip.vue'
import { useFiles } from '@/sheet/useFiles'
import { useKeeping } from '@/sheet/useKeeping'
import { useLaying } from '@/sheet/useLaying'
import { useMarks } from '@/sheet/useMarks'
import { usePositions } from '@/sheet/usePositions'
import type { Server } from '@/sheet/useServer'
import type { SheetModel } from '@/sheet/useSheet'
import type { State } from '@/sheet/useState'
import NumbersPanel from '@/strike/NumbersPanel.vue'
import RunRuleView from '@/strike/RunRule.vue'
import StrokePanel from '@/strike/StrokePanel.vue'
import { t } from '@/words'
import ContactStrip from './ContactStrip.vue'
import type { Manner } from './gestures'
import TableView from './TableView.vue'
import { useSection } from './useSection'
import { useShot } from './useShot'
import { useView } from './useView'
import VerdictLine from './VerdictLine.vue'

/** The Table section: lay the balls, choose the pot, set the stroke, see where everything goes. */
const props = defineProps<{
  model: SheetModel
  outline: Outline
  rule: RunRule
  server: Server
  preferences: PreferenceModel
  shelf: ShelfModel
  state: State
  setsState: boolean
  /** True in the Break section: the bench plans. */
  plans: boolean
}>()
const emit = defineEmits<{ stateSet: []; setUp: [] }>()

const { model, server, preferences, shelf } = props
const outline = () => props.outline
const positions = usePositions(model)
const face = ref<Face>('stroke')
const told = ref<number | null>(null)
const selects = ref(false)
const room = ref<HTMLElement | null>(null)
const tableView = ref<InstanceType<typeof TableView> | null>(null)
const lineUp = useLineUp(model)
const shot = useShot(
  model,
  outline,
  server,
  preferences.units,
  shelf.coefficients,
  () => (props.plans ? lineUp.asked.value : null),
  () => playback.reset(),
)
const { prediction, pot } = shot
const playback = usePlayback(prediction, model.balls)
const picking = usePicking(model, prediction)
const reading = useReading(
  model,
  computed(() => face.value === 'reading' || picking.picked.value !== null),
  shelf.coefficients,
)
const where = useWhere(shot.request, () => 2 * props.outline.ballRadius)
const bench = useBench({ model, shot, picking, where, face, outline, beforeChange: () => playback.reset() })
const { draft, leftOut, isHidden, setStroke, take } = bench
const zone = useZone(model, shelf, () => 2 * props.outline.ballRadius)
const chances = useChances(shot, shelf, zone.goal)
const comparison = useComparison(chances)
const breaks = useBreak(
  model,
  shelf,
  lineUp,
  () => props.plans,
  () => playback.reset(),
)
const showsPlan = computed(() => props.plans && (tabs.includes(face.value) || face.value === 'numbers'))
const { view, width, inset } = useView(outline, preferences.turn, () => shot.directionDeg.value, room)
const marks = useMarks(model, outline)
const laying = useLaying(model, shot, () => preferences.units.value)
const files = useFiles(model, laying, () => tableView.value?.svg ?? null)
const keeping = useKeeping(model, server, shot.askAnew)
const section = useSection({ model, shot, playback, bench, positions, laying, files, keeping, preferences, face })

const shown = computed(() => (isHidden.value ? null : prediction.value))
const stroke = computed<Stroke>(() => ({ ...model.stroke.value, directionDeg: shot.directionDeg.value }))
const namesPlace = computed(
  () => face.value === 'white' && (isHidden.value || ['height', 'pace', 'map'].includes(where.view.value)),
)
const manner = computed<Manner>(() => {
  if (namesPlace.value) return { kind: 'name' }
  if (!section.canLay.value && face.value !== 'zone') return { kind: 'aim' }
  if (marks.next.value) return { kind: 'mark', mark: marks.next.value }
  if (!section.canLay.value) return { kind: 'aim' }
  return { kind: selects.value ? 'select' : 'lay' }
})
const inQuestion = computed(
  () => picking.picked.value ?? (face.value === 'reading' ? (model.pot.value?.ball ?? null) : null),
)
const entries = computed(() => (inQuestion.value ? reading.entriesOf(inQuestion.value) : []))
const rest = computed(() => prediction.value?.final.find((ball) => ball.id === 'cue') ?? null)
/** While a plan is shown its sentence stands for the stroke's; another ball that was touched has its own. */
const said = computed(() => {
  const answer = breaks.answer.value
  if (!showsPlan.value || !answer || breaks.isOld.value || playback.active.value || breaks.other.value) return undefined
  return { sentence: answer.sentence, words: answer.decisive }
})
const playerName = computed(() => shelf.player.value?.name ?? t('app.player'))
const hardest = computed(() => prediction.value?.stroke?.hardestPace ?? 10)

function pick(ball: string, more: boolean) {
  if (showsPlan.value) breaks.touch(ball)
  else if (section.canLay.value) laying.pick(ball, more)
  else bench.pick(ball)
}

/** Puts a stroke that was kept back on the sheet, with its pot. */
function recall(index: number) {
  const plan = comparison.kept.value[index]?.question
  if (!plan) return
  model.setPot({ ...plan.pot, part: (plan.pot.part ?? 'opening') as PotPart })
  take({ pace: plan.strike.pace ?? model.stroke.value.pace, side: plan.strike.side, height: plan.strike.height })
}

function removeBall(ball: string) {
  if (laying.chosen.value.includes(ball)) laying.remove()
  else model.remove(ball)
}
</script>

<template>
  <main class="section" :aria-busy="shot.underWay.value">
    <div class="drawing">
      <StateStrip v-if="setsState" :state="state" @close="emit('stateSet')" @in-hand="laying.putInHand()" />
      <VerdictLine v-else :said="said" :prediction="shown" :refusal="shot.refusal.value" :question="isHidden" />
      <div ref="room" class="room">
        <div class="plan" :style="{ width: `${width}px` }">
          <TableView
            ref="tableView"
            :outline="view"
            :balls="playback.shown.value"
            :prediction="shown"
            :direction-deg="shot.directionDeg.value"
            :still="playback.active.value"
            :told="told"
            :picked="picking.picked.value"
            :chosen="laying.chosen.value"
            :marks="model.marks.value"
            :manner="manner"
            :marks-move="face === 'zone'"
            :next-red="nextRed(model.balls.value)"
            :raw="model.sheet.value.raw"
            :letters="preferences.letters.value"
            @drag="shot.hold"
            @drop="shot.release"
            @take-off="shot.takeOff"
            @aim="(directionDeg) => setStroke({ directionDeg })"
            @aimed="model.commit"
            @nudge="shot.nudge"
            @remove="removeBall"
            @lay="(x, y) => shot.lay(nextRed(model.balls.value), x, y)"
            @tell="(number) => (told = number)"
            @pick="pick"
            @pocket="picking.pickPocket"
            @touch="bench.touch"
            @choose="laying.choose"
            @shift="(along, across) => laying.change('move', { along, across })"
            @mark="marks.add"
            @move-mark="marks.move"
            @marked="model.commit"
            @remove-mark="marks.remove"
          >
            <template #under>
              <PocketMarks
                :outline="view"
                :entries="entries"
                :chosen="model.pot.value?.pocket ?? null"
                :asks="picking.picked.value !== null"
                @pocket="picking.pickPocket"
              />
              <ChanceOverlay
                v-if="!isHidden && !playback.active.value"
                :outline="view"
                :chance="chances.chance.value"
                :is-old="chances.isOld.value"
                :cueing="chances.cueing.value"
                :zone="face === 'zone' ? zone.computedZone.value : null"
              />
            </template>
            <BreakOverlay
              v-if="showsPlan && !playback.active.value"
              :outline="view"
              :answer="breaks.isOld.value ? null : breaks.answer.value"
              :in-hand="breaks.inHand.value"
              :proof="breaks.proof.value"
            />
            <ReadingMarks
              v-if="face === 'reading' && reading.reading.value"
              :outline="view"
              :balls="playback.shown.value"
              :reading="reading.reading.value"
              :regions="true"
            />
            <WhereOverlay
              v-if="face === 'white' && model.pot.value && !playback.active.value"
              :outline="view"
              :balls="playback.shown.value"
              :prediction="shown"
              :where="where"
              :draft="draft"
              @wanted="(place) => where.setWanted(place)"
              @draft="(place) => (draft = place)"
              @guess="bench.giveGuess"
            />
          </TableView>
          <RunRuleView
            :rule="rule"
            :pace="model.stroke.value.pace"
            :hardest="hardest"
            :inset="inset"
            @pace="(pace) => setStroke({ pace })"
            @done="model.commit"
          />
        </div>
      </div>
      <ChanceStrip
        :chance="isHidden ? null : chances.chance.value"
        :is-old="chances.isOld.value"
        :waits="chances.question.value !== null"
        :player="playerName"
      />
      <p class="because" data-testid="because">{{ shown?.verdict.because }}</p>
      <PlayBar :playback="playback">
        <el-button
          class="numbers"
          data-testid="numbers-button"
          :aria-pressed="face === 'numbers'"
          @click="section.toggle('numbers')"
          >{{ t('motion.numbers') }}</el-button
        >
      </PlayBar>
      <ContactStrip :prediction="shown" :told="told" @tell="(number) => (told = number)" />
    </div>
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
        :outline="outline()"
        :laying="laying"
        :units="preferences.units.value"
        @close="face = 'lay'"
      />
      <StrokePanel
        v-else-if="face === 'stroke'"
        :outline="outline()"
        :balls="playback.active.value ? model.balls.value : playback.shown.value"
        :prediction="prediction"
        :stroke="stroke"
        :pot="pot"
        :cueing="chances.cueing.value"
        @stroke="setStroke"
        @done="model.commit"
      >
        <PotRow
          :outline="outline()"
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
        :outline="outline()"
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
        :outline="outline()"
        :positions="positions"
        :opened="model.sheet.value.opened?.id ?? null"
        @open="section.openPosition"
        @close="face = 'stroke'"
      />
      <SavePanel
        v-else-if="face === 'save'"
        :outline="outline()"
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
  </main>
</template>

<style scoped src="./section.css"></style>
