<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask, type Club, type Outline, type RunRule } from '@/api/client'
import TableSection from '@/table/TableSection.vue'

/** The sheet: a slim top line and the section in use. */
const outline = ref<Outline | null>(null)
const rule = ref<RunRule | null>(null)
const club = ref<Club | null>(null)
const refusal = ref('')

async function load() {
  const [table, paces, people] = await Promise.all([
    ask(api.GET('/api/table')),
    ask(api.POST('/api/run-rule', { body: {} })),
    ask(api.GET('/api/club')),
  ])
  outline.value = table.data ?? null
  rule.value = paces.data ?? null
  club.value = people.data ?? null
  refusal.value = table.refusal ?? paces.refusal ?? ''
}

onMounted(load)
</script>

<template>
  <header class="top">
    <h1>Deep Baize</h1>
    <nav aria-label="Sections"><a href="/" aria-current="page">Table</a></nav>
    <p class="who">
      <b>{{ club?.player }}</b>
      <b>{{ club?.table }}</b>
      <span v-if="club?.table && !club.measuredOn">not measured: pace is a guess</span>
    </p>
  </header>
  <TableSection v-if="outline && rule" :outline="outline" :rule="rule" />
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
  padding: 0 22px;
  gap: 30px;
  border-bottom: 1px solid var(--line);
}
h1 {
  margin: 0;
  font-family: 'Source Serif 4 Variable', serif;
  font-size: 21px;
  font-weight: 680;
  letter-spacing: 0.01em;
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
  margin: 0 0 0 auto;
  display: flex;
  gap: 16px;
}
.who span {
  color: var(--ink-soft);
}
.away {
  padding: 60px 22px;
  font-size: 20px;
}
</style>
