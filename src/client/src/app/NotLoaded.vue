<script setup lang="ts">
import { t } from '@/words'

/** A page that could not be loaded. */
</script>

<template>
  <main class="away">
    <p role="alert">{{ t('app.notLoaded') }}</p>
  </main>
</template>

<style scoped>
.away {
  padding: 60px 22px;
  font-size: 20px;
}
</style>
