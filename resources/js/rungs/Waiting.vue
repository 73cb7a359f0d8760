<script setup lang="ts">
import { useDrawing } from '@/stores/drawing'

/** What stands there until a drawing has come, or why it does not, and a way to ask once more. */
const store = useDrawing()
const again = () => location.reload()
</script>

<template>
  <main class="waiting">
    <h1><span role="status">{{ store.trouble ?? $t('table.layingOutTheDrawing') }}</span></h1>
    <p v-if="store.unopened" class="ways" data-test="unopened">
      <button v-if="store.unopened.undo" type="button" class="button strong" @click="store.undoUnopened()">{{ $t('table.undoStep', { step: store.unopened.undo }) }}</button>
      <a class="button" :href="`/api/drawings/${store.unopened.id}/drawing.zip`">{{ $t('table.exportDrawing') }}</a>
      <router-link class="button bare" to="/">{{ $t('shelf.toTheShelf') }}</router-link>
    </p>
    <button v-else-if="store.trouble" type="button" class="button" @click="again">{{ $t('table.tryAgain') }}</button>
  </main>
</template>

<style scoped>
.waiting {
  padding: 60px;
  text-align: center;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  justify-content: center;
  margin-block-start: 18px;
}

h1 {
  font-size: 1.125rem;
  font-weight: 400;
}
</style>
