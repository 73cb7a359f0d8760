<script setup lang="ts">
import { useDrawing } from '@/stores/drawing'

/** What stands there until a drawing has come, or why it does not. */
const store = useDrawing()
</script>

<template>
  <main class="waiting">
    <h1 role="status">{{ store.trouble ?? $t('table.layingOutTheDrawing') }}</h1>
  </main>
</template>

<style scoped>
.waiting {
  padding: 60px;
  text-align: center;
}

h1 {
  font-size: 18px;
  font-weight: 400;
}
</style>
