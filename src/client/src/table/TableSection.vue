<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, nextTick, onMounted, ref } from 'vue'
import type { Outline, PredictRequest, Prediction, RunRule, Stroke } from '@/api/client'
import HelpPanel from '@/app/HelpPanel.vue'
import PlayBar from '@/motion/PlayBar.vue'
import { usePlayback } from '@/motion/usePlayback'
import PositionsPanel from '@/sheet/PositionsPanel.vue'
import SavePanel from '@/sheet/SavePanel.vue'
import { nextRed, startStroke } from '@/sheet/sheet'
import SheetBar from '@/sheet/SheetBar.vue'
import { usePositions } from '@/sheet/usePositions'
import type { SheetModel } from '@/sheet/useSheet'
import NumbersPanel from '@/strike/NumbersPanel.vue'
import RunRuleView from '@/strike/RunRule.vue'
import StrokePanel from '@/strike/StrokePanel.vue'
import ContactStrip from './ContactStrip.vue'
import TableView from './TableView.vue'
import { usePrediction } from './usePrediction'
import VerdictLine from './VerdictLine.vue'
import { frame, mm } from './view'

/** The Table section: lay the balls, set the stroke, see where everything goes. */
const props = defineProps<{ model: SheetModel; outline: Outline; rule: RunRule }>()

const model = props.model
const positions = usePositions(model)
const face = ref<'stroke' | 'numbers' | 'open' | 'save' | 'help'>('stroke')
const told = ref<number | null>(null)

/** A ball in the hand: where the pointer holds it; the server says where it settles. */
const hand = ref<{ ball: string; x: number; y: number } | null>(null)
/** The newest stroke that was answered, and the newest that was refused. */
let accepted: PredictRequest['strike'] = { ...startStroke, elevationDeg: 0 }
let refused = ''

const request = computed<PredictRequest>(() => ({
  // The ball in the hand is left out: only the hand says where it is, and its settling must not ask again.
  balls: model.sheet.value.balls.filter((ball) => ball.id !== hand.value?.ball).map((ball) => ({ ...ball })),
  strike: strikeToAsk(),
  profile: model.profile.value,
  ...(hand.value ? { placing: hand.value } : {}),
}))
const { prediction, refusal, whenSettled } = usePrediction(request, settle, refuse)
const playback = usePlayback(prediction, model.balls)

/** A stroke that the server refuses must not hold back the ball in the hand: it settles with the last one that could be played. */
function strikeToAsk() {
  const strike = { ...model.sheet.value.stroke, elevationDeg: 0 }
  return hand.value && JSON.stringify(strike) === refused ? accepted : strike
}

function refuse(asked: PredictRequest) {
  refused = JSON.stringify(asked.strike)
  if (asked.placing === hand.value) hand.value = null
}

function settle(answer: Prediction, asked: PredictRequest) {
  accepted = asked.strike
  if (!answer.placing) return
  model.place(answer.placing.ball, answer.placing.x, answer.placing.y)
  // The answer to the last question about this hand: the ball is laid.
  if (released && asked.placing === hand.value) {
    hand.value = null
    released = false
    if (!laysMany) model.commit()
  }
}

let released = false
let laysMany = false

function hold(ball: string, x: number, y: number) {
  playback.reset()
  released = false
  hand.value = { ball, x, y }
}

function release() {
  if (!hand.value) return
  released = true
  // A new object asks once more, so that the place where the hand let go is the one that counts.
  hand.value = { ...hand.value }
}

function lay(ball: string | undefined, x: number, y: number) {
  if (!ball) return
  hold(ball, x, y)
  release()
}

function setStroke(part: Partial<Stroke>) {
  playback.reset()
  model.setStroke(part)
}

function layRed() {
  const red = nextRed(model.balls.value)
  const row = model.balls.value.length % 5
  lay(red, props.outline.length * 0.55 + 0.11 * row, props.outline.width / 2 + 0.2)
}

/** Lays the colours that are missing on their spots, one after the other; all of it is one step of the history. */
async function layColours() {
  laysMany = true
  for (const spot of props.outline.spots) {
    if (model.balls.value.some((ball) => ball.id === spot.ball)) continue
    lay(spot.ball, spot.x, spot.y)
    await nextTick()
    await whenSettled()
  }
  laysMany = false
  model.commit()
}

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
  else if (key === '?') face.value = face.value === 'help' ? 'stroke' : 'help'
  else return
  event.preventDefault()
})

onMounted(async () => {
  if (!model.isFresh) return
  await positions.refresh()
  const first = positions.positions.value.find((position) => position.isHouse && position.name.startsWith('Black'))
  if (first) await positions.open(first.id)
})

const inset = computed(() => (100 * frame) / (mm(props.outline.length) + 2 * frame))
const hardest = computed(() => prediction.value?.stroke?.hardestPace ?? 10)
</script>

<template>
  <main class="section">
    <div class="drawing">
      <VerdictLine :prediction="prediction" :refusal="refusal" />
      <TableView
        :outline="outline"
        :balls="playback.shown.value"
        :prediction="prediction"
        :direction-deg="model.stroke.value.directionDeg"
        :still="playback.active.value"
        :told="told"
        @drag="hold"
        @drop="release"
        @aim="(directionDeg) => setStroke({ directionDeg })"
        @aimed="model.commit"
        @nudge="lay"
        @remove="model.remove"
        @lay="(x, y) => lay(nextRed(model.balls.value), x, y)"
        @tell="(number) => (told = number)"
      />
      <RunRuleView
        :rule="rule"
        :pace="model.stroke.value.pace"
        :hardest="hardest"
        :inset="inset"
        @pace="(pace) => setStroke({ pace })"
        @done="model.commit"
      />
      <p class="because" data-testid="because">{{ prediction?.verdict.because }}</p>
      <PlayBar :playback="playback" />
      <ContactStrip :prediction="prediction" :told="told" @tell="(number) => (told = number)" />
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
        @red="layRed"
        @colours="layColours"
        @numbers="face = face === 'numbers' ? 'stroke' : 'numbers'"
        @help="face = face === 'help' ? 'stroke' : 'help'"
      />
      <StrokePanel
        v-if="face === 'stroke'"
        :outline="outline"
        :balls="playback.active.value ? model.balls.value : playback.shown.value"
        :prediction="prediction"
        :stroke="model.stroke.value"
        @stroke="setStroke"
        @done="model.commit"
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

<style scoped>
.section {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 336px;
  height: calc(100% - 44px);
}
.drawing {
  padding: 0 16px 8px 22px;
  min-width: 0;
}
.because {
  margin: 6px 0 10px;
  color: var(--ink-soft);
  font-size: 15px;
  line-height: 23px;
  min-height: 23px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
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
@media (max-width: 1000px) {
  .section {
    grid-template-columns: 1fr;
    height: auto;
  }
  .bench {
    border-left: 0;
    border-top: 1px solid var(--line);
  }
  .because {
    white-space: normal;
  }
}
</style>
