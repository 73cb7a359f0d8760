<script setup lang="ts">
import { useRoute, useRouter } from 'vue-router'
import { newer } from './offline/newer'
import Bringing from './shelf/Bringing.vue'
import { useBringing, useDropAndPaste } from './shelf/useBringing'
import { useScheme } from './ui/useScheme'

useScheme()
const reload = () => window.location.reload()
const route = useRoute()
const { progress } = useBringing()
const { isOverDropZone } = useDropAndPaste(useRouter())
</script>

<template>
  <p v-if="newer" class="foot" role="status" data-test="newer">
    {{ $t('table.newerVersion') }} <button type="button" class="button" @click="reload">{{ $t('table.reloadPage') }}</button>
  </p>
  <div v-else-if="progress !== null && route.name !== 'shelf'" class="foot"><Bringing /></div>
  <router-view />
  <div v-if="isOverDropZone" class="over" aria-hidden="true" />
</template>

<style scoped>
.foot {
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

.over {
  position: fixed;
  inset: 0;
  z-index: 30;
  border: 4px solid var(--guide-ink);
  pointer-events: none;
}
</style>
