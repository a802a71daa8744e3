<script setup lang="ts">
import { computed } from 'vue'
import type { Fix, PlaceOnBed, PotAnswer, Stroke } from '@/api/client'
import { ballName } from '@/sheet/sheet'
import { t } from '@/words'
import AnchorList from './AnchorList.vue'
import ButtList from './ButtList.vue'
import CannonList from './CannonList.vue'
import DangerList from './DangerList.vue'
import { rounded } from './dials'
import MapPanel from './MapPanel.vue'
import SweepList from './SweepList.vue'
import type { Where, WhereView } from './useWhere'
import ZoneBar from './ZoneBar.vue'

/** Where the white can go: the three anchors, one dial swept, the map, what threatens, cannons. */
const props = defineProps<{ where: Where; pot: PotAnswer | null; stroke: Stroke; rest: PlaceOnBed | null }>()
const emit = defineEmits<{
  take: [stroke: Partial<Stroke>]
  fix: [fix: Fix]
  answerByKeys: []
  putWanted: [place: PlaceOnBed]
}>()

const views: { view: WhereView; label: string }[] = [
  { view: 'anchors', label: t('where.views.anchors') },
  { view: 'butt', label: t('where.views.butt') },
  { view: 'height', label: t('where.views.height') },
  { view: 'pace', label: t('where.views.pace') },
  { view: 'map', label: t('where.views.map') },
  { view: 'dangers', label: t('where.views.dangers') },
  { view: 'cannon', label: t('where.views.cannon') },
]
const view = computed(() => props.where.view.value)
const isZoned = computed(() => ['height', 'pace', 'map'].includes(view.value))
</script>

<template>
  <div class="panel" data-testid="white-panel">
    <div class="views" role="group" :aria-label="t('where.title')">
      <el-button
        v-for="choice in views"
        :key="choice.view"
        :type="view === choice.view ? 'primary' : undefined"
        :aria-pressed="view === choice.view"
        :disabled="!pot"
        :data-view="choice.view"
        @click="where.show(choice.view)"
        >{{ choice.label }}</el-button
      >
    </div>
    <p v-if="!pot" class="hint">{{ t('where.first') }}</p>
    <p v-if="where.refusal.value" class="refusal" role="alert">{{ where.refusal.value }}</p>
    <ZoneBar v-if="isZoned" :where="where" :rest="rest" @put-wanted="(place) => emit('putWanted', place)" />
    <p v-if="where.isOld.value && view !== 'none'" class="before" data-testid="white-old">{{ t('app.before') }}</p>
    <div class="scroll" :class="{ old: where.isOld.value }" role="region" tabindex="0" :aria-label="t('where.result')">
      <AnchorList
        v-if="view === 'anchors'"
        :where="where"
        @take="(found) => emit('take', found)"
        @answer-by-keys="emit('answerByKeys')"
      />
      <SweepList
        v-else-if="view === 'height' || view === 'pace'"
        :where="where"
        @take="(cell) => emit('take', rounded(cell))"
      />
      <MapPanel
        v-else-if="view === 'map'"
        :rows="where.rows.value"
        :pace="stroke.pace"
        :height="stroke.height"
        @take="(cell) => emit('take', rounded(cell))"
      />
      <DangerList
        v-else-if="view === 'dangers' && where.fixes.value"
        :answer="where.fixes.value"
        @fix="(way) => emit('fix', way)"
      />
      <ButtList v-else-if="view === 'butt'" :where="where" @take="(found) => emit('take', found)" />
      <template v-else-if="view === 'cannon'">
        <p v-if="!where.second.value" class="big">{{ t('where.second') }}</p>
        <CannonList
          v-else
          :where="where"
          :second="ballName(where.second.value)"
          @take="(cannon) => emit('take', cannon)"
        />
      </template>
      <p v-else-if="pot && view === 'none'" class="hint">{{ t('where.choose') }}</p>
    </div>
  </div>
</template>

<style scoped>
.views {
  display: flex;
  flex-wrap: wrap;
  gap: 3px;
  margin-bottom: 3px;
}
.views .el-button {
  flex: 1 1 auto;
  margin: 0;
  padding: 4px;
  height: 28px;
}
</style>

<style scoped src="@/kit/lists.css"></style>
