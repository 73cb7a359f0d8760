<script setup lang="ts">
import { ref } from 'vue'
import type { Choices } from '@/api/types'
import { labels, t } from '@/lang'
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
const style = ref(props.choices.grid.labels)
const corner = ref(props.choices.grid.corner)

async function take() {
  const box = await tool.ask('box', t('grid.dragFromTheFirstCorner'))
  if (box) await store.adjust('carried', { ...boxOf(box), columns: columns.value, rows: rows.value, labels: style.value, corner: corner.value })
}
</script>

<template>
  <div class="counts">
    <CountInput :label="$t('grid.itsColumns')" field="columns" :model-value="columns" @update:model-value="columns = $event" />
    <CountInput :label="$t('grid.itsRows')" field="rows" :model-value="rows" @update:model-value="rows = $event" />
  </div>
  <Pick v-model="style" :label="$t('grid.itsLabels')" :options="{ letters: 'C4', numbers: $t('grid.inAndDown'), running: '18' }" />
  <Pick v-model="corner" :label="$t('grid.countedFromThe')" :options="labels('top left', 'top right')" />
  <button type="button" class="button" @click="take">{{ $t('grid.showItsTwoFarCorners') }}</button>
  <p v-if="store.errors.carried" class="fault" role="alert">{{ store.errors.carried }}</p>
</template>

<style scoped>
.counts {
  display: grid;
  gap: 10px;
}
</style>
