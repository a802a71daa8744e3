<script setup lang="ts">
import { computed } from 'vue'
import ChancePanel from '@/chances/ChancePanel.vue'
import ZonePanel from '@/chances/ZonePanel.vue'
import { useDesk } from '@/desk/context'
import type { SectionModel } from '@/desk/contract'
import LayPanel from '@/laying/LayPanel.vue'
import PresetsPanel from '@/laying/PresetsPanel.vue'
import AimPanel from '@/pots/AimPanel.vue'
import PotRow from '@/pots/PotRow.vue'
import ReadingPanel from '@/pots/ReadingPanel.vue'
import WhitePanel from '@/pots/WhitePanel.vue'
import NumbersPanel from '@/strike/NumbersPanel.vue'
import StrokePanel from '@/strike/StrokePanel.vue'

/** The bench of the Table section: one panel for what the player does now. */
defineProps<{ section: SectionModel }>()

const desk = useDesk()
const outline = computed(() => desk.outline())
const { model, preferences, face, told, selects, shot, prediction, pot, stroke, rest, playback } = desk
const {
  picking,
  reading,
  indirect,
  inQuestion,
  where,
  bench,
  marks,
  laying,
  zone,
  chances,
  comparison,
  playerName,
  recall,
} = desk
const { leftOut, setStroke, take } = bench
</script>

<template>
  <LayPanel
    v-if="face === 'lay'"
    :model="model"
    :laying="laying"
    :marks="marks"
    :prediction="prediction"
    :selects="selects"
    :units="preferences.units.value"
    @colours="(only) => shot.layColours(only)"
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
    :indirect="indirect"
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
    :refusal="desk.noChance.value"
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
    :refusal="desk.noChance.value"
    :rest="rest"
    @take="take"
  />
  <NumbersPanel v-else :prediction="prediction" :told="told" />
</template>
