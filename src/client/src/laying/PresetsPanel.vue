<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue'
import { unitOf, type Units } from '@/kit/usePreferences'
import PanelHead from '@/kit/PanelHead.vue'
import { api, ask, type Outline, type Preset } from '@/api/client'
import { t } from '@/words'
import PositionPicture from '@/table/PositionPicture.vue'
import type { Laying } from './useLaying'

/** Presets of the house: chosen, set, laid; mirrored with one touch. */
const props = defineProps<{ outline: Outline; laying: Laying; units: Units }>()
const emit = defineEmits<{ close: [] }>()

const presets = ref<Preset[]>([])
const open = ref<Preset | null>(null)
const values = ref<Record<string, number>>({})
const mirrored = ref(false)
const refusal = ref('')

const unit = computed(() => unitOf(props.units))
type Parameter = Preset['parameters'][number]
const scaleOf = (parameter: Parameter) => (parameter.kind === 'distance' ? unit.value.factor : 1)
const unitAfter = ({ kind }: Parameter) =>
  kind === 'distance' ? `, ${unit.value.name}` : kind === 'angle' ? `, ${t('presets.degrees')}` : ''
const rounded = (value: number) => Math.round(value * 100) / 100

onMounted(async () => {
  const { data, refusal: sentence } = await ask(api.GET('/api/presets'))
  refusal.value = sentence ?? ''
  presets.value = data ?? []
})

function choose(preset: Preset) {
  open.value = preset
  mirrored.value = false
  values.value = Object.fromEntries(preset.parameters.map((parameter) => [parameter.id, parameter.default]))
  void lay()
  // Its numbers unfold below it.
  void nextTick(() =>
    document.querySelector(`[data-preset="${preset.id}"]`)?.closest('li')?.scrollIntoView({ block: 'nearest' }),
  )
}

async function lay() {
  if (open.value) await props.laying.layPreset(open.value, values.value, mirrored.value)
}

function set(parameter: Parameter, shown: number | undefined) {
  values.value = { ...values.value, [parameter.id]: (shown ?? 0) / scaleOf(parameter) }
  void lay()
}

function mirror() {
  mirrored.value = !mirrored.value
  void lay()
}
</script>

<template>
  <div class="panel" data-testid="presets-panel">
    <PanelHead :title="t('presets.title')" :back="t('lay.back')" @close="emit('close')" />
    <p v-if="refusal" class="refusal" role="alert">{{ refusal }}</p>
    <div class="scroll" role="region" tabindex="0" :aria-label="t('presets.title')">
      <ul>
        <li v-for="preset in presets" :key="preset.id" :class="{ current: open?.id === preset.id }">
          <button type="button" :data-preset="preset.id" @click="choose(preset)">
            <PositionPicture :outline="outline" :balls="preset.balls" />
            <span>
              <b>{{ preset.name }}</b>
              <small>{{ preset.about }}</small>
            </span>
          </button>
          <section v-if="open?.id === preset.id" class="open">
            <label v-for="parameter in preset.parameters" :key="parameter.id">
              <span>{{ parameter.name }}{{ unitAfter(parameter) }}</span>
              <el-input-number
                :data-parameter="parameter.id"
                :model-value="rounded(values[parameter.id]! * scaleOf(parameter))"
                :min="rounded(parameter.least * scaleOf(parameter))"
                :max="rounded(parameter.most * scaleOf(parameter))"
                :step="parameter.kind === 'distance' ? (units === 'metric' ? 10 : 0.5) : 1"
                :aria-label="parameter.name"
                controls-position="right"
                @change="(value: number | undefined) => set(parameter, value)"
              />
            </label>
            <div class="row">
              <el-button :aria-pressed="mirrored" data-testid="preset-mirror" @click="mirror">{{
                t('presets.mirror')
              }}</el-button>
            </div>
            <p v-if="laying.told.value" class="told" role="alert">{{ laying.told.value }}</p>
          </section>
        </li>
      </ul>
    </div>
  </div>
</template>

<style scoped src="@/kit/panels.css"></style>
<style scoped src="@/book/list.css"></style>
<style scoped>
.open {
  padding: 0 6px 2px;
}
label {
  grid-template-columns: 1fr 120px;
  align-items: center;
  margin-bottom: 5px;
}
label .el-input-number {
  width: 120px;
}
</style>
