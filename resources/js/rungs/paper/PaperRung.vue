<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import { api } from '@/api/client'
import type { Choices, Drawing, Preset, OtherSheet, Workings } from '@/api/types'
import { useCatalogue } from '@/stores/catalogue'
import { useDrawing } from '@/stores/drawing'
import Choose from '@/ui/Choose.vue'
import Fold from '@/ui/Fold.vue'
import TypedInput from '@/ui/TypedInput.vue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import Sums from '@/ui/Sums.vue'
import Warnings from '@/ui/Warnings.vue'
import KeepUnder from '../KeepUnder.vue'
import { useAsked } from '../useAsked'

const props = defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const store = useDrawing()
const shelf = useCatalogue()
const id = useId()

const OWN = 'own size'
const sides = ['top', 'left', 'right', 'bottom'] as const
const placements = { centred: 'centred', optical: 'centred, lifted for a frame', 'top left': 'top left', 'top right': 'top right', 'bottom left': 'bottom left', 'bottom right': 'bottom right', offsets: 'at my own offsets' } as const
const shapes = { rectangle: 'rectangle', strip: 'strip', oval: 'oval', circle: 'round' } as const
const does = {
  rectangle: 'The drawing takes all of the paper inside its margins.',
  strip: 'The drawing takes a strip, three times as long as it is wide; the rest of the sheet stays free.',
  oval: 'The grid is made on its box; the drawing is clipped to the oval.',
  circle: 'The grid is made on its box; the drawing is clipped to the circle, as large as a square fits.',
}
const colours = { white: 'white', cream: 'cream', grey: 'grey', tan: 'tan', 'blue grey': 'blue grey', black: 'black' } as const
const search = ref('')

const families = computed(() => {
  const wanted = search.value.trim().toLowerCase().replaceAll('x', '×')
  const found = shelf.catalogue.sheets.filter((sheet) => `${sheet.name} ${sheet.width} × ${sheet.height} ${sheet.source}`.toLowerCase().includes(wanted))
  return Object.entries(Object.groupBy(found, (sheet) => sheet.source)).map(([source, sheets]) => ({ source, sheets: sheets ?? [] }))
})
const rulers = computed(() => Object.fromEntries(shelf.catalogue.rulers.filter((ruler) => ruler.endsWith('in') === (props.choices.unit === 'in')).map((ruler) => [ruler, ruler])))
const chosen = computed(() => props.choices.paper.sheet ?? (props.choices.paper.name ? `own:${props.choices.paper.name}` : OWN))
const others = useAsked(api.sheets)

function choose(key: string) {
  const sheet = shelf.catalogue.sheets.find((one) => one.key === key)
  const owned = shelf.of('paper').find((one) => `own:${one.name}` === key)
  store.decide((choices) => {
    choices.paper.sheet = sheet?.key ?? null
    choices.paper.name = owned?.name ?? null
    if (sheet) Object.assign(choices.paper, { width: sheet.width, height: sheet.height })
    if (owned) Object.assign(choices.paper, owned.content.paper)
  })
}

function take(other: OtherSheet) {
  store.decide((choices) => Object.assign(choices.paper, { sheet: other.key, name: other.owned ? other.name : null, width: other.width, height: other.height, turn: 'advised' }))
}

function takeRuler(ruler: Preset) {
  store.decide((choices) => Object.assign(choices, ruler.content))
}

function unit(to: Choices['unit']) {
  store.decide((choices) => {
    const common = shelf.catalogue.rulers.find((ruler) => (to === 'in' ? ruler === '1/16 in' : ruler === '1 mm'))
    if ((to === 'in') !== (choices.unit === 'in')) {
      choices.ruler = common ?? choices.ruler
      choices.photo.ruler = null
    }
    choices.unit = to
  })
}
</script>

<template>
  <h2>What you draw on</h2>
  <div class="field">
    <label :for="id">Sheet</label>
    <el-select :id="id" :model-value="chosen" filterable :filter-method="(text: string) => (search = text)" aria-label="Sheet" @update:model-value="choose" @visible-change="search = ''">
      <el-option :value="OWN" label="A size of my own" />
      <el-option-group v-if="shelf.of('paper').length" label="my own stock">
        <el-option v-for="paper in shelf.of('paper')" :key="paper.id" :value="`own:${paper.name}`" :label="paper.name" />
      </el-option-group>
      <el-option-group v-for="family in families" :key="family.source" :label="family.source">
        <el-option v-for="sheet in family.sheets" :key="sheet.key" :value="sheet.key" :label="sheet.name">
          {{ sheet.name }} <small class="size"><Num :text="`${sheet.width} × ${sheet.height}`" /></small>
        </el-option>
      </el-option-group>
    </el-select>
  </div>
  <div class="two">
    <TypedInput label="Width, measured" field="paper.width" :model-value="choices.paper.width" @update:model-value="store.decide((c) => (c.paper.width = $event))" />
    <TypedInput label="Height, measured" field="paper.height" :model-value="choices.paper.height" @update:model-value="store.decide((c) => (c.paper.height = $event))" />
  </div>
  <Pick label="Which way round" :model-value="choices.paper.turn" :options="{ advised: 'as advised', upright: 'upright', sideways: 'sideways' }" @update:model-value="store.decide((c) => (c.paper.turn = $event))" />
  <p data-test="advice">{{ workings.advice.sentence }}</p>
  <Warnings :lines="workings.rungs.paper.warnings" />
  <fieldset class="margins">
    <legend class="legend">Kept free for {{ choices.paper.margins_for === 'mat' ? 'a mat' : choices.paper.margins_for === 'trim' ? 'trimming' : 'tape or frame' }}</legend>
    <TypedInput v-for="side in sides" :key="side" :class="side" :label="side" :field="`paper.margins.${side}`" :model-value="choices.paper.margins[side]" hint="0" @update:model-value="store.decide((c) => (c.paper.margins[side] = $event))" />
    <p v-if="store.errors['paper.margins']" class="fault" role="alert">{{ store.errors['paper.margins'] }}</p>
  </fieldset>
  <Choose label="The drawing lies" :model-value="choices.paper.placement" :options="placements" @update:model-value="store.decide((c) => (c.paper.placement = $event))" />
  <div v-if="choices.paper.placement === 'offsets'" class="two">
    <TypedInput label="From the left edge" field="paper.offset.left" :model-value="choices.paper.offset.left" hint="1 in" @update:model-value="store.decide((c) => (c.paper.offset.left = $event))" />
    <TypedInput label="From the top edge" field="paper.offset.top" :model-value="choices.paper.offset.top" hint="1 in" @update:model-value="store.decide((c) => (c.paper.offset.top = $event))" />
  </div>
  <Sums :lines="workings.rungs.paper.sums" />
  <div>
    <Fold name="Ruler and unit" :decided="`${choices.ruler}${choices.reach ? `, ${choices.reach} long` : ''}`">
      <Pick label="Unit" :model-value="choices.unit" :options="{ in: 'in', cm: 'cm', mm: 'mm' }" @update:model-value="unit" />
      <div class="two">
        <Choose label="Ruler’s finest mark" :model-value="choices.ruler" :options="rulers" @update:model-value="store.decide((c) => (c.ruler = $event))" />
        <TypedInput label="Its length" field="reach" :model-value="choices.reach" hint="any" @update:model-value="store.decide((c) => (c.reach = $event || null))" />
      </div>
      <div v-if="shelf.of('ruler').length" class="owned">
        <button v-for="ruler in shelf.of('ruler')" :key="ruler.id" type="button" class="button" @click="takeRuler(ruler)">{{ ruler.name }}</button>
      </div>
      <KeepUnder kind="ruler" label="Keep this ruler as" hint="steel, 12 in" />
    </Fold>
    <Fold name="Kept for, shape, colour" :decided="`${choices.paper.margins_for}, ${shapes[choices.paper.shape]}, ${choices.paper.colour}`">
      <Pick label="The margins are for" :model-value="choices.paper.margins_for" :options="{ tape: 'tape', mat: 'a mat', trim: 'trimming' }" @update:model-value="store.decide((c) => (c.paper.margins_for = $event))" />
      <p class="soft">{{ { tape: 'Lift tape slowly and flat: strong tape takes the surface with it.', mat: 'A mat covers about 1/8 in more than its opening shows (common practice).', trim: 'Cut on a mat, along a metal edge, with the blade drawn away from the hand.' }[choices.paper.margins_for] }}</p>
      <Pick label="The drawing is" :model-value="choices.paper.shape" :options="shapes" @update:model-value="store.decide((c) => (c.paper.shape = $event))" />
      <p class="soft">{{ does[choices.paper.shape] }}</p>
      <Choose label="The paper is" :model-value="choices.paper.colour" :options="colours" @update:model-value="store.decide((c) => (c.paper.colour = $event))" />
      <div v-if="drawing.tones.length" class="tones" :style="{ background: workings.paper_colour ?? undefined }" data-test="tones">
        <span v-for="tone in drawing.tones" :key="tone" :style="{ background: tone }" />
      </div>
      <p v-if="drawing.tones.length" class="soft">The photo’s main tones on this paper, lightest first.</p>
    </Fold>
    <Fold name="Other sheets for this picture" @opened="others.ask">
      <p v-if="others.fault.value" class="fault">{{ others.fault.value }}</p>
      <ul v-if="others.answer.value" class="others" data-test="others">
        <li v-for="other in others.answer.value" :key="`${other.key} ${other.name}`">
          <button type="button" class="button bare" @click="take(other)"><b>{{ other.name }}</b><span class="soft">{{ other.owned ? 'mine · ' : '' }}<Num :text="`${other.drawing} · ${other.scale} · ${other.wasted_percent} % empty`" /></span></button>
        </li>
      </ul>
    </Fold>
    <Fold name="Keep as my own stock" :decided="choices.paper.name ?? ''">
      <p class="soft">The size as measured, under a name, for other drawings.</p>
      <KeepUnder kind="paper" label="Call it" hint="grey pad, A3" />
    </Fold>
  </div>
  <p class="soft">Fix the print beside the sheet, the same way up.</p>
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

.owned {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}

.tones {
  display: flex;
  gap: 8px;
  padding: 12px;
  background: #fffefa;
  border: 1px solid var(--rule);
}

.tones span {
  flex: 1;
  height: 30px;
}


.others {
  margin: 0;
  padding: 0;
  list-style: none;
}

.others .button {
  width: 100%;
  flex-direction: column;
  align-items: flex-start;
  gap: 0;
  text-align: left;
  border-bottom-color: var(--rule);
}

.others .soft {
  font-weight: 400;
}
</style>
