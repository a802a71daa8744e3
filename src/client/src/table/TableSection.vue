<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import type { Outline, RunRule, Stroke } from '@/api/client'
import BenchTabs from '@/app/BenchTabs.vue'
import type { Face } from '@/app/faces'
import HelpPanel from '@/app/HelpPanel.vue'
import PlayBar from '@/motion/PlayBar.vue'
import { usePlayback } from '@/motion/usePlayback'
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
import PositionsPanel from '@/sheet/PositionsPanel.vue'
import SavePanel from '@/sheet/SavePanel.vue'
import { nextRed } from '@/sheet/sheet'
import SheetBar from '@/sheet/SheetBar.vue'
import { usePositions } from '@/sheet/usePositions'
import type { SheetModel } from '@/sheet/useSheet'
import NumbersPanel from '@/strike/NumbersPanel.vue'
import RunRuleView from '@/strike/RunRule.vue'
import StrokePanel from '@/strike/StrokePanel.vue'
import ContactStrip from './ContactStrip.vue'
import TableView from './TableView.vue'
import { useShot } from './useShot'
import VerdictLine from './VerdictLine.vue'
import { frame, mm } from './view'

/** The Table section: lay the balls, choose the pot, set the stroke, see where everything goes. */
const props = defineProps<{ model: SheetModel; outline: Outline; rule: RunRule }>()

const model = props.model
const positions = usePositions(model)
const face = ref<Face>('stroke')
const told = ref<number | null>(null)
const shot = useShot(
  model,
  () => props.outline,
  () => playback.reset(),
)
const { prediction, pot } = shot
const playback = usePlayback(prediction, model.balls)
const picking = usePicking(model, prediction)
const reading = useReading(
  model,
  computed(() => face.value === 'reading' || picking.picked.value !== null),
)
const where = useWhere(shot.request, () => 2 * props.outline.ballRadius)
const bench = useBench({
  model,
  shot,
  picking,
  where,
  face,
  outline: () => props.outline,
  beforeChange: () => playback.reset(),
})
const { draft, leftOut, isHidden, setStroke, take } = bench
const shown = computed(() => (isHidden.value ? null : prediction.value))
const stroke = computed<Stroke>(() => ({ ...model.stroke.value, directionDeg: shot.directionDeg.value }))
const namesPlace = computed(
  () => face.value === 'white' && (isHidden.value || ['height', 'pace', 'map'].includes(where.view.value)),
)
const inQuestion = computed(
  () => picking.picked.value ?? (face.value === 'reading' ? (model.pot.value?.ball ?? null) : null),
)
const entries = computed(() => (inQuestion.value ? reading.entriesOf(inQuestion.value) : []))
const rest = computed(() => prediction.value?.final.find((ball) => ball.id === 'cue') ?? null)

async function save() {
  const opened = model.sheet.value.opened
  if (opened && !opened.isHouse) {
    if (!(await positions.save())) face.value = 'save'
  } else face.value = 'save'
}

function showPositions() {
  face.value = face.value === 'open' ? 'stroke' : 'open'
  if (face.value === 'open') void positions.refresh()
}

async function openPosition(id: string) {
  playback.reset()
  shot.afterOpening()
  if (await positions.open(id)) face.value = 'stroke'
}

function undo() {
  playback.reset()
  model.undo()
}

function redo() {
  playback.reset()
  model.redo()
}

const faceKeys: Record<string, Face> = { t: 'reading', s: 'stroke', a: 'aim', w: 'white' }

useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  const typing = event.target instanceof HTMLInputElement
  const command = event.ctrlKey || event.metaKey
  const key = event.key.toLowerCase()
  if (command && key === 's') void save()
  else if (command && key === 'z' && !typing) {
    if (event.shiftKey) redo()
    else undo()
  } else if (typing || command || event.altKey) return
  else if (key === 'p') {
    if (playback.running.value) playback.pause()
    else playback.run()
  } else if (key === 'n') playback.step()
  else if (key === 'k' && model.pot.value) bench.keepPot(!model.keepPot.value)
  else if (faceKeys[key]) face.value = faceKeys[key]
  else if (key === '?') face.value = face.value === 'help' ? 'stroke' : 'help'
  else return
  event.preventDefault()
})

onMounted(async () => {
  if (!model.isFresh) return
  await positions.refresh()
  const first = positions.positions.value.find((position) => position.isHouse && position.name.startsWith('Black'))
  if (first) await openPosition(first.id)
})

const inset = computed(() => (100 * frame) / (mm(props.outline.length) + 2 * frame))
const hardest = computed(() => prediction.value?.stroke?.hardestPace ?? 10)
</script>

<template>
  <main class="section">
    <div class="drawing">
      <VerdictLine :prediction="shown" :refusal="shot.refusal.value" :question="isHidden" />
      <TableView
        :outline="outline"
        :balls="playback.shown.value"
        :prediction="shown"
        :direction-deg="shot.directionDeg.value"
        :still="playback.active.value"
        :told="told"
        :picked="picking.picked.value"
        :names="namesPlace"
        @drag="shot.hold"
        @drop="shot.release"
        @aim="(directionDeg) => setStroke({ directionDeg })"
        @aimed="model.commit"
        @nudge="shot.lay"
        @remove="model.remove"
        @lay="(x, y) => shot.lay(nextRed(model.balls.value), x, y)"
        @tell="(number) => (told = number)"
        @pick="bench.pick"
        @pocket="picking.pickPocket"
        @touch="bench.touch"
      >
        <template #under>
          <PocketMarks
            :outline="outline"
            :entries="entries"
            :chosen="model.pot.value?.pocket ?? null"
            :asks="picking.picked.value !== null"
            @pocket="picking.pickPocket"
          />
        </template>
        <ReadingMarks
          v-if="face === 'reading' && reading.reading.value"
          :outline="outline"
          :balls="playback.shown.value"
          :reading="reading.reading.value"
          :regions="true"
        />
        <WhereOverlay
          v-if="face === 'white' && model.pot.value && !playback.active.value"
          :outline="outline"
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
      <p class="because" data-testid="because">{{ shown?.verdict.because }}</p>
      <PlayBar :playback="playback" />
      <ContactStrip :prediction="shown" :told="told" @tell="(number) => (told = number)" />
    </div>
    <aside class="bench" aria-label="Bench">
      <SheetBar
        :model="model"
        :notice="positions.notice.value"
        :face="face"
        @open="showPositions"
        @save="save"
        @save-as="face = 'save'"
        @new="model.clear"
        @undo="undo"
        @redo="redo"
        @red="shot.layRed"
        @colours="shot.layColours"
        @help="face = face === 'help' ? 'stroke' : 'help'"
      />
      <BenchTabs :face="face" @face="(next) => (face = next)" />
      <StrokePanel
        v-if="face === 'stroke'"
        :outline="outline"
        :balls="playback.active.value ? model.balls.value : playback.shown.value"
        :prediction="prediction"
        :stroke="stroke"
        :pot="pot"
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
      <NumbersPanel v-else-if="face === 'numbers'" :prediction="prediction" :told="told" />
      <PositionsPanel
        v-else-if="face === 'open'"
        :outline="outline"
        :positions="positions.positions.value"
        :refusal="positions.refusal.value"
        :opened="model.sheet.value.opened?.id ?? null"
        @open="openPosition"
        @remove="positions.remove"
        @close="face = 'stroke'"
      />
      <SavePanel
        v-else-if="face === 'save'"
        :positions="positions"
        :opened="model.sheet.value.opened"
        @close="face = 'stroke'"
      />
      <HelpPanel v-else @close="face = 'stroke'" />
    </aside>
  </main>
</template>

<style scoped src="./section.css"></style>
