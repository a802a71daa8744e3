<script setup lang="ts">
import { computed } from 'vue'
import type { Stroke } from '@/api/client'
import { t } from '@/words'
import { rounded } from './dials'
import type { Where } from './useWhere'

/** Stun, follow and screw in words; with the answer hidden, the question. */
const props = defineProps<{ where: Where }>()
const emit = defineEmits<{ take: [stroke: Partial<Stroke>]; answerByKeys: [] }>()

/** Tip heights by distance, as far as safe tips reach: the nearest, the farthest and one between, for which there is room. */
const stunHeights = computed(() => {
  const reached = props.where.heights.value.filter((height) => height.height !== null)
  const told = [...new Set([reached[0], reached[reached.length >> 1], reached.at(-1)])]
  return told.flatMap((height) => (height ? [`${height.distanceM} m ${height.words}`] : []))
})
</script>

<template>
  <div>
    <div class="line">
      <el-switch
        :model-value="where.hides.value"
        :active-text="t('where.hide')"
        data-testid="hide-answer"
        @change="(hide: string | number | boolean) => where.setHides(hide === true)"
      />
      <el-button
        v-if="where.answerIsHidden.value"
        size="small"
        data-testid="answer-by-keys"
        @click="emit('answerByKeys')"
        >{{ t('where.byKeys') }}</el-button
      >
      <el-button v-else-if="where.hides.value" size="small" @click="where.setGuess(null)">{{
        t('where.askAgain')
      }}</el-button>
    </div>
    <p v-if="where.answerIsHidden.value" class="big">{{ t('table.question') }}</p>
    <template v-else>
      <p v-if="where.anchors.value?.guessWords && where.guess.value" class="big" data-testid="guess-words">
        {{ where.anchors.value.guessWords }}
      </p>
      <ul class="list">
        <li v-for="anchor in where.anchors.value?.anchors ?? []" :key="anchor.kind" :data-anchor-row="anchor.kind">
          <button type="button" :disabled="!anchor.isPotted" @click="emit('take', rounded(anchor))">
            <b>{{ anchor.kind }}</b> {{ anchor.how }}
          </button>
          <small
            >{{ anchor.sentence ?? anchor.restWords
            }}<template v-if="anchor.meets.length > 0">{{
              t('where.meets', { balls: anchor.meets.slice(0, 3).join(', ') })
            }}</template></small
          >
          <small v-if="!anchor.isReached && !anchor.sentence">{{ t('where.notQuite', { kind: anchor.kind }) }}</small>
        </li>
      </ul>
      <p v-if="where.anchors.value?.simplest" class="hint">
        {{ t('where.simplest', { stroke: where.anchors.value.simplest }) }}
      </p>
      <p v-if="stunHeights.length > 0" class="hint" data-testid="stun-heights">
        {{ t('where.toStun', { heights: stunHeights.join('; ') }) }}
      </p>
    </template>
  </div>
</template>

<style scoped src="@/kit/lists.css"></style>
<style scoped>
/* Three anchors, each in four lines, and what is said below them have to fit the bench. */
.list {
  margin: 0;
}
.list li {
  padding: 3px 0;
}
small,
.hint {
  line-height: 19px;
}
.hint {
  margin: 2px 0;
}
</style>
