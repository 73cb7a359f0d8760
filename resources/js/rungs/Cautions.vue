<script setup lang="ts">
import type { Caution } from '@/api/types'
import { useDrawing } from '@/stores/drawing'

/** What can hurt at this moment; each is put away by itself, and stops nobody. */
defineProps<{ cautions: Caution[] }>()
const store = useDrawing()
</script>

<template>
  <p v-for="one in cautions" :key="one.name" class="caution" data-test="caution"><span>{{ one.says }}</span> <button type="button" class="button bare" @click="store.decide((c) => c.copy.waved.push(one.name))">{{ $t('copy.iKnow') }}</button></p>
</template>

<style scoped>
.caution {
  display: flex;
  align-items: flex-start;
  gap: 6px;
  padding: 4px 0 4px 8px;
  border-left: 3px solid var(--red);
  font-size: 0.9375rem;
  line-height: 1.3;
}

.caution span {
  flex: 1;
}

.caution .button {
  flex: none;
  padding: 2px 6px;
}
</style>
