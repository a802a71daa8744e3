<script setup lang="ts">
import { Delete } from '@element-plus/icons-vue'
import type { DrawnKind } from '@/table/gestures'
import { t } from '@/words'
import type { Marks } from './useMarks'
import type { SheetModel } from '@/sheet/useSheet'

/** Marks to set by touch, and those that are set. */
defineProps<{ model: SheetModel; marks: Marks }>()

const kinds: DrawnKind[] = ['target', 'gate', 'zone']
</script>

<template>
  <section class="marks-list">
    <h3>{{ t('marks.title') }}</h3>
    <div class="row">
      <el-button data-testid="mark-white" @click="marks.markWhite()">{{ t('marks.whiteHere') }}</el-button>
      <el-button
        v-for="kind in kinds"
        :key="kind"
        :data-testid="`mark-${kind}`"
        :aria-pressed="marks.next.value === kind"
        :type="marks.next.value === kind ? 'primary' : ''"
        @click="marks.toggle(kind)"
      >
        {{ t(`marks.${kind}`) }}
      </el-button>
    </div>
    <ul>
      <li v-for="mark in model.marks.value" :key="mark.id">
        <span>{{ t(`marks.${mark.kind}`) }}</span>
        <el-input
          :model-value="mark.text"
          maxlength="40"
          :placeholder="t('marks.text')"
          :aria-label="t('marks.textOf', { mark: t(`marks.${mark.kind}`) })"
          @input="(text: string) => marks.write(mark.id, text)"
          @change="(text: string) => marks.say(mark.id, text)"
        />
        <el-button
          text
          :icon="Delete"
          :aria-label="t('marks.remove', { mark: t(`marks.${mark.kind}`) })"
          @click="marks.remove(mark.id)"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped src="@/kit/panels.css"></style>
<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 56px 1fr 32px;
  align-items: center;
  gap: 6px;
  padding: 2px 0;
}
</style>
