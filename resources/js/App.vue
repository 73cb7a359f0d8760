<script setup lang="ts">
import { newer } from './offline/newer'
import { useScheme } from './ui/useScheme'

useScheme()
const reload = () => window.location.reload()
</script>

<template>
  <p v-if="newer" class="newer" role="status" data-test="newer">
    {{ $t('table.newerVersion') }} <button type="button" class="button" @click="reload">{{ $t('table.reloadPage') }}</button>
  </p>
  <router-view />
</template>

<style scoped>
.newer {
  position: fixed;
  inset: auto 0 0;
  z-index: 30;
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: center;
  margin: 0;
  padding: 6px 14px;
  background: var(--sheet);
  color: var(--sheet-ink);
  border-top: 3px solid var(--guide);
}
</style>
