<script setup lang="ts">
import { computed } from 'vue'
import type { Prediction } from '@/api/client'
import { t } from '@/words'

/** The answer, read at arm's length: one sentence, its decisive words marked. */
const props = defineProps<{
  prediction: Prediction | null
  refusal: string
  question?: boolean
  /** A sentence that stands in place of the stroke's own. */
  said?: { sentence: string; words: string[] }
}>()

interface Part {
  text: string
  strong: boolean
}

/** Cuts the server's sentence at the words that it names as decisive. */
const parts = computed<Part[]>(() => {
  if (props.said) return cut(props.said.sentence, 0, props.said.words)
  const verdict = props.prediction?.verdict
  if (!verdict) return []
  const decisive = [verdict.contact, verdict.height, verdict.side, verdict.pace, verdict.butt].filter(
    (word) => !!word,
  ) as string[]
  return cut(verdict.sentence, verdict.result.length, decisive)
})

function cut(sentence: string, start: number, decisive: string[]): Part[] {
  const found: Part[] = [{ text: sentence.slice(0, start), strong: false }]
  let rest = sentence.slice(start)
  for (const word of decisive) {
    const at = rest.toLowerCase().indexOf(word.toLowerCase())
    if (at < 0) continue
    found.push({ text: rest.slice(0, at), strong: false }, { text: rest.slice(at, at + word.length), strong: true })
    rest = rest.slice(at + word.length)
  }
  found.push({ text: rest, strong: false })
  return found
}
</script>

<template>
  <div class="answer">
    <p v-if="question" class="verdict" data-testid="verdict">{{ t('table.question') }}</p>
    <p v-else class="verdict" aria-live="polite" data-testid="verdict">
      <template v-for="(part, i) in parts" :key="i">
        <strong v-if="part.strong">{{ part.text }}</strong>
        <template v-else>{{ part.text }}</template>
      </template>
      <template v-if="!said && prediction?.verdict.ruling">
        {{ ' '
        }}<span :class="{ foul: prediction.verdict.isFoul }" data-testid="referee">{{
          prediction.verdict.ruling
        }}</span>
      </template>
    </p>
    <p v-if="refusal" class="refusal" role="alert" data-testid="refusal">{{ refusal }}</p>
  </div>
</template>

<style scoped>
/* Its height never changes with its words: the table must not move under a finger. */
.answer {
  position: relative;
  height: 84px;
  margin: 6px 0 2px;
}
.verdict {
  margin: 0;
  font-size: 21px;
  line-height: 28px;
  letter-spacing: -0.01em;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 3;
  overflow: hidden;
}
.verdict strong {
  color: var(--chalk);
  font-weight: 680;
}
.foul {
  color: var(--warn);
  font-weight: 680;
}
.refusal {
  position: absolute;
  inset: 0;
  margin: 0;
  padding: 4px 14px;
  background: var(--warn-paper);
  border-left: 4px solid var(--warn);
  font-size: 18px;
  line-height: 26px;
}
@media (max-width: 1000px) {
  .answer {
    height: 134px;
  }
  .verdict {
    font-size: 20px;
    line-height: 26px;
    -webkit-line-clamp: 5;
  }
}
@media (max-width: 700px) {
  .answer {
    height: auto;
    min-height: 148px;
  }
  .verdict {
    display: block;
    font-size: 18px;
    line-height: 24px;
  }
}
</style>
