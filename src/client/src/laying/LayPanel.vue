<script setup lang="ts">
import { Delete, Refresh, Sort } from '@element-plus/icons-vue'
import { computed, nextTick, ref, watch } from 'vue'
import { unitOf, type Units } from '@/kit/usePreferences'
import type { BallPlace, Prediction } from '@/api/client'
import { t } from '@/words'
import MarkList from './MarkList.vue'
import { ballName, kindClass, nextRed } from '@/sheet/sheet'
import type { Laying } from './useLaying'
import type { Marks } from './useMarks'
import type { SheetModel } from '@/sheet/useSheet'

/** The bench while balls are laid: what a touch does, the chosen balls, where they stand, and the marks. */
const props = defineProps<{
  model: SheetModel
  laying: Laying
  marks: Marks
  prediction: Prediction | null
  selects: boolean
  units: Units
}>()
const emit = defineEmits<{
  colours: [only?: string]
  presets: []
  select: [on: boolean]
  mirror: []
}>()

const colours = ['yellow', 'green', 'brown', 'blue', 'pink', 'black']
const words = ref('')
/** How far the chosen balls are turned, anticlockwise. */
const degrees = ref(15)
const chosen = computed(() => props.laying.chosen.value)
const one = computed<BallPlace | null>(() =>
  chosen.value.length === 1 ? (props.model.balls.value.find((ball) => ball.id === chosen.value[0]) ?? null) : null,
)
const field = ref<{ focus(): void } | null>(null)
/** Where no finger is used a place can be typed at once. */
watch(props.laying.asked, async () => {
  await nextTick()
  if (!window.matchMedia('(pointer: coarse)').matches) field.value?.focus()
})

const standing = computed(() => {
  if (!one.value) return ''
  const { factor, digits, name } = unitOf(props.units)
  const [up, across] = [one.value.x, one.value.y].map((metres) => (metres * factor).toFixed(digits))
  const placing = props.prediction?.placing
  const landmark = placing?.ball === one.value.id ? `; ${placing.words}` : ''
  return t('lay.stands', { up, across, unit: name }) + landmark
})
const hint = computed<string>(() => {
  const mark = props.marks.next.value
  return t(`lay.hint.${mark ?? (props.selects ? 'select' : 'lay')}`)
})

watch(
  () => one.value?.id,
  () => (words.value = ''),
)

async function say() {
  if (one.value && words.value.trim() && (await props.laying.say(one.value.id, words.value))) words.value = ''
}
</script>

<template>
  <div class="panel" data-testid="lay-panel">
    <div class="scroll">
      <div class="row">
        <el-button data-testid="lay-red" :disabled="!nextRed(model.balls.value)" @click="laying.layRed()">
          {{ t('lay.red') }}
        </el-button>
        <el-button data-testid="lay-colours" @click="emit('colours')">{{ t('lay.colours') }}</el-button>
        <el-button data-testid="presets" @click="emit('presets')">{{ t('lay.presets') }}</el-button>
      </div>
      <div class="row one" role="group" :aria-label="t('lay.spotOne')">
        <button
          v-for="colour in colours"
          :key="colour"
          type="button"
          :class="kindClass(colour)"
          :data-spot="colour"
          :title="t('lay.spot', { ball: ballName(colour) })"
          :aria-label="t('lay.spot', { ball: ballName(colour) })"
          @click="emit('colours', colour)"
        >
          <i aria-hidden="true"></i>{{ ballName(colour) }}
        </button>
      </div>
      <p class="hint" data-testid="lay-hint">{{ hint }}</p>

      <section v-if="one" class="chosen">
        <h3>{{ ballName(one.id) }}</h3>
        <p class="stands" data-testid="stands">{{ standing }}</p>
        <form class="say" @submit.prevent="say">
          <el-input
            ref="field"
            v-model="words"
            data-testid="place-words"
            :aria-label="t('lay.where', { ball: ballName(one.id) })"
            :placeholder="units === 'metric' ? t('lay.exampleMm') : t('lay.exampleIn')"
          />
          <el-button native-type="submit" :disabled="!words.trim()" data-testid="place-go">{{ t('lay.go') }}</el-button>
        </form>
        <p class="small">{{ t('lay.sayExample') }}</p>
      </section>
      <section v-else-if="chosen.length > 1" class="chosen">
        <h3>{{ t('lay.several', { count: chosen.length }) }}</h3>
        <div class="row">
          <el-input-number
            v-model="degrees"
            data-testid="turn-degrees"
            class="degrees"
            :min="-180"
            :max="180"
            :step="5"
            :aria-label="t('lay.degrees')"
            controls-position="right"
          />
          <el-button :icon="Refresh" data-testid="turn-chosen" @click="laying.change('turn', { degrees })">
            {{ t('lay.turn') }}
          </el-button>
          <el-button :icon="Sort" data-testid="mirror-chosen" @click="laying.change('mirror', {})">
            {{ t('lay.mirrorChosen') }}
          </el-button>
        </div>
      </section>
      <div v-if="chosen.length > 0" class="row">
        <el-button
          :icon="Delete"
          data-testid="remove-chosen"
          :disabled="chosen.every((id) => id === 'cue')"
          @click="laying.remove()"
        >
          {{ t('lay.takeOff') }}
        </el-button>
        <el-button text @click="laying.choose([])">{{ t('lay.chooseNone') }}</el-button>
      </div>
      <p v-if="laying.told.value" class="told" role="alert" data-testid="lay-told">{{ laying.told.value }}</p>

      <div class="row">
        <el-button
          :aria-pressed="selects"
          :type="selects ? 'primary' : ''"
          data-testid="select"
          @click="emit('select', !selects)"
        >
          {{ t('lay.select') }}
        </el-button>
        <el-button data-testid="mirror-all" @click="emit('mirror')">{{ t('lay.mirrorAll') }}</el-button>
      </div>
      <MarkList :model="model" :marks="marks" />
      <ul v-if="chosen.length === 0" class="hands small">
        <li v-for="hand in ['say', 'nudge', 'settle']" :key="hand">{{ t(`lay.hands.${hand}`) }}</li>
      </ul>
    </div>
  </div>
</template>

<style scoped src="@/kit/panels.css"></style>
<style scoped>
.one button {
  display: inline-flex;
  align-items: center;
  gap: 4px;
  flex: 1 1 30%;
  height: 28px;
  padding: 0 5px;
  border: 1px solid var(--el-border-color);
  border-radius: 7px;
  background: var(--el-fill-color-blank);
  color: var(--ink);
  font: inherit;
  font-size: 14px;
  cursor: pointer;
}
.one i {
  width: 10px;
  height: 10px;
  border-radius: 50%;
  background: var(--ball);
  border: 1px solid var(--ball-edge);
}
.degrees {
  width: 104px;
}
.hands {
  margin: 14px 0 0;
  padding: 10px 0 0 18px;
  border-top: 1px solid var(--line);
}
.hands li + li {
  margin-top: 6px;
}
</style>
