<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Choices } from '@/api/types'
import { t } from '@/lang'
import { usePrinting } from '@/stores/printing'
import Choose from '@/ui/Choose.vue'

/** The printer, its paper, and what it leaves free. */
const props = defineProps<{ choices: Choices; own: boolean }>()
const printing = usePrinting()

/** A list shows no empty value; these two stand for it. */
const ANY = 'any'
const USUAL = 'usual'
const printers = computed(() => ({ [ANY]: t('print.anyPrinter'), ...Object.fromEntries(printing.printers.map((one) => [one.name, one.name])) }))
const papers = computed(() => ({
  [USUAL]: printing.kept ? t('print.itsOwnPaper', { paper: printing.kept.paper }) : props.choices.unit === 'in' ? t('print.letter') : 'A4',
  ...(props.choices.unit === 'in' ? { a4: 'A4' } : { letter: t('print.letter') }),
  a3: 'A3',
  a5: 'A5',
  legal: t('print.legal'),
  tabloid: t('print.tabloid'),
  ...(props.own ? { own: t('print.onePageAsLarge') } : {}),
  other: t('print.anotherSize'),
}))
const known = computed(() => printing.page === '' || printing.page in papers.value)
const other = ref(!known.value)
const paper = computed({
  get: () => (other.value ? 'other' : printing.page || USUAL),
  set: (wanted) => {
    other.value = wanted === 'other'
    if (!other.value) printing.page = wanted === USUAL ? '' : wanted
  },
})
watch(known, (is) => is && printing.page !== '' && (other.value = false))
const printer = computed({ get: () => printing.printer || ANY, set: (wanted) => (printing.printer = wanted === ANY ? '' : wanted) })
</script>

<template>
  <Choose v-model="printer" :label="$t('print.printer')" :options="printers" />
  <div class="two">
    <Choose v-model="paper" :label="$t('print.itsPaper')" :options="papers" />
    <div class="field">
      <label for="border">{{ $t('print.leavesFree') }}</label>
      <el-input id="border" v-model.lazy="printing.border" autocomplete="off" :placeholder="printing.kept?.border ?? (choices.unit === 'in' ? $t('print.borderHintIn') : $t('print.borderHintCm'))" />
    </div>
  </div>
  <div v-if="other" class="field">
    <label for="own-paper">{{ $t('print.paperWidthHeight') }}</label>
    <el-input id="own-paper" v-model.lazy="printing.page" autocomplete="off" :placeholder="$t('print.paperHint')" />
  </div>
</template>
