<script setup lang="ts">
import { computed } from 'vue'
import type { Choices, Drawing, PrintableSheet } from '@/api/types'
import { t } from '@/lang'
import { useCatalogue } from '@/stores/catalogue'
import { usePrinting } from '@/stores/printing'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import PrinterCheck from './PrinterCheck.vue'
import PrintersPaper from './PrintersPaper.vue'
import Check from '@/ui/Check.vue'

/** Which sheet, what is on it, and by which printer. */
const props = defineProps<{ drawing: Drawing; choices: Choices; kind: PrintableSheet; spacing: string[] }>()
const shelf = useCatalogue()
const printing = usePrinting()

const sizes = { print: t('print.sizes.print'), page: t('print.sizes.page'), drawing: t('print.sizes.drawing') }
const takes = computed(() => new Set(props.kind.takes))
const possible = computed(() => Object.fromEntries(Object.entries(sizes).filter(([at]) => takes.value.has(`at ${at}`) && (at !== 'print' || props.choices.photo.kind === 'print'))))
const at = computed({
  get: () => (printing.at && possible.value[printing.at] ? printing.at : (['page', 'print', 'drawing'] as const).find((one) => possible.value[one]) ?? 'page'),
  set: (wanted) => (printing.at = wanted),
})
const names = computed(() => Object.fromEntries(shelf.catalogue.printed.map((one) => [one.key, one.name])))
</script>

<template>
  <h2>{{ $t('print.printItInstead') }}</h2>
  <nav class="places" :aria-label="$t('print.whatToPrint')">
    <router-link v-for="(name, key) in names" :key="key" :to="{ name: 'print', params: { id: drawing.id, sheet: key } }" replace :class="{ on: key === kind.key }" :aria-current="key === kind.key ? 'page' : undefined">{{ name }}</router-link>
  </nav>
  <p class="soft">{{ kind.what }}</p>
  <Pick v-if="Object.keys(possible).length > 1" v-model="at" :label="$t('print.size')" :options="possible" />
  <Pick v-if="takes.has('look')" v-model="printing.look" :label="$t('print.picture')" :options="{ photo: $t('print.photo'), grey: $t('print.greyscale'), outline: $t('print.outline'), tones: $t('print.inItsTones') }" />
  <div v-if="takes.has('labels') || takes.has('mirrored')">
    <Check v-if="takes.has('labels')" v-model="printing.labels">{{ $t('print.withItsLettersAndNumbers') }}</Check>
    <Check v-if="takes.has('whole')" v-model="printing.whole">{{ $t('print.theWholePhotoTheRestDimmed') }}</Check>
    <Check v-if="takes.has('lines')" v-model="printing.lines">{{ $t('print.withTheGrid') }}</Check>
    <Check v-if="takes.has('mirrored')" v-model="printing.mirrored">{{ $t('print.mirroredLeftAndRightSwapped') }}</Check>
  </div>
  <p v-if="kind.key === 'gridded' || kind.key === 'overlay'" class="soft">{{ $t('print.neverMarkAPrintYouCherish') }}</p>
  <Fold v-if="spacing.length" :name="$t('print.theSpacingTriedFirst')" open>
    <p v-for="line in spacing" :key="line" data-test="spacing"><Num :text="line" /></p>
  </Fold>
  <PrintersPaper :choices="choices" :own="takes.has('own')" />
  <Fold :name="$t('print.trueSizeOnThisPrinter')" :decided="printing.kept ? (printing.kept.measured_across ? $t('print.measured') : $t('print.toMeasure')) : $t('print.notKnown')" :open="kind.key === 'calibration'">
    <PrinterCheck :drawing="drawing" :choices="choices" :kind="kind" />
  </Fold>
  <p class="soft">{{ $t('print.theMarksAsAList') }} <a :href="`/api/drawings/${drawing.id}/marks.csv?v=${drawing.version}`">{{ $t('print.csv') }}</a> · <a :href="`/api/drawings/${drawing.id}/marks.json?v=${drawing.version}`" target="_blank" rel="noopener">{{ $t('print.json') }}</a></p>
</template>
