<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, ask, type Player, type PlayerLook } from '@/api/client'
import { t } from '@/words'
import PaceForm from './PaceForm.vue'
import PlayerNumbers from './PlayerNumbers.vue'
import PlayerSchool from './PlayerSchool.vue'
import { spreads } from './spreads'
import type { Bed } from '@/shelf/useShelf'

/** A player: first what the hands do in pots and distances, then reach and school; milliradians stand behind Numbers. */
const props = defineProps<{ player: Player; readOnly: boolean; bed: Bed }>()
const emit = defineEmits<{ change: [player: Player] }>()

const levels = ['starter', 'club', 'league', 'expert'] as const
const hands = ['right', 'left'] as const
const rests = ['plain', 'extension', 'spider', 'swanNeck'] as const
const look = shallowRef<PlayerLook | null>(null)
const refusal = ref('')
const showsNumbers = ref(false)

const lookNow = useDebounceFn(async () => {
  const asked = props.player
  const { data, refusal: sentence } = await ask(
    api.POST('/api/players/look', { body: { player: asked, ...props.bed } }),
  )
  if (asked !== props.player) return
  refusal.value = sentence ?? ''
  if (data) look.value = data
}, 250)
watch([() => props.player, () => props.bed], lookNow, { immediate: true })

/** Everything said, the preset's values where the player says nothing. */
const whole = computed<Player>(() => ({
  ...(look.value?.player ?? {}),
  ...Object.fromEntries(Object.entries(props.player).filter(([, value]) => value != null)),
}))
const isOwn = computed(() => spreads.some(({ field }) => !!props.player[field]))
const set = (part: Partial<Player>) => emit('change', { ...props.player, ...part })

const lengths = computed(() => [
  { field: 'shoulderHeight', label: t('player.shoulder'), least: 90, most: 190 },
  { field: 'reach', label: t('player.reach'), least: 10, most: 200 },
  { field: 'stretch', label: t('player.stretch'), least: 0, most: 50 },
  { field: 'cueLength', label: t('player.cue'), least: 92, most: 170 },
])
const inCentimetres = (field: string) => Math.round(100 * ((whole.value as Record<string, number>)[field] ?? 0))

/** Another level forgets spreads of one's own. */
const setLevel = (preset: string) =>
  set({ preset, ...Object.fromEntries(spreads.map(({ field }) => [field, null])), sideBiasMm: null })
</script>

<template>
  <div class="form">
    <p v-if="refusal" class="refusal" role="alert" data-testid="player-refusal">{{ refusal }}</p>
    <div v-if="look" class="hands" data-testid="pot-rates">
      <div class="rates">
        <p v-for="line in look.words" :key="line">{{ line }}</p>
      </div>
      <div class="finishes">
        <p v-for="finish in look.finishes" :key="finish.pace" class="finish">{{ finish.words }}</p>
      </div>
    </div>
    <div class="grid">
      <label>
        {{ t('player.level') }}
        <el-select
          :model-value="whole.preset ?? 'club'"
          :disabled="readOnly"
          :aria-label="t('player.level')"
          data-testid="player-level"
          @change="setLevel"
        >
          <el-option
            v-for="level in levels"
            :key="level"
            :value="level"
            :label="`${t(`player.levels.${level}`)}${isOwn ? `, ${t('player.levelOwn')}` : ''}`"
          >
            <span :data-level="level">{{ t(`player.levels.${level}`) }}</span>
          </el-option>
        </el-select>
      </label>
      <label class="hand">
        {{ t('player.hand') }}
        <el-radio-group
          :model-value="whole.hand ?? 'right'"
          :disabled="readOnly"
          :aria-label="t('player.hand')"
          @change="(hand: unknown) => set({ hand: hand as Player['hand'] })"
        >
          <el-radio-button v-for="hand in hands" :key="hand" :value="hand" :data-hand="hand">{{
            t(`player.hands.${hand}`)
          }}</el-radio-button>
        </el-radio-group>
      </label>
      <label v-for="length in lengths" :key="length.field">
        {{ length.label }}
        <el-input-number
          :model-value="inCentimetres(length.field)"
          :min="length.least"
          :max="length.most"
          :disabled="readOnly"
          controls-position="right"
          :aria-label="length.label"
          :data-testid="`player-${length.field}`"
          @change="(value: number | undefined) => set({ [length.field]: (value ?? length.least) / 100 })"
        />
      </label>
    </div>
    <div class="row" role="group" :aria-label="t('player.rests')">
      <span>{{ t('player.rests') }}</span>
      <el-checkbox
        v-for="rest in rests"
        :key="rest"
        :disabled="readOnly"
        :model-value="(whole.rests as Record<string, boolean> | undefined)?.[rest] ?? true"
        @change="
          (has: string | number | boolean) =>
            set({
              rests: {
                plain: true,
                extension: true,
                spider: true,
                swanNeck: true,
                ...whole.rests,
                [rest]: has === true,
              },
            })
        "
        >{{ t(`player.rest.${rest}`) }}</el-checkbox
      >
    </div>
    <PlayerSchool :player="whole" :read-only="readOnly" @change="set" />
    <PaceForm v-if="!readOnly" :paces="player.paces ?? []" :bed="bed" @change="(paces) => set({ paces })" />
    <el-button :aria-pressed="showsNumbers" data-testid="player-numbers" @click="showsNumbers = !showsNumbers">{{
      t('shelf.numbers')
    }}</el-button>
    <PlayerNumbers v-if="showsNumbers" :player="whole" :read-only="readOnly" @change="set" />
  </div>
</template>

<style scoped src="./form.css"></style>
<style scoped>
.hands {
  margin: 4px 0 12px;
}
.rates,
.finishes {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(400px, 100%), 1fr));
  gap: 2px 18px;
}
.finishes {
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  margin-top: 6px;
}
.hands p {
  margin: 0;
  font-size: 20px;
  line-height: 26px;
}
.hand {
  grid-column: span 2;
}
.hands .finish {
  font-size: 15px;
  line-height: 21px;
  color: var(--ink-soft);
}
</style>
