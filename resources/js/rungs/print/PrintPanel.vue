<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { Choices, Drawing, PrintableSheet } from '@/api/types'
import { t } from '@/lang'
import { useCatalogue } from '@/stores/catalogue'
import { usePrinting } from '@/stores/printing'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import Pictures from '@/ui/Pictures.vue'
import PrinterCheck from './PrinterCheck.vue'
import PrintersPaper from './PrintersPaper.vue'
import Check from '@/ui/Check.vue'

/** Which sheet, what is on it, and by which printer. */
const props = defineProps<{ drawing: Drawing; choices: Choices; kind: PrintableSheet; spacing: string[] }>()
const router = useRouter()
const shelf = useCatalogue()
const printing = usePrinting()

const sizes = { print: t('print.sizes.print'), page: t('print.sizes.page'), drawing: t('print.sizes.drawing') }
const takes = computed(() => new Set(props.kind.takes))
const possible = computed(() =>
  Object.fromEntries(
    Object.entries(sizes).filter(([at]) => takes.value.has(`at ${at}`) && (at !== 'print' || props.choices.photo.kind === 'print')),
  ),
)
const at = computed({
  get: () =>
    printing.at && possible.value[printing.at]
      ? printing.at
      : ((['page', 'print', 'drawing'] as const).find((one) => possible.value[one]) ?? 'page'),
  set: (wanted) => (printing.at = wanted),
})
/** What most people print; the others are one press away. */
const FIRST = ['plan', 'gridded', 'strips']
const first = FIRST.map((value) => ({ value, name: t(`print.first.${value}`) }))
const others = computed(() =>
  Object.fromEntries(shelf.catalogue.printed.filter((one) => !FIRST.includes(one.key)).map((one) => [one.key, one.name])),
)
const isMore = computed(() => props.kind.key in others.value)
const hasContent = computed(
  () =>
    Object.keys(possible.value).length > 1 ||
    ['look', 'labels', 'mirrored'].some((one) => takes.value.has(one)) ||
    props.spacing.length > 0,
)
const open = (sheet: string) => void router.replace({ name: 'print', params: { id: props.drawing.id, sheet } })
</script>

<template>
  <h2>{{ $t('print.whatOnPaper') }}</h2>
  <Pictures :label="$t('print.whatToPrint')" :model-value="kind.key" :options="first" :columns="3" @update:model-value="open">
    <template #default="{ value }">
      <svg class="page" viewBox="0 0 60 80" aria-hidden="true">
        <rect x="1" y="1" width="58" height="78" />
        <path v-if="value === 'plan'" d="M10 14H50M10 24H50M10 34H38M10 46H24V66H10ZM32 46H50M32 54H50M32 62H50" />
        <path v-else-if="value === 'gridded'" d="M10 10H50V66H10ZM20 10V66M30 10V66M40 10V66M10 24H50M10 38H50M10 52H50" />
        <path v-else d="M10 18H50V28H10ZM16 18V24M24 18V24M32 18V24M40 18V24M10 42H50V52H10ZM18 42V48M28 42V48M38 42V48" />
      </svg>
    </template>
  </Pictures>
  <p class="soft">{{ kind.what }}</p>
  <p v-if="kind.key === 'gridded' || kind.key === 'overlay'" class="soft">{{ $t('print.neverMarkAPrintYouCherish') }}</p>
  <div>
    <Fold group="print more" :name="$t('print.morePrintouts')" :decided="isMore ? kind.name : ''">
      <nav class="places" :aria-label="$t('print.whatToPrint')">
        <router-link
          v-for="(name, key) in others"
          :key="key"
          :to="{ name: 'print', params: { id: drawing.id, sheet: key } }"
          replace
          :class="{ on: key === kind.key }"
          :aria-current="key === kind.key ? 'page' : undefined"
        >{{ name }}</router-link>
      </nav>
    </Fold>
    <Fold v-if="hasContent" group="print content" :name="$t('print.sizeAndContent')">
      <Pick v-if="Object.keys(possible).length > 1" v-model="at" :label="$t('print.size')" :options="possible" />
      <Pick
        v-if="takes.has('look')"
        v-model="printing.look"
        :label="$t('print.picture')"
        :options="{ photo: $t('print.photo'), grey: $t('print.greyscale'), outline: $t('print.outline'), tones: $t('print.inItsTones') }"
      />
      <div v-if="takes.has('labels') || takes.has('mirrored')">
        <Check v-if="takes.has('labels')" v-model="printing.labels">{{ $t('print.withItsLettersAndNumbers') }}</Check>
        <Check v-if="takes.has('whole')" v-model="printing.whole">{{ $t('print.theWholePhotoTheRestDimmed') }}</Check>
        <Check v-if="takes.has('lines')" v-model="printing.lines">{{ $t('print.withTheGrid') }}</Check>
        <Check v-if="takes.has('mirrored')" v-model="printing.mirrored">{{ $t('print.mirroredLeftAndRightSwapped') }}</Check>
      </div>
      <Fold v-if="spacing.length" :name="$t('print.theSpacingTriedFirst')" open>
        <p v-for="line in spacing" :key="line" data-test="spacing"><Num :text="line" /></p>
      </Fold>
    </Fold>
    <Fold group="print paper" :name="$t('print.printerAndPaper')">
      <PrintersPaper :choices="choices" :own="takes.has('own')" />
      <Fold
        :name="$t('print.trueSizeOnThisPrinter')"
        :decided="printing.kept ? (printing.kept.measured_across ? $t('print.measured') : $t('print.toMeasure')) : $t('print.notKnown')"
        :open="kind.key === 'calibration'"
      >
        <PrinterCheck :drawing="drawing" :choices="choices" :kind="kind" />
      </Fold>
    </Fold>
    <Fold group="print files" :name="$t('print.otherFiles')">
      <slot />
      <p class="soft">
        {{ $t('print.theMarksAsAList') }}
        <a :href="`/api/drawings/${drawing.id}/marks.csv?v=${drawing.version}`">{{ $t('print.csv') }}</a> ·
        <a :href="`/api/drawings/${drawing.id}/marks.json?v=${drawing.version}`" target="_blank" rel="noopener">{{ $t('print.json') }}</a>
      </p>
    </Fold>
  </div>
</template>

<style scoped>
.page {
  width: 48px;
  height: 64px;
}

.page rect {
  fill: #fffefa;
  stroke: var(--tick);
  stroke-width: 1.5;
}

.page path {
  fill: none;
  stroke: var(--tick);
  stroke-width: 1.5;
}
</style>
