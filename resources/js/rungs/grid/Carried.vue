<script setup lang="ts">
import { ref } from 'vue'
import type { Choices } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import { boxOf, useTool } from '@/stores/tool'
import CountInput from '@/ui/CountInput.vue'
import Pick from '@/ui/Pick.vue'

/** A grid that the photo carries already: counted and labelled first, then shown by its two far corners. */
const props = defineProps<{ choices: Choices }>()
const store = useDrawing()
const tool = useTool()
const columns = ref(props.choices.grid.columns)
const rows = ref(props.choices.grid.rows)
const labels = ref(props.choices.grid.labels)
const corner = ref(props.choices.grid.corner)

async function take() {
  const box = await tool.ask('box', 'Drag from the first corner of that grid to the far one.')
  if (box) await store.adjust('carried', { ...boxOf(box), columns: columns.value, rows: rows.value, labels: labels.value, corner: corner.value })
}
</script>

<template>
  <div class="counts">
    <CountInput label="Its columns" field="columns" :model-value="columns" @update:model-value="columns = $event" />
    <CountInput label="Its rows" field="rows" :model-value="rows" @update:model-value="rows = $event" />
  </div>
  <Pick v-model="labels" label="Its labels" :options="{ letters: 'C4', numbers: '3 in, 4 down', running: '18' }" />
  <Pick v-model="corner" label="Counted from the" :options="{ 'top left': 'top left', 'top right': 'top right' }" />
  <button type="button" class="button" @click="take">show its two far corners</button>
  <p v-if="store.errors.carried" class="fault" role="alert">{{ store.errors.carried }}</p>
</template>

<style scoped>
.counts {
  display: grid;
  gap: 10px;
}
</style>
