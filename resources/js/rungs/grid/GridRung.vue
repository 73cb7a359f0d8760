<script setup lang="ts">
import type { Choices, Drawing, Workings } from '@/api/types'
import { useCatalogue } from '@/stores/catalogue'
import { useDrawing } from '@/stores/drawing'
import Callout from '@/ui/Callout.vue'
import CountInput from '@/ui/CountInput.vue'
import LengthInput from '@/ui/LengthInput.vue'
import Pick from '@/ui/Pick.vue'
import Sums from '@/ui/Sums.vue'

defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const store = useDrawing()
const shelf = useCatalogue()
</script>

<template>
  <h2>The same grid on both</h2>
  <template v-if="choices.fit.way === 'cells'">
    <p>The grid comes with the fit: whole cells, nothing left over.</p>
    <LengthInput label="Cell on the paper" field="cell" :model-value="choices.fit.cell" @update:model-value="store.decide((c) => (c.fit.cell = $event))" />
  </template>
  <template v-else>
    <Pick label="Cells by" :model-value="choices.grid.school" :options="{ count: 'count', measure: 'measure', proportional: 'equal parts' }" @update:model-value="store.decide((c) => (c.grid.school = $event))" />
    <template v-if="choices.grid.school === 'measure'">
      <LengthInput label="Side of a square" field="cell" :model-value="choices.grid.cell" @update:model-value="store.decide((c) => (c.grid.cell = $event))" />
      <Pick v-if="choices.photo.kind === 'print'" label="Measured on" :model-value="choices.grid.on" :options="{ paper: 'the paper', print: 'the print' }" @update:model-value="store.decide((c) => (c.grid.on = $event))" />
    </template>
    <div v-else class="counts">
      <CountInput label="Columns" field="grid.columns" :model-value="choices.grid.columns" @update:model-value="store.decide((c) => (c.grid.columns = $event))" />
      <CountInput v-if="choices.grid.school === 'proportional'" label="Rows" field="grid.rows" :model-value="choices.grid.rows" @update:model-value="store.decide((c) => (c.grid.rows = $event))" />
    </div>
  </template>
  <p v-if="store.errors['grid.rows'] && choices.grid.school !== 'proportional'" class="fault" role="alert">{{ store.errors['grid.rows'] }}</p>
  <Pick label="Labels" :model-value="choices.grid.labels" :options="{ letters: 'C4', numbers: '3 in, 4 down' }" @update:model-value="store.decide((c) => (c.grid.labels = $event))" />
  <fieldset class="pencils">
    <legend class="legend">Line on the photo</legend>
    <label v-for="colour in shelf.catalogue.colours" :key="colour.key" :title="colour.name">
      <input type="radio" name="line-colour" :value="colour.key" :checked="drawing.line.key === colour.key" @change="store.decide((c) => (c.grid.colour = colour.key))" />
      <span class="swatch" :style="{ background: colour.css, outlineColor: colour.casing }" />
      <span class="unseen">{{ colour.name }}</span>
    </label>
    <button v-if="choices.grid.colour !== null" type="button" class="button" @click="store.decide((c) => (c.grid.colour = null))">as advised</button>
  </fieldset>
  <p class="soft" data-test="line-reason">{{ drawing.line_reason }}</p>
  <Callout v-if="drawing.kept > 0" tone="calm">{{ drawing.kept === 1 ? 'One cell' : `${drawing.kept} cells` }} marked on another grid: kept, and back with it.</Callout>
  <Sums :lines="workings.rungs.grid.sums" />
</template>

<style scoped>
.counts {
  display: grid;
  gap: 10px;
}

.pencils {
  display: flex;
  align-items: center;
  gap: 4px;
  margin: 0;
  padding: 0;
  border: 0;
}

.pencils label {
  display: grid;
  place-items: center;
  width: 38px;
  height: 36px;
  border: 2px solid transparent;
  cursor: pointer;
}

.pencils label:has(:checked) {
  border-color: var(--graphite);
}

.pencils label:has(:focus-visible) {
  outline: 2px solid var(--guide-ink);
}

.pencils input {
  position: absolute;
  opacity: 0;
}

.swatch {
  width: 26px;
  height: 6px;
  outline: 1px solid;
}

.pencils .button {
  margin-left: auto;
}
</style>
