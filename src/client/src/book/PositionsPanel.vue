<script setup lang="ts">
import { CopyDocument, Delete } from '@element-plus/icons-vue'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import PanelHead from '@/kit/PanelHead.vue'
import type { PositionSummary, Outline } from '@/api/client'
import { t } from '@/words'
import PositionPicture from '@/table/PositionPicture.vue'
import type { Positions } from './usePositions'

/** The bench as a book of saved positions: three at a time, found by words, by tags, or by their likeness to the sheet. */
const props = defineProps<{ outline: Outline; positions: Positions; opened: string | null }>()
const emit = defineEmits<{ open: [id: string]; close: [] }>()

const atATime = 3
const search = ref(props.positions.words.value)
const shown = ref(atATime)

interface Row {
  position: PositionSummary
  like: string
  mirrored: boolean
}

const rows = computed<Row[]>(() => {
  const { alike, positions } = props.positions
  if (!alike.value) return positions.value.map((position) => ({ position, like: '', mirrored: false }))
  return alike.value.map((one) => ({ position: one.position, like: one.words, mirrored: one.mirrored }))
})
const all = computed(() => props.positions.alike.value?.length ?? props.positions.count.value)
const tags = computed(() => props.positions.tags.value)

const find = useDebounceFn((words: string) => void props.positions.find(words), 150)
watch(search, find)
watch([search, () => props.positions.alike.value], () => (shown.value = atATime))

function showMore() {
  shown.value += 2 * atATime
  // The next page is there before it is wanted.
  if (!props.positions.alike.value && shown.value + 2 * atATime > rows.value.length) void props.positions.more()
}

const toggleTag = (tag: string) => (search.value = search.value === tag ? '' : tag)
</script>

<template>
  <div class="panel" data-testid="positions" :data-found="positions.found.value">
    <PanelHead :title="t('positions.title')" @close="emit('close')" />
    <p v-if="positions.refusal.value" class="refusal" role="alert">{{ positions.refusal.value }}</p>
    <p v-if="positions.deleted.value" class="notice undo" role="status">
      {{ t('positions.deleted', { name: positions.deleted.value.name }) }}
      <el-button size="small" data-testid="bring-back" @click="positions.bringBack()">{{
        t('positions.bringBack')
      }}</el-button>
    </p>
    <div class="find">
      <el-input
        v-model="search"
        clearable
        data-testid="search"
        :placeholder="t('positions.search')"
        :aria-label="t('positions.search')"
      />
      <el-button :aria-pressed="positions.alike.value !== null" data-testid="alike" @click="positions.findAlike()">
        {{ positions.alike.value ? t('positions.all') : t('positions.alike') }}
      </el-button>
    </div>
    <p v-if="tags.length > 0" class="tags">
      <button
        v-for="tag in tags"
        :key="tag"
        type="button"
        :aria-pressed="search === tag"
        :data-tag="tag"
        @click="toggleTag(tag)"
      >
        {{ tag }}
      </button>
    </p>
    <p v-if="rows.length === 0" class="hint">{{ search ? t('positions.noneFound') : t('positions.none') }}</p>
    <div class="scroll" role="region" tabindex="0" :aria-label="t('positions.title')">
      <ul>
        <li
          v-for="{ position, like, mirrored } in rows.slice(0, shown)"
          :key="position.id"
          :class="{ current: position.id === opened }"
        >
          <button type="button" :data-position="position.name" @click="emit('open', position.id)">
            <PositionPicture :outline="outline" :balls="position.balls" :class="{ mirrored }" />
            <span>
              <b>{{ position.name }}</b>
              <small v-if="like" class="like" data-testid="likeness">{{ like }}</small>
              <small>{{ position.note || (position.isHouse ? '' : t('positions.yours')) }}</small>
              <small class="table" data-testid="position-table">{{
                t('positions.table', { table: position.profile.name })
              }}</small>
            </span>
          </button>
          <div class="tools">
            <el-button
              text
              size="small"
              :icon="CopyDocument"
              :aria-label="t('positions.copy', { name: position.name })"
              @click="positions.copy(position)"
            />
            <el-button
              v-if="!position.isHouse"
              text
              size="small"
              :icon="Delete"
              :aria-label="t('positions.delete', { name: position.name })"
              @click="positions.remove(position)"
            />
          </div>
        </li>
      </ul>
      <el-button v-if="all > shown" class="more" data-testid="more" @click="showMore">
        {{ t('positions.more', { count: all - shown }) }}
      </el-button>
    </div>
  </div>
</template>

<style scoped src="@/kit/panels.css"></style>
<style scoped src="./list.css"></style>
<style scoped>
li {
  display: flex;
  align-items: flex-start;
}
.find {
  display: flex;
  gap: 5px;
}
.find .el-button {
  height: 34px;
}
.tags {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin: 7px 0 0;
}
.tags button {
  border: 1px solid var(--line);
  border-radius: 12px;
  background: none;
  color: var(--ink-soft);
  font: inherit;
  font-size: 14px;
  line-height: 20px;
  padding: 1px 9px;
  cursor: pointer;
}
.tags button[aria-pressed='true'] {
  background: var(--chalk-fill);
  color: #fff;
}
.tools {
  display: flex;
  flex-direction: column;
  padding-top: 5px;
}
.like {
  color: var(--chalk) !important;
  font-weight: 600;
}
.mirrored {
  transform: scaleY(-1);
}
.table {
  font-style: italic;
}
.undo {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
}
.more {
  width: 100%;
  margin-top: 8px;
}
</style>
