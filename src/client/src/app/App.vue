<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask, type Club } from '@/api/client'
import { useSheet } from '@/sheet/useSheet'
import TableSection from '@/table/TableSection.vue'
import TableChooser from './TableChooser.vue'
import { useTable } from './useTable'

/** The sheet: a slim top line and the section in use. */
const model = useSheet()
const { profiles, outline, rule, refusal, load } = useTable(model.profile)
const club = ref<Club | null>(null)

onMounted(async () => {
  club.value = (await ask(api.GET('/api/club'))).data ?? null
})
</script>

<template>
  <header class="top">
    <h1>Deep Baize</h1>
    <nav aria-label="Sections"><a href="/" aria-current="page">Table</a></nav>
    <div class="who">
      <b>{{ club?.player }}</b>
      <b>{{ club?.table }}</b>
      <span v-if="club?.table && !club.measuredOn">not measured: pace is a guess; taken as</span>
      <TableChooser
        v-if="profiles.length > 0"
        :profiles="profiles"
        :profile="model.profile.value"
        @choose="model.setProfile"
      />
    </div>
  </header>
  <TableSection v-if="outline && rule" :model="model" :outline="outline" :rule="rule" />
  <main v-else-if="refusal" class="away">
    <p role="alert">{{ refusal }}</p>
    <el-button type="primary" @click="load">Try again</el-button>
  </main>
</template>

<style scoped>
.top {
  display: flex;
  align-items: center;
  height: 44px;
  padding: 0 16px 0 22px;
  gap: 30px;
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
  gap: 16px;
  white-space: nowrap;
}
.who span {
  color: var(--ink-soft);
}
.away {
  padding: 60px 22px;
  font-size: 20px;
}
@media (max-width: 1000px) {
  .who > b,
  .who > span {
    display: none;
  }
}
</style>
