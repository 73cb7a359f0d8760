<script setup lang="ts">
import { computed } from 'vue'
import type { Choices, Drawing, PrintableSheet } from '@/api/types'
import { useCatalogue } from '@/stores/catalogue'
import { usePrinting } from '@/stores/printing'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import PrinterCheck from './PrinterCheck.vue'
import PrintersPaper from './PrintersPaper.vue'

/** Which sheet, what is on it, and by which printer. */
const props = defineProps<{ drawing: Drawing; choices: Choices; kind: PrintableSheet; spacing: string[] }>()
const shelf = useCatalogue()
const printing = usePrinting()

const sizes = { print: 'as the print', page: 'fill the page', drawing: 'as the drawing' } as const
const takes = computed(() => new Set(props.kind.takes))
const possible = computed(() => Object.fromEntries(Object.entries(sizes).filter(([at]) => takes.value.has(`at ${at}`) && (at !== 'print' || props.choices.photo.kind === 'print'))))
const at = computed({
  get: () => (printing.at && possible.value[printing.at] ? printing.at : (['page', 'print', 'drawing'] as const).find((one) => possible.value[one]) ?? 'page'),
  set: (wanted) => (printing.at = wanted),
})
const names = computed(() => Object.fromEntries(shelf.catalogue.printed.map((one) => [one.key, one.name])))
</script>

<template>
  <h2>Print it instead</h2>
  <nav class="places" aria-label="What to print">
    <router-link v-for="(name, key) in names" :key="key" :to="{ name: 'print', params: { id: drawing.id, sheet: key } }" replace :class="{ on: key === kind.key }" :aria-current="key === kind.key ? 'page' : undefined">{{ name }}</router-link>
  </nav>
  <p class="soft">{{ kind.what }}</p>
  <Pick v-if="Object.keys(possible).length > 1" v-model="at" label="Size" :options="possible" />
  <Pick v-if="takes.has('look')" v-model="printing.look" label="Picture" :options="{ photo: 'photo', grey: 'greyscale', outline: 'outline' }" />
  <div v-if="takes.has('labels') || takes.has('mirrored')">
    <label v-if="takes.has('labels')" class="check"><input v-model="printing.labels" type="checkbox" /> with its letters and numbers</label>
    <label v-if="takes.has('whole')" class="check"><input v-model="printing.whole" type="checkbox" /> the whole photo, the rest dimmed</label>
    <label v-if="takes.has('lines')" class="check"><input v-model="printing.lines" type="checkbox" /> with the grid</label>
    <label v-if="takes.has('mirrored')" class="check"><input v-model="printing.mirrored" type="checkbox" /> mirrored, left and right swapped</label>
  </div>
  <p v-if="kind.key === 'gridded' || kind.key === 'overlay'" class="soft">Never mark a print you cherish: mark this one.</p>
  <Fold v-if="spacing.length" name="The spacing, tried first" open>
    <p v-for="line in spacing" :key="line" data-test="spacing"><Num :text="line" /></p>
  </Fold>
  <PrintersPaper :choices="choices" :own="takes.has('own')" />
  <Fold name="True size on this printer" :decided="printing.kept ? (printing.kept.measured_across ? 'measured' : 'to measure') : 'not known'" :open="kind.key === 'calibration'">
    <PrinterCheck :drawing="drawing" :choices="choices" :kind="kind" />
  </Fold>
  <p class="soft">The marks as a list: <a :href="`/api/drawings/${drawing.id}/marks.csv?v=${drawing.version}`">CSV</a> · <a :href="`/api/drawings/${drawing.id}/marks.json?v=${drawing.version}`" target="_blank" rel="noopener">JSON</a></p>
</template>
