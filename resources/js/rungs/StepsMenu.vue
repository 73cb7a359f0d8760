<script setup lang="ts">
import { onClickOutside, useEventListener } from '@vueuse/core'
import { ref, useTemplateRef } from 'vue'
import type { Workings } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import RungLadder from './RungLadder.vue'
import type { RungKey } from './rungs'

/** The nine steps behind one button, where the page itself needs all the room. */
defineProps<{ id: string; current: RungKey; workings: Workings; progress: { done: number; of: number } }>()
const store = useDrawing()
const open = ref(false)
const box = useTemplateRef<HTMLElement>('box')
onClickOutside(box, () => (open.value = false))
useEventListener('keydown', (event: KeyboardEvent) => event.key === 'Escape' && (open.value = false))
</script>

<template>
  <div ref="box" class="steps">
    <button type="button" class="button bare" data-test="steps" :aria-expanded="open" @click="open = !open">{{ $t('table.rungs') }}</button>
    <div v-if="open" class="list" @click="open = false">
      <RungLadder :id :current :workings :progress upright />
      <button type="button" class="button" :disabled="!store.drawing?.redo" @click="store.step('redo')">{{ $t('table.redo') }}</button>
    </div>
  </div>
</template>

<style scoped>
.steps {
  position: relative;
}

.steps > .button {
  min-height: 44px;
}

.list {
  position: absolute;
  top: 100%;
  right: 0;
  z-index: 20;
  width: min(240px, calc(100vw - 16px));
  max-height: calc(100vh - 60px);
  display: grid;
  gap: 10px;
  padding: 10px;
  overflow-y: auto;
  background: var(--panel);
  border: 1px solid var(--tick);
  box-shadow: 0 8px 22px var(--shade);
}
</style>
