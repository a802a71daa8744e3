<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Outline, RunRule } from '@/api/client'
import ChanceOverlay from '@/chances/ChanceOverlay.vue'
import ChanceStrip from '@/chances/ChanceStrip.vue'
import StateStrip from '@/laying/StateStrip.vue'
import PlayBar from '@/motion/PlayBar.vue'
import PocketMarks from '@/pots/PocketMarks.vue'
import { isRed, nextRed } from '@/sheet/sheet'
import RunRuleView from '@/strike/RunRule.vue'
import ContactStrip from '@/table/ContactStrip.vue'
import type { Manner } from '@/table/gestures'
import TableView from '@/table/TableView.vue'
import VerdictLine from '@/table/VerdictLine.vue'
import { t } from '@/words'
import { provideDesk, useShared } from './context'
import { createDesk } from './createDesk'
import DeskBench from './DeskBench.vue'
import type { DeskEntry } from './contract'
import NowButton from './NowButton.vue'
import { useOpenSection } from './useOpenSection'

/** The table with its verdict and its strips, and the bench beside it; what is special to a section comes from the section. */
const props = defineProps<{ outline: Outline; rule: RunRule; section: DeskEntry; setsState: boolean }>()
const emit = defineEmits<{ stateSet: []; setUp: [] }>()

const shared = useShared()
const { model, preferences, state } = shared
const room = ref<HTMLElement | null>(null)
const tableView = ref<InstanceType<typeof TableView> | null>(null)
const desk = createDesk(
  shared,
  () => props.outline,
  room,
  () => tableView.value?.svg ?? null,
)
provideDesk(desk)
useOpenSection(desk, () => props.section)
const { view, width, inset, face, told, selects, shot, playback, picking, where, bench, zone, chances } = desk
const { open, marks, laying, commands, shown, entries, said, playerName, pick, removeBall, action, act } = desk
const { isHidden, setStroke } = bench
const { whatNow } = desk
const hardest = computed(() => desk.prediction.value?.stroke?.hardestPace ?? 10)
const isPhone = useMediaQuery('(max-width: 700px)')
const isWide = useMediaQuery('(min-width: 1001px)')
/** Where words beside the table name reds by their numbers, the reds show them. */
const namesReds = computed(
  () => open.value?.model.namesReds?.value === true && model.balls.value.filter((ball) => isRed(ball.id)).length > 1,
)
/** A table that stands upright on a wide screen. */
const isBeside = computed(() => isWide.value && view.value.turn % 2 === 1)
const namesPlace = computed(
  () => face.value === 'white' && (isHidden.value || ['height', 'pace', 'map'].includes(where.view.value)),
)
const manner = computed<Manner>(() => {
  if (namesPlace.value) return { kind: 'name' }
  if (!commands.canLay.value && face.value !== 'zone') return { kind: 'aim' }
  if (marks.next.value) return { kind: 'mark', mark: marks.next.value }
  if (!commands.canLay.value) return { kind: 'aim' }
  return { kind: selects.value ? 'select' : 'lay' }
})
</script>

<template>
  <main class="desk" :aria-busy="shot.underWay.value">
    <div class="drawing" :class="{ beside: isBeside }">
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
            :numbers="namesReds"
            :scrolls="isPhone"
            @drag="(ball, x, y, exactly) => shot.hold(ball, x, y, !exactly)"
            @drop="shot.release"
            @take-off="shot.takeOff"
            @aim="(directionDeg) => setStroke({ directionDeg })"
            @aimed="model.commit"
            @nudge="shot.nudge"
            @remove="removeBall"
            @lay="(x, y) => shot.lay(nextRed(model.balls.value), x, y)"
            @tell="(number) => (told = number)"
            @pick="pick"
            @pocket="desk.pickPocket"
            @touch="bench.touch"
            @choose="laying.choose"
            @shift="(along, across) => laying.change('move', { along, across })"
            @mark="marks.add"
            @move-mark="marks.move"
            @marked="model.commit"
            @remove-mark="marks.remove"
          >
            <template #pockets>
              <PocketMarks
                :outline="view"
                :entries="entries"
                :chosen="model.pot.value?.pocket ?? null"
                :asks="picking.picked.value !== null"
                @pocket="desk.pickPocket"
              />
            </template>
            <template #under>
              <ChanceOverlay
                v-if="!isHidden && !playback.active.value"
                :outline="view"
                :chance="chances.isPaused.value ? null : chances.chance.value"
                :is-old="chances.isOld.value"
                :cueing="chances.cueing.value"
                :zone="face === 'zone' ? zone.computedZone.value : null"
              />
            </template>
            <component :is="open.parts.overlay" v-if="open?.parts.overlay" :section="open.model" />
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
        :refusal="isHidden ? '' : desk.noChance.value"
        :not-on="chances.isNotOn.value ? (model.pot.value?.ball ?? null) : null"
        @on="(on) => state.set({ on, nominated: null })"
        @practice="state.setPractice(true)"
      />
      <component :is="open.parts.strip" v-if="open?.parts.strip" :section="open.model" />
      <p v-if="shot.told.value" class="because told" role="status" data-testid="placing-told">{{ shot.told.value }}</p>
      <p v-else class="because" data-testid="because">{{ shown?.verdict.because }}</p>
      <PlayBar :playback="playback">
        <el-button
          class="numbers"
          data-testid="numbers-button"
          :aria-pressed="face === 'numbers'"
          @click="commands.toggle('numbers')"
          >{{ t('motion.numbers') }}</el-button
        >
        <NowButton :now="whatNow" />
      </PlayBar>
      <ContactStrip :prediction="shown" :told="told" @tell="(number) => (told = number)" />
    </div>
    <div v-if="isPhone" class="thumb" role="group" :aria-label="t('app.thumb')" data-testid="thumb">
      <el-button-group>
        <el-button
          v-for="hand in ['stroke', 'lay'] as const"
          :key="hand"
          :aria-pressed="(hand === 'lay') === commands.canLay.value"
          :type="(hand === 'lay') === commands.canLay.value ? 'primary' : undefined"
          :data-hand="hand"
          @click="face = hand"
          >{{ t(`app.hands.${hand}`) }}</el-button
        >
      </el-button-group>
      <el-button type="primary" class="act" data-testid="thumb-action" :disabled="action.isBusy" @click="act()">{{
        action.label
      }}</el-button>
    </div>
    <DeskBench @set-up="emit('setUp')" />
  </main>
</template>

<style scoped src="./desk.css"></style>
