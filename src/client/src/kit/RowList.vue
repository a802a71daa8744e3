<script setup lang="ts">
/** Rows of an answer: what each is about, what it says, and whether that is a warning. */
defineProps<{ rows: { kind: string; label: string; words: string; isWarning: boolean }[] }>()
</script>

<template>
  <dl>
    <template v-for="row in rows" :key="row.kind">
      <dt>{{ row.label }}</dt>
      <dd :class="{ warns: row.isWarning }" :data-row="row.kind">{{ row.words }}</dd>
    </template>
  </dl>
</template>

<style scoped>
dl {
  margin: 0;
}
dt {
  color: var(--ink-soft);
  font-size: 14px;
}
dd {
  margin: 0 0 5px;
  font-size: 16px;
  line-height: 21px;
}
dd::first-letter {
  text-transform: uppercase;
}
.warns {
  color: var(--warn);
}
</style>
