<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Choices, Drawing, Workings } from '@/api/types'
import { useCatalogue } from '@/stores/catalogue'
import { useDrawing } from '@/stores/drawing'
import LengthInput from '@/ui/LengthInput.vue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import Sums from '@/ui/Sums.vue'

const props = defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const store = useDrawing()
const shelf = useCatalogue()
const id = useId()

const OWN = 'own size'
const sides = ['top', 'left', 'right', 'bottom'] as const

const families = computed(() => Object.entries(Object.groupBy(shelf.catalogue.sheets, (sheet) => sheet.source)).map(([source, sheets]) => ({ source, sheets: sheets ?? [] })))
const rulers = computed(() => shelf.catalogue.rulers.filter((ruler) => ruler.endsWith('in') === (props.choices.unit === 'in')))

function choose(key: string) {
  const sheet = shelf.catalogue.sheets.find((one) => one.key === key)
  store.decide((choices) => {
    choices.paper.sheet = sheet?.key ?? null
    if (sheet) Object.assign(choices.paper, { width: sheet.width, height: sheet.height })
  })
}

function unit(to: Choices['unit']) {
  store.decide((choices) => {
    const common = shelf.catalogue.rulers.find((ruler) => (to === 'in' ? ruler === '1/16 in' : ruler === '1 mm'))
    if ((to === 'in') !== (choices.unit === 'in')) choices.ruler = common ?? choices.ruler
    choices.unit = to
  })
}
</script>

<template>
  <h2>What you draw on</h2>
  <div class="field">
    <label :for="id">Sheet</label>
    <el-select :id="id" :model-value="choices.paper.sheet ?? OWN" filterable aria-label="Sheet" @update:model-value="choose">
      <el-option :value="OWN" label="A size of my own" />
      <el-option-group v-for="family in families" :key="family.source" :label="family.source">
        <el-option v-for="sheet in family.sheets" :key="sheet.key" :value="sheet.key" :label="sheet.name">
          {{ sheet.name }} <small class="size"><Num :text="`${sheet.width} × ${sheet.height}`" /></small>
        </el-option>
      </el-option-group>
    </el-select>
  </div>
  <div class="two">
    <LengthInput label="Width, measured" field="paper.width" :model-value="choices.paper.width" @update:model-value="store.decide((c) => (c.paper.width = $event))" />
    <LengthInput label="Height, measured" field="paper.height" :model-value="choices.paper.height" @update:model-value="store.decide((c) => (c.paper.height = $event))" />
  </div>
  <Pick label="Which way round" :model-value="choices.paper.turn" :options="{ advised: 'as advised', upright: 'upright', sideways: 'sideways' }" @update:model-value="store.decide((c) => (c.paper.turn = $event))" />
  <p data-test="advice">{{ workings.advice.sentence }}</p>
  <fieldset class="margins">
    <legend class="legend">Kept free for tape or frame</legend>
    <LengthInput v-for="side in sides" :key="side" :class="side" :label="side" :field="`paper.margins.${side}`" :model-value="choices.paper.margins[side]" hint="0" @update:model-value="store.decide((c) => (c.paper.margins[side] = $event))" />
    <p v-if="store.errors['paper.margins']" class="fault" role="alert">{{ store.errors['paper.margins'] }}</p>
  </fieldset>
  <div class="two">
    <Pick label="Unit" :model-value="choices.unit" :options="{ in: 'in', cm: 'cm', mm: 'mm' }" @update:model-value="unit" />
    <div class="field">
      <label :for="`${id}-ruler`">Ruler’s finest mark</label>
      <el-select :id="`${id}-ruler`" :model-value="choices.ruler" aria-label="Ruler’s finest mark" @update:model-value="store.decide((c) => (c.ruler = $event))">
        <el-option v-for="ruler in rulers" :key="ruler" :value="ruler" :label="ruler" />
      </el-select>
    </div>
  </div>
  <Sums :lines="workings.rungs.paper.sums" />
</template>

<style scoped>
.size {
  color: #625c53;
}

.margins {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 10px;
  margin: 0;
  padding: 0;
  border: 0;
}

.margins .fault {
  grid-column: 1 / -1;
}
</style>
