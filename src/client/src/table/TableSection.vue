<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Outline, RunRule } from '@/api/client'
import type { PreferenceModel } from '@/app/usePreferences'
import BreakOverlay from '@/breaks/BreakOverlay.vue'
import ChanceOverlay from '@/chances/ChanceOverlay.vue'
import ChanceStrip from '@/chances/ChanceStrip.vue'
import PlayBar from '@/motion/PlayBar.vue'
import type { ShelfModel } from '@/players/useShelf'
import PocketMarks from '@/pots/PocketMarks.vue'
import ReadingMarks from '@/pots/ReadingMarks.vue'
import WhereOverlay from '@/pots/WhereOverlay.vue'
import { nextRed } from '@/sheet/sheet'
import StateStrip from '@/sheet/StateStrip.vue'
import type { Server } from '@/sheet/useServer'
import type { SheetModel } from '@/sheet/useSheet'
import type { State } from '@/sheet/useState'
import RunRuleView from '@/strike/RunRule.vue'
import { t } from '@/words'
import ContactStrip from './ContactStrip.vue'
import type { Manner } from './gestures'
import TableBench from './TableBench.vue'
import TableView from './TableView.vue'
import { useParts } from './useParts'
import { useView } from './useView'
import VerdictLine from './VerdictLine.vue'

/** The Table section: lay the balls, choose the pot, set the stroke, see where everything goes. The Break section: the same table, and a plan. */
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

const room = ref<HTMLElement | null>(null)
const tableView = ref<InstanceType<typeof TableView> | null>(null)
const parts = useParts(
  props,
  () => props.outline,
  () => props.plans,
  () => tableView.value?.svg ?? null,
)
const { face, told, selects, shot, playback, picking, reading, where, bench, zone, chances, breaks } = parts
const { showsPlan, marks, laying, section, shown, entries, said, playerName, pick, removeBall } = parts
const { draft, isHidden, setStroke } = bench
const { view, width, inset } = useView(
  () => props.outline,
  props.preferences.turn,
  () => shot.directionDeg.value,
  room,
)
const hardest = computed(() => parts.prediction.value?.stroke?.hardestPace ?? 10)
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
              :balls="playback.shown.value"
              :prediction="shown"
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
    <TableBench :parts="parts" :outline="outline" :plans="plans" @set-up="emit('setUp')" />
  </main>
</template>

<style scoped src="./section.css"></style>
