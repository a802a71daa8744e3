<script setup lang="ts">
import { computed } from 'vue'
import type { Chance } from '@/api/client'
import { estimate } from '@/kit/estimate'
import { isRed } from '@/sheet/sheet'
import { t } from '@/words'
import { samples } from './useChances'

/** The chances of the stroke in one line under the table, read at a glance. */
const props = defineProps<{
  chance: Chance | null
  isOld: boolean
  waits: boolean
  player: string
  /** Why there is no chance to tell. */
  refusal: string
  /** The ball that is not on, when that is why. */
  notOn: string | null
}>()
const emit = defineEmits<{ on: [on: 'red' | 'colour']; practice: [] }>()

const turn = computed(() => (props.notOn && isRed(props.notOn) ? 'red' : 'colour'))

/** A first estimate is told as one: more strokes are played while the hand rests. */
const say = (words: string) => ((props.chance?.samples ?? 0) < samples.refined ? estimate(words) : words)

const parts = computed(() => {
  const found = props.chance
  if (!found) return []
  const list = [{ kind: 'pot', label: t('chance.pot'), words: say(found.pot.words), warns: false }]
  if (found.zone) list.push({ kind: 'zone', label: t('chance.zone'), words: say(found.zone.words), warns: false })
  else if (!found.isLast)
    list.push(
      found.next.isNever
        ? { kind: 'next', label: t('chance.nothingNext'), words: '', warns: true }
        : { kind: 'next', label: t('chance.next'), words: say(found.next.words), warns: false },
    )
  if (found.inOff.share > 0.015)
    list.push({ kind: 'inOff', label: t('chance.inOff'), words: say(found.inOff.words), warns: true })
  const best = found.cueing.best
  if (best.way !== 'plain')
    list.push({ kind: 'reach', label: t('chance.reach'), words: found.cueing.best.words, warns: true })
  return list
})
</script>

<template>
  <p class="strip" :class="{ old: isOld }" data-testid="chance-strip">
    <template v-if="chance">
      <span v-for="part in parts" :key="part.kind" :class="{ warns: part.warns }" :data-chance="part.kind">
        {{ part.label }} <b>{{ part.words }}</b>
      </span>
      <span class="who">{{ t('chance.for', { player }) }}</span>
    </template>
    <template v-else-if="refusal">
      <span class="warns why" role="alert" data-testid="chance-refusal">{{ refusal }}</span>
      <template v-if="notOn">
        <el-button size="small" data-testid="says-on" @click="emit('on', turn)">{{
          t(turn === 'red' ? 'state.redOn' : 'state.redGone')
        }}</el-button>
        <el-button size="small" data-testid="says-practice" @click="emit('practice')">{{
          t('state.practice')
        }}</el-button>
      </template>
    </template>
    <span v-else class="who">{{ waits ? t('chance.working') : t('chance.none') }}</span>
  </p>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: nowrap;
  gap: 4px 20px;
  margin: 4px 0 0;
  height: 26px;
  overflow: hidden;
  font-size: 18px;
  line-height: 26px;
  white-space: nowrap;
}
.strip b {
  color: var(--chalk);
  font-weight: 680;
}
.warns,
.warns b {
  color: var(--warn) !important;
}
.who {
  color: var(--ink-soft);
  font-size: 15px;
}
/* A whole sentence, and never cut. */
.why {
  font-size: 15px;
}
.old b {
  color: var(--ink-soft);
}
@media (max-width: 1000px) {
  .strip {
    flex-wrap: wrap;
    height: 52px;
  }
  .why,
  .who {
    white-space: normal;
    line-height: 20px;
  }
}
@media (max-width: 700px) {
  .strip {
    height: auto;
    min-height: 52px;
  }
}
</style>
