<script setup lang="ts">
import type { Choices, Overlay } from '@/api/types'
import { choice } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import Check from '@/ui/Check.vue'

/** Lines laid over both boards to judge by: on Fit for the crop, on Grid beside the mesh. */
defineProps<{ choices: Choices }>()
const store = useDrawing()
const names: Overlay[] = ['thirds', 'centre cross', 'diagonals', 'long diagonal', 'axes with ticks']

function turn(name: Overlay) {
  store.decide((choices) => {
    const { overlays: on } = choices.grid
    choices.grid.overlays = on.includes(name) ? on.filter((one) => one !== name) : [...on, name]
  })
}
</script>

<template>
  <fieldset>
    <legend class="legend">{{ $t('table.laidOverBothBoards') }}</legend>
    <Check v-for="name in names" :key="name" :model-value="choices.grid.overlays.includes(name)" @update:model-value="turn(name)">{{ choice(name) }}</Check>
  </fieldset>
</template>

<style scoped>
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  margin: 0;
  padding: 0;
  border: 0;
}
</style>
