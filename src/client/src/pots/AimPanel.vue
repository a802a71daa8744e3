<script setup lang="ts">
import { computed } from 'vue'
import type { PotAnswer } from '@/api/client'
import { t } from '@/words'

/** Why the aim is where it is: the angle in both schools, the room for error, and each allowance with what it does. */
const props = defineProps<{ pot: PotAnswer | null; leftOut: string | null }>()
const emit = defineEmits<{ leaveOut: [kind: string | null] }>()

const mm = (value: number) => `${Math.abs(value).toFixed(1)} mm`
const judge = computed(() => props.pot?.judge)
const angle = computed(() =>
  judge.value
    ? `${judge.value.cutDeg.toFixed(0)}° ${judge.value.cutTo === 'straight' ? '' : t('aiming.cutTo', { side: judge.value.cutTo })}, ${judge.value.contact}`
    : '',
)
/** Allowances that are nothing to speak of are left out; throw always stands. */
const terms = computed(
  () => props.pot?.aim?.terms.filter((term) => term.kind === 'throw' || Math.abs(term.thinnerMm) > 0.2) ?? [],
)
const rooms = computed(() => {
  const window = props.pot?.window
  if (!window || !judge.value) return []
  const names =
    judge.value.cutTo === 'straight' ? [t('aiming.right'), t('aiming.left')] : [t('aiming.thick'), t('aiming.thin')]
  return [window.thick, window.thin].map((edge, i) => ({
    name: names[i]!,
    words: edge.words,
    figures: `${edge.marginMm.toFixed(1)} mm, ${edge.marginMrad.toFixed(1)} mrad`,
  }))
})
</script>

<template>
  <div class="panel" data-testid="aim-panel">
    <p v-if="!judge" class="empty">{{ t('aiming.empty') }}</p>
    <div v-else class="scroll" role="region" tabindex="0" :aria-label="t('aiming.explained')">
      <p class="big">{{ angle }}; {{ judge.sideWords }}</p>
      <p data-testid="ghost-words">
        <b>{{ t('aiming.byGhost') }}</b> {{ judge.ghostWords }}
      </p>
      <p data-testid="edge-words">
        <b>{{ t('aiming.byEdges') }}</b> {{ judge.edgeWords }}
      </p>
      <template v-if="pot?.aim">
        <h3 data-testid="aim-sum">{{ t('aiming.allowances', { words: pot.aim.words }) }}</h3>
        <ul class="terms">
          <li v-for="term in terms" :key="term.kind" :data-term="term.kind">
            <div class="line">
              <b>{{ term.name }}</b>
              <span :title="mm(term.thinnerMm)">{{ term.words }}</span>
              <el-switch
                size="small"
                :model-value="leftOut !== term.kind"
                :aria-label="t('aiming.allowFor', { what: term.name })"
                @change="(on: string | number | boolean) => emit('leaveOut', on === true ? null : term.kind)"
              />
            </div>
            <small :class="{ misses: !term.potsWithout }">{{ mm(term.thinnerMm) }}; {{ term.leftOut }}</small>
          </li>
        </ul>
        <p v-if="pot.aim.sideWords" data-testid="side-words">{{ pot.aim.sideWords }}</p>
      </template>
      <p
        v-for="(cushion, i) in pot?.cushions.filter((met) => met.side !== 'none').slice(0, 1)"
        :key="i"
        class="cushion"
      >
        {{ i + 1 }}. {{ cushion.words }}
      </p>
      <template v-if="rooms.length > 0">
        <h3>{{ t('aiming.room', { width: pot!.window!.widthMm.toFixed(0) }) }}</h3>
        <p v-for="room in rooms" :key="room.name" :data-room="room.name">
          <b>{{ room.name }}</b> {{ room.words }}: <span class="figure">{{ room.figures }}</span>
        </p>
      </template>
    </div>
  </div>
</template>

<style scoped>
h3 {
  margin: 6px 0 1px;
  font-size: 15px;
}
h3:first-child {
  margin-top: 2px;
}
p {
  margin: 0 0 2px;
  font-size: 14px;
  line-height: 17px;
}
p::first-letter {
  text-transform: uppercase;
}
.big {
  font-size: 18px;
  line-height: 23px;
  font-weight: 650;
  color: var(--chalk);
}
.terms {
  list-style: none;
  margin: 0;
  padding: 0;
}
.terms li {
  padding: 1px 0;
  border-bottom: 1px solid var(--line);
}
.line {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 6px;
  align-items: center;
}
small {
  display: block;
  font-size: 14px;
  line-height: 17px;
  color: var(--ink-soft);
}
.misses {
  color: var(--warn);
}
.cushion,
.figure,
.empty {
  color: var(--ink-soft);
}
</style>
