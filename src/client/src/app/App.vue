<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Club } from '@/api/client'
import SetUpPage from '@/sheet/SetUpPage.vue'
import { useServer } from '@/sheet/useServer'
import { useSheet } from '@/sheet/useSheet'
import { useState } from '@/sheet/useState'
import TableSection from '@/table/TableSection.vue'
import { t } from '@/words'
import StateButton from './StateButton.vue'
import TableChooser from './TableChooser.vue'
import { usePreferences } from './usePreferences'
import { useTable } from './useTable'

/** The sheet: a slim top line and the section in use. */
const model = useSheet()
const server = useServer()
const preferences = usePreferences()
const state = useState(model)
const { profiles, outline, rule, refusal, load } = useTable(model.profile)
const club = ref<Club | null>(null)
const setsState = ref(false)
const printed = ref(false)
const isReady = computed(() => outline.value !== null && rule.value !== null)

onMounted(async () => {
  club.value = (await ask(api.GET('/api/club'))).data ?? null
})
</script>

<template>
  <header class="top">
    <h1>Deep Baize</h1>
    <nav :aria-label="t('app.sections')">
      <a href="/" aria-current="page">{{ t('app.table') }}</a>
    </nav>
    <StateButton :state="state" :open="setsState" @toggle="setsState = !setsState" />
    <div class="who">
      <b>{{ club?.player }}</b>
      <b>{{ club?.table }}</b>
      <span v-if="club?.table && !club.measuredOn">{{ t('app.notMeasured') }}</span>
      <TableChooser
        v-if="profiles.length > 0"
        :profiles="profiles"
        :profile="model.profile.value"
        @choose="model.setProfile"
      />
    </div>
  </header>
  <SetUpPage
    v-if="printed && outline"
    :model="model"
    :outline="outline"
    :units="preferences.units.value"
    @close="printed = false"
  />
  <TableSection
    v-if="isReady"
    v-show="!printed"
    :model="model"
    :outline="outline!"
    :rule="rule!"
    :server="server"
    :preferences="preferences"
    :state="state"
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
.top {
  display: flex;
  align-items: center;
  height: 44px;
  padding: 0 16px 0 22px;
  gap: 26px;
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
nav a {
  display: inline-block;
  padding: 11px 2px 8px;
  border-bottom: 3px solid var(--cloth);
  color: inherit;
  font-weight: 650;
  text-decoration: none;
}
.who {
  margin-left: auto;
  display: flex;
  align-items: center;
  gap: 14px;
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
  .who > b,
  .who > span {
    display: none;
  }
}
@media (max-width: 620px) {
  .top {
    gap: 12px;
    padding: 0 12px;
  }
  nav,
  .who {
    display: none;
  }
}
@media print {
  .top {
    display: none;
  }
}
</style>
