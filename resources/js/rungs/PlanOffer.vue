<script setup lang="ts">
import type { Workings } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import Callout from '@/ui/Callout.vue'
import Num from '@/ui/Num.vue'

/** Whole squares that would suit, where the own fit was chosen for something else. Nothing changes before one is pressed. */
defineProps<{ workings: Workings }>()
const store = useDrawing()
</script>

<template>
  <Callout v-if="workings.offer" tone="calm" data-test="offer">
    <p><Num :text="workings.offer.sentence" /></p>
    <div class="choice">
      <button type="button" class="button" @click="store.adjust('plan', { ...workings.offer.plan })">{{ $t('grid.useThem') }}</button>
      <button type="button" class="button" @click="store.adjust('keep', {})">{{ $t('grid.keepMine') }}</button>
    </div>
  </Callout>
</template>

<style scoped>
.choice {
  display: flex;
  gap: 8px;
}
</style>
