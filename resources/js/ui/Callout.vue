<script setup lang="ts">
/**
 * Something that needs the eye: red pencil in the margin, never in the way. Not Element Plus's alert, which has an
 * icon and a close, and goes; this stays while it is true.
 */
defineProps<{ tone?: 'red' | 'calm' }>()
</script>

<template>
  <div class="callout" :class="tone ?? 'red'" role="status">
    <slot />
  </div>
</template>

<style scoped>
.callout {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 9px 11px;
  background: var(--sheet);
  color: var(--sheet-ink);
  border-left: 4px solid #b3321f;
  line-height: 1.32;
}

.calm {
  border-left-color: var(--guide);
}
</style>
