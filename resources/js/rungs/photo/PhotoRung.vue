<script setup lang="ts">
import { computed } from 'vue'
import { api } from '@/api/client'
import type { Choices, Drawing, Workings } from '@/api/types'
import { useCatalogue } from '@/stores/catalogue'
import { useDrawing } from '@/stores/drawing'
import { boxOf, useTool } from '@/stores/tool'
import Callout from '@/ui/Callout.vue'
import Choose from '@/ui/Choose.vue'
import Fold from '@/ui/Fold.vue'
import TypedInput from '@/ui/TypedInput.vue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import Sums from '@/ui/Sums.vue'
import Warnings from '@/ui/Warnings.vue'
import { useAsked } from '../useAsked'
import Beside from './Beside.vue'
import KeyPoints from './KeyPoints.vue'
import Regions from './Regions.vue'

const props = defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const store = useDrawing()
const tool = useTool()
const shelf = useCatalogue()

const sides = ['top', 'left', 'right', 'bottom'] as const
const subjects = { likeness: 'a likeness', figure: 'a figure', 'still life': 'a still life', buildings: 'buildings', landscape: 'a landscape' } as const
const rulers = computed(() => Object.fromEntries([['', 'the paper’s ruler'], ...shelf.catalogue.rulers.filter((ruler) => ruler.endsWith('in') === (props.choices.unit === 'in')).map((ruler) => [ruler, ruler])]))
const prints = useAsked(api.prints)
const bordered = computed(() => Object.values(props.choices.photo.border).some((side) => side !== '0'))
const degrees = computed(() => (props.choices.photo.straighten === 0 ? '0' : String(props.choices.photo.straighten)))

function side(which: 'width' | 'height', typed: string) {
  store.decide((choices) => Object.assign(choices.photo, { [which]: typed, agreed: false }))
}

function straighten(typed: string) {
  // Whether a text is an angle is for the server to say; it is sent as it was typed.
  const number = Number(typed.replace(',', '.').replace('°', '').replace('−', '-'))
  store.decide((choices) => (choices.photo.straighten = (Number.isNaN(number) || typed.trim() === '' ? typed : number) as number))
}

async function level() {
  const line = await tool.ask('line', 'Draw along the horizon, or down a wall.')
  if (line) await store.adjust('level', { ...line })
}

async function border() {
  const box = await tool.ask('box', 'Drag a box round the picture itself.')
  if (box) await store.adjust('border', boxOf(box))
}
</script>

<template>
  <h2>What you copy from</h2>
  <Pick v-if="drawing.photo" label="The photo is" :model-value="choices.photo.kind" :options="{ screen: 'on a screen', print: 'a print' }" @update:model-value="store.decide((c) => (c.photo.kind = $event))" />
  <p v-else class="soft">Sizes only: there is no photo here, and every mark is computed from the original’s size.</p>
  <template v-if="choices.photo.kind !== 'screen'">
    <div class="two">
      <TypedInput :label="drawing.photo ? 'Width, measured' : 'Original’s width'" field="photo.width" :model-value="choices.photo.width" :hint="choices.unit === 'in' ? '6 in' : '15 cm'" @update:model-value="side('width', $event)" />
      <TypedInput :label="drawing.photo ? 'Height, measured' : 'Original’s height'" field="photo.height" :model-value="choices.photo.height" :hint="choices.unit === 'in' ? '7 1/2 in' : '21 cm'" @update:model-value="side('height', $event)" />
    </div>
    <Callout v-if="workings.mismatch && !choices.photo.agreed" data-test="mismatch">
      <p>{{ workings.mismatch.sentence }}</p>
      <button type="button" class="button" @click="side('height', workings.mismatch.height)"><span>Make the height <Num :text="workings.mismatch.height" /></span></button>
      <button type="button" class="button" @click="side('width', workings.mismatch.width)"><span>Make the width <Num :text="workings.mismatch.width" /></span></button>
      <button type="button" class="button" @click="store.decide((c) => (c.photo.agreed = true))">Keep my size</button>
    </Callout>
    <p v-if="drawing.photo" class="soft">Mark up a copy, never a print you cherish.</p>
  </template>
  <Warnings :lines="workings.rungs.photo.warnings" />
  <Callout v-if="drawing.photo?.remark" tone="calm" data-test="remark">{{ drawing.photo.remark }}</Callout>
  <Choose label="It is of" :model-value="choices.photo.subject" :options="subjects" @update:model-value="store.decide((c) => (c.photo.subject = $event))" />
  <div v-if="drawing.photo" class="turns" role="group" aria-label="Hold the photo">
    <button type="button" class="button" @click="store.adjust('turn', { way: 'left' })">↺ left</button>
    <button type="button" class="button" @click="store.adjust('turn', { way: 'right' })">↻ right</button>
    <button type="button" class="button" :aria-pressed="choices.photo.mirrored" @click="store.adjust('turn', { way: 'mirror' })">mirror</button>
  </div>
  <div v-if="drawing.photo" class="two">
    <TypedInput label="Straightened, degrees" field="photo.straighten" :model-value="degrees" hint="0" @update:model-value="straighten" />
    <div class="field"><span class="legend">or by hand</span><button type="button" class="button" @click="level">draw a level</button></div>
  </div>
  <Pick v-if="choices.photo.straighten !== 0" label="Keep of it" :model-value="choices.photo.keep" :options="{ shape: 'its own shape', largest: 'all that fits' }" @update:model-value="store.decide((c) => (c.photo.keep = $event))" />
  <Sums :lines="workings.rungs.photo.sums" />
  <div>
    <KeyPoints :choices="choices" :workings="workings" />
    <Regions :choices="choices" :workings="workings" />
    <Fold name="Border" :decided="bordered ? 'left off' : 'none'">
      <p class="soft">What is not picture, off each side: per cent, or a length of the print.</p>
      <div class="two">
        <TypedInput v-for="which in sides" :key="which" :label="`border, ${which}`" :field="`photo.border.${which}`" :model-value="choices.photo.border[which]" hint="3 %" @update:model-value="store.decide((c) => (c.photo.border[which] = $event))" />
      </div>
      <button v-if="drawing.photo" type="button" class="button" @click="border">draw round the picture</button>
    </Fold>
    <Fold v-if="choices.photo.kind === 'print'" name="Ruler on the print" :decided="choices.photo.ruler ?? 'the paper’s'">
      <Choose label="Its finest mark" :model-value="choices.photo.ruler ?? ''" :options="rulers" @update:model-value="store.decide((c) => (c.photo.ruler = $event || null))" />
      <p v-if="store.errors['photo.ruler']" class="fault" role="alert">{{ store.errors['photo.ruler'] }}</p>
    </Fold>
    <Fold v-if="drawing.photo" name="How large to print it" @opened="prints.ask">
      <p v-if="prints.fault.value" class="fault">{{ prints.fault.value }}</p>
      <TypedInput label="No cell smaller than" field="photo.least_cell" :model-value="choices.photo.least_cell" :hint="choices.unit === 'in' ? '3/4 in' : '2 cm'" @update:model-value="store.decide((c) => (c.photo.least_cell = $event || null))" />
      <table v-if="prints.answer.value" data-test="prints">
        <thead>
          <tr><th scope="col">paper</th><th scope="col">print</th><th scope="col">a cell</th><th scope="col">px/in</th></tr>
        </thead>
        <tbody>
          <tr v-for="print in prints.answer.value" :key="print.paper" :class="{ short: !print.enough, under: print.too_small }">
            <th scope="row">{{ print.paper }}</th>
            <td><Num :text="print.print" /></td>
            <td><Num :text="print.cell" />{{ print.too_small ? ' too small' : '' }}</td>
            <td>{{ print.per_inch }}{{ print.enough ? '' : ' few' }}</td>
          </tr>
        </tbody>
      </table>
    </Fold>
    <Beside :choices="choices" />
    <Fold name="Whose photo" :decided="choices.photo.source || 'not said'">
      <TypedInput label="Where it comes from" field="photo.source" :model-value="choices.photo.source" hint="my own, from the beach" @update:model-value="store.decide((c) => (c.photo.source = $event))" />
      <TypedInput label="By whose leave" field="photo.permission" :model-value="choices.photo.permission" hint="mine" @update:model-value="store.decide((c) => (c.photo.permission = $event))" />
      <p class="soft">Someone else’s photo stays theirs: ask before a drawing of it is shown or sold.</p>
    </Fold>
  </div>
</template>

<style scoped>
.turns {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 4px;
}

.button[aria-pressed='true'] {
  background: var(--chosen);
  border-color: var(--chosen);
  color: var(--on-chosen);
}

table {
  border-collapse: collapse;
  font-size: 14px;
  width: 100%;
}

th,
td {
  padding: 3px 4px 3px 0;
  border-bottom: 1px solid var(--rule);
  text-align: left;
  font-weight: 400;
  line-height: 1.25;
}

thead th {
  color: var(--soft);
}


.under td:nth-child(3),
.short td:last-child {
  color: var(--red);
}
</style>
