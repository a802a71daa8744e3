<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref, shallowRef, watch } from 'vue'
import { useEventListener } from '@vueuse/core'
import { useRoute, useRouter } from 'vue-router'
import SetUpPage from '@/book/SetUpPage.vue'
import { provideShared } from '@/desk/context'
import { useWhatNow } from '@/desk/useWhatNow'
import DeskView from '@/desk/DeskView.vue'
import OpponentChooser from '@/desk/OpponentChooser.vue'
import type { DeskEntry } from '@/desk/contract'
import { isTyping } from '@/kit/keys'
import { usePreferences } from '@/kit/usePreferences'
import PlayerChooser from '@/players/PlayerChooser.vue'
import { useShelf } from '@/shelf/useShelf'
import { useServer } from '@/sheet/useServer'
import { useSheet } from '@/sheet/useSheet'
import { useState } from '@/sheet/useState'
import { t } from '@/words'
import NotLoaded from './NotLoaded.vue'
import { sections } from './sections'
import StateButton from './StateButton.vue'
import TableChooser from './TableChooser.vue'
import { useTable } from './useTable'

/** The sheet: a slim top line and the section in use. */
const model = useSheet()
const server = useServer()
const preferences = usePreferences()
const state = useState(model)
const shelf = useShelf(model.profile)
model.playWith(() => ({ coefficients: shelf.coefficients.value, player: shelf.playerDocument.value }))
const { profiles, outline, rule, refusal, load } = useTable(model.profile, shelf.coefficients)
const router = useRouter()
const whatNow = useWhatNow(model, shelf, (name) => void router.push({ name }))
provideShared({ model, server, preferences, shelf, state, profiles, whatNow })
const setsState = ref(false)
const printed = ref(false)
const isReady = computed(() => outline.value !== null && rule.value !== null)

const route = useRoute()
const section = computed(() => sections.find((one) => one.name === route.name) ?? sections[0]!)
const onDesk = computed(() => section.value.kind === 'desk')
/** The section on the table that was open last: it stays while a page is shown. */
const desk = shallowRef<DeskEntry>(sections.find((one): one is DeskEntry => one.kind === 'desk')!)
watch(section, (now) => now.kind === 'desk' && (desk.value = now), { immediate: true })
const pages = new Map(
  sections.flatMap((one) =>
    one.kind === 'page'
      ? [[one.name, defineAsyncComponent({ loader: one.load, errorComponent: NotLoaded })] as const]
      : [],
  ),
)

/** A section's key goes there, and from there back to the first one. */
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey) return
  const wanted = sections.find((one) => one.key === event.key.toLowerCase())
  if (wanted) void router.push({ name: wanted === section.value ? sections[0]!.name : wanted.name })
})

/** The first step of the focus leads past the table to the bench. */
const toBench = () => document.querySelector<HTMLElement>('[data-testid=bench]')?.focus()

onMounted(() => void shelf.load())

async function chooseTable(id: string) {
  const own = shelf.shelf.value?.tables.find((table) => table.id === id)
  await shelf.use('tables', id)
  model.setProfile(own?.document?.profile ?? (own ? 'club' : id))
}
</script>

<template>
  <button v-if="onDesk" type="button" class="skip" data-testid="to-bench" @click="toBench">
    {{ t('app.toBench') }}
  </button>
  <header class="top">
    <h1>Deep Baize</h1>
    <nav :aria-label="t('app.sections')">
      <router-link
        v-for="one in sections"
        :key="one.name"
        :to="{ name: one.name }"
        :data-testid="`${one.name}-section`"
        >{{ t(`sections.${one.name}`) }}</router-link
      >
    </nav>
    <StateButton v-if="onDesk" :state="state" :open="setsState" @toggle="setsState = !setsState" />
    <div class="who">
      <span v-if="shelf.doubt.value === 'unmeasured'" class="doubt" :title="t('app.notMeasuredWhy')">{{
        t('app.notMeasured')
      }}</span>
      <span v-if="shelf.unknown.value" class="doubt" data-testid="player-unknown">{{ t('app.unknown') }}</span>
      <template v-else>
        <PlayerChooser :shelf="shelf" />
        <OpponentChooser class="opponent" :shelf="shelf" />
      </template>
      <TableChooser
        v-if="profiles.length > 0"
        :profiles="profiles"
        :profile="model.profile.value"
        :shelf="shelf"
        @choose="chooseTable"
      />
    </div>
  </header>
  <p v-if="shelf.unknown.value" class="unknown" role="alert" data-testid="shelf-unknown">
    {{ t('app.unknownWhy') }}
  </p>
  <component :is="pages.get(section.name)" v-if="!onDesk" />
  <SetUpPage
    v-if="printed && outline && onDesk"
    :model="model"
    :outline="outline"
    :units="preferences.units.value"
    @close="printed = false"
  />
  <DeskView
    v-if="isReady"
    v-show="!printed && onDesk"
    :section="desk"
    :outline="outline!"
    :rule="rule!"
    :sets-state="setsState"
    @state-set="setsState = false"
    @set-up="printed = true"
  />
  <main v-else-if="refusal" class="away">
    <p role="alert">{{ refusal }}</p>
    <el-button type="primary" @click="load">{{ t('app.tryAgain') }}</el-button>
  </main>
</template>

<style scoped>
.skip {
  position: fixed;
  z-index: 30;
  top: 6px;
  left: 50%;
  padding: 8px 14px;
  font: inherit;
  transform: translate(-50%, -60px);
  color: var(--ink);
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
}
.skip:focus {
  transform: translate(-50%, 0);
}
.unknown {
  position: fixed;
  z-index: 20;
  bottom: 3px;
  left: 22px;
  max-width: 900px;
  margin: 0;
  padding: 2px 12px 3px;
  pointer-events: none;
  border: 1px solid var(--warn);
  border-radius: 8px;
  background: var(--warn-paper);
  color: var(--warn);
}
.top {
  display: flex;
  align-items: center;
  height: 44px;
  padding: 0 16px 0 22px;
  gap: 14px;
  border-bottom: 1px solid var(--line);
}
h1 {
  margin: 0;
  font-family: 'Source Serif 4 Variable', serif;
  font-size: 21px;
  font-weight: 680;
  letter-spacing: 0.01em;
  white-space: nowrap;
}
nav {
  display: flex;
  gap: 11px;
  white-space: nowrap;
}
nav a {
  display: inline-block;
  padding: 11px 2px 8px;
  border-bottom: 3px solid transparent;
  color: var(--ink-soft);
  text-decoration: none;
}
nav a[aria-current] {
  border-bottom-color: var(--cloth);
  color: inherit;
  font-weight: 650;
}
.who {
  margin-left: auto;
  display: flex;
  align-items: center;
  gap: 8px;
  white-space: nowrap;
}
.who span {
  color: var(--ink-soft);
}
.away {
  padding: 60px 22px;
  font-size: 20px;
}
@media (max-width: 1180px) {
  .who > .doubt {
    display: none;
  }
}
@media (max-width: 1000px) {
  .top {
    gap: 14px;
  }
  .who {
    gap: 8px;
  }
  nav {
    gap: 10px;
  }
}
/* On a tablet the names of player and table need the room more than ours. */
@media (max-width: 860px) and (min-width: 621px) {
  h1 {
    display: none;
  }
  .who > :deep(*) {
    min-width: 150px;
  }
}
@media (max-width: 620px) {
  .top {
    flex-wrap: wrap;
    height: auto;
    gap: 0 12px;
    padding: 4px 12px 0;
  }
  h1 {
    font-size: 17px;
  }
  .top > :deep(.state) {
    flex: 0 1 auto;
    max-width: calc(100% - 104px);
  }
  nav {
    order: 3;
    width: 100%;
    gap: 9px;
  }
  nav a {
    padding: 7px 2px 5px;
  }
  .who {
    order: 4;
    width: 100%;
    margin: 0 0 4px;
  }
  .who > :deep(*) {
    flex: 1;
    min-width: 0;
  }
}
@media print {
  .top {
    display: none;
  }
}
/* On a narrow screen the opponent is chosen where it matters. */
@media (max-width: 1000px) {
  .opponent {
    display: none;
  }
}
</style>
