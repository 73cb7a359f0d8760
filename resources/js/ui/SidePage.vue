<script setup lang="ts">
import type { RouteLocationRaw } from 'vue-router'

/** A page beside the drawings: the way back, what it is called, and its parts in two columns where there is room. */
defineProps<{ title: string; back: RouteLocationRaw; backTo: string }>()
</script>

<template>
  <div class="side">
    <header>
      <router-link class="button bare" :to="back">{{ backTo }}</router-link>
      <h1>{{ title }}</h1>
      <slot name="head" />
    </header>
    <main><slot /></main>
  </div>
</template>

<style scoped>
.side {
  display: grid;
  gap: 12px;
  padding: 0 0 32px;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  padding: 8px 16px;
  border-bottom: 1px solid var(--rule);
}

h1 {
  margin-right: auto;
  font-size: 1.25rem;
}

header > :slotted(*) {
  min-width: 160px;
}

/* Each part follows the one above it, however long its neighbour is. */
main {
  columns: 420px 2;
  column-gap: 40px;
  padding: 8px 24px;
}

main > :deep(section) {
  break-inside: avoid;
  margin-bottom: 28px;
}
</style>
