<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { CueDocument, Player, TableDocument } from '@/api/client'
import { useShared } from '@/desk/context'
import { t } from '@/words'
import CueForm from './CueForm.vue'
import PlayerForm from './PlayerForm.vue'
import ShelfList from './ShelfList.vue'
import TableForm from './TableForm.vue'
import { useShelfFile } from './useShelfFile'
import type { ShelfItem, ShelfKind } from '@/shelf/useShelf'

/** Players, tables and cues: on the left who and what there is, on the right what one of them is like. */
const { shelf, profiles } = useShared()

const kinds: ShelfKind[] = ['players', 'tables', 'cues']
const kind = ref<ShelfKind>('players')
const chosen = ref<string | null>(null)
const removed = ref<ShelfItem | null>(null)
const notice = ref('')
const chooser = ref<HTMLInputElement | null>(null)
const file = useShelfFile(shelf)
/** What is being edited; the shelf keeps what was saved. */
const edited = ref<ShelfItem | null>(null)

const inUse = computed(
  () => ({ players: shelf.player.value, tables: shelf.table.value, cues: shelf.cue.value })[kind.value]?.id,
)
const items = computed(() => (shelf.shelf.value?.[kind.value] ?? []) as ShelfItem[])

watch(
  [items, kind],
  () => {
    const still = items.value.find((item) => item.id === chosen.value)
    look(still ?? items.value.find((item) => item.id === inUse.value) ?? items.value[0])
  },
  { immediate: true },
)

function look(item: ShelfItem | undefined) {
  chosen.value = item?.id ?? null
  edited.value = item ? (JSON.parse(JSON.stringify(item)) as ShelfItem) : null
}

async function save() {
  notice.value = ''
  if (edited.value && (await shelf.save(kind.value, edited.value))) notice.value = t('shelf.saved')
}

async function copy() {
  const known = new Set(items.value.map((item) => item.id))
  if (!chosen.value || !(await shelf.copy(kind.value, chosen.value))) return
  look(items.value.find((item) => !known.has(item.id)))
}

async function remove() {
  const item = edited.value
  if (item && (await shelf.remove(kind.value, item))) removed.value = item
}

async function bringBack() {
  if (removed.value && (await shelf.bringBack(kind.value, removed.value.id))) removed.value = null
}

async function onFile() {
  const taken = chooser.value?.files?.[0]
  if (taken) notice.value = await file.read(taken)
  if (chooser.value) chooser.value.value = ''
}

const take = (document: Player | TableDocument | CueDocument) => {
  if (edited.value) edited.value = { ...edited.value, document } as ShelfItem
}
</script>

<template>
  <main class="players" data-testid="players-page">
    <aside>
      <el-radio-group v-model="kind" class="kinds" :aria-label="t('sections.players')" data-testid="shelf-kind">
        <el-radio-button v-for="one in kinds" :key="one" :value="one" :data-kind="one">{{
          t(`shelf.${one}`)
        }}</el-radio-button>
      </el-radio-group>
      <ShelfList :items="items" :chosen="chosen" :in-use="inUse ?? null" @choose="look" />
      <div class="files">
        <el-button data-testid="export-shelf" @click="file.save()">{{ t('shelf.export') }}</el-button>
        <el-button data-testid="import-shelf" @click="chooser?.click()">{{ t('shelf.import') }}</el-button>
        <input
          ref="chooser"
          type="file"
          class="chooser"
          accept=".json,application/json"
          tabindex="-1"
          :aria-label="t('shelf.import')"
          data-testid="shelf-file"
          @change="onFile"
        />
      </div>
    </aside>
    <section v-if="edited" class="one">
      <header>
        <el-input
          v-model="edited.name"
          class="name"
          :disabled="edited.isHouse"
          maxlength="60"
          :aria-label="t('shelf.name')"
          data-testid="shelf-name"
        />
        <el-button
          v-if="inUse !== edited.id"
          type="primary"
          data-testid="use-item"
          @click="shelf.use(kind, edited.id)"
          >{{ t('shelf.use') }}</el-button
        >
        <el-button data-testid="copy-item" @click="copy">{{ t('shelf.copy') }}</el-button>
        <el-button v-if="!edited.isHouse" data-testid="save-item" @click="save">{{ t('shelf.save') }}</el-button>
        <el-button v-if="!edited.isHouse" text data-testid="remove-item" @click="remove">{{
          t('shelf.remove')
        }}</el-button>
      </header>
      <p v-if="shelf.refusal.value || file.refusal.value" class="refusal" role="alert" data-testid="shelf-refusal">
        {{ shelf.refusal.value || file.refusal.value }}
      </p>
      <p v-if="notice" class="notice" role="status">{{ notice }}</p>
      <p v-if="removed" class="notice" role="status">
        {{ t('shelf.removed', { name: removed.name }) }}
        <el-button size="small" data-testid="bring-back" @click="bringBack">{{ t('shelf.bringBack') }}</el-button>
      </p>
      <p v-if="edited.isHouse" class="notice">{{ t('shelf.readOnly') }}</p>
      <el-input
        v-if="!edited.isHouse"
        v-model="edited.note"
        class="note"
        maxlength="200"
        :placeholder="t('shelf.note')"
        :aria-label="t('shelf.note')"
      />
      <PlayerForm
        v-if="kind === 'players'"
        :key="edited.id"
        :player="edited.document as Player"
        :read-only="edited.isHouse"
        :bed="shelf.bed.value"
        @change="take"
      />
      <TableForm
        v-else-if="kind === 'tables'"
        :key="edited.id"
        :table="edited.document as TableDocument"
        :profiles="profiles"
        :read-only="edited.isHouse"
        @change="take"
      />
      <CueForm
        v-else
        :key="edited.id"
        :cue="edited.document as CueDocument"
        :read-only="edited.isHouse"
        @change="take"
      />
    </section>
    <p v-else class="notice">{{ shelf.refusal.value || t('shelf.choose') }}</p>
  </main>
</template>

<style scoped>
.players {
  display: grid;
  grid-template-columns: 300px minmax(0, 1fr);
  height: calc(100% - 44px);
}
aside {
  display: flex;
  flex-direction: column;
  min-height: 0;
  padding: 14px 16px 12px 22px;
  background: var(--panel);
  border-right: 1px solid var(--line);
}
.files {
  display: flex;
  gap: 6px;
  padding-top: 10px;
}
.chooser {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
.one {
  padding: 14px 26px 16px;
  overflow: auto;
  min-width: 0;
}
header {
  display: flex;
  gap: 6px;
  margin-bottom: 8px;
}
.name {
  flex: 1;
  max-width: 420px;
}
.name :deep(input) {
  font-size: 20px;
  font-weight: 650;
}
.note {
  margin-bottom: 8px;
  max-width: 560px;
}
.notice {
  margin: 0 0 8px;
  color: var(--ink-soft);
}
.refusal {
  margin: 0 0 8px;
  padding: 6px 10px;
  border-left: 4px solid var(--warn);
  background: var(--warn-paper);
}
@media (max-width: 900px) {
  .players {
    grid-template-columns: minmax(0, 1fr);
    height: auto;
  }
  header {
    flex-wrap: wrap;
  }
  .name {
    flex-basis: 100%;
    max-width: none;
  }
}
</style>
