<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import type { Choices, Drawing, PrintableSheet } from '@/api/types'
import { usePrinting } from '@/stores/printing'
import Num from '@/ui/Num.vue'

/** Printers shrink: print the page with two bars, type what they measure, and every later sheet is true. */
const props = defineProps<{ drawing: Drawing; choices: Choices; kind: PrintableSheet }>()
const printing = usePrinting()

const typed = reactive({ name: '', across: '', down: '' })
const wrong = ref<Record<string, string>>({})
watch(
  () => printing.kept,
  (kept) => Object.assign(typed, { name: kept?.name ?? '', across: kept?.measured_across ?? '', down: kept?.measured_down ?? '' }),
  { immediate: true },
)
const page = computed(() => `/api/drawings/${props.drawing.id}/sheets/calibration.pdf?${printing.query([])}`)
const rehearsal = computed(() => `/api/drawings/${props.drawing.id}/rehearsal/${props.kind.key}?${printing.query(props.kind.takes.filter((one) => one !== 'own'))}&shrink=97,98`)

async function keep() {
  const same = printing.kept?.name === typed.name.trim()
  wrong.value = await printing.keep({
    name: typed.name.trim(),
    paper: printing.page && printing.page !== 'own' ? printing.page : (printing.kept?.paper ?? (props.choices.unit === 'in' ? 'letter' : 'a4')),
    border: printing.border || (printing.kept?.border ?? ''),
    unit: props.choices.unit,
    measured_across: same ? typed.across.trim() : '',
    measured_down: same ? typed.down.trim() : '',
  })
}
</script>

<template>
  <div class="field">
    <label for="printer-name">{{ $t('print.firstAName') }}</label>
    <div class="field-act">
      <el-input id="printer-name" v-model="typed.name" maxlength="60" autocomplete="off" :placeholder="$t('print.studio')" @keydown.enter="keep" />
      <button type="button" class="button" @click="keep">{{ $t('print.keep') }}</button>
    </div>
    <p v-if="wrong.name ?? wrong.border ?? wrong.sheet ?? wrong.length" class="fault" role="alert">{{ wrong.name ?? wrong.border ?? wrong.sheet ?? wrong.length }}</p>
  </div>
  <template v-if="printing.kept">
    <i18n-t keypath="print.printItsPageAt100" tag="p"><a :href="page" target="_blank" rel="noopener" data-test="calibration">{{ $t('print.printItsPage') }}</a></i18n-t>
    <div class="two">
      <div class="field">
        <label for="bar-across"><Num :text="$t('print.thirdAcross', { barAcross: printing.kept.bar_across })" /></label>
        <el-input id="bar-across" v-model="typed.across" autocomplete="off" :placeholder="printing.kept.bar_across" />
        <p v-if="wrong.measured_across" class="fault" role="alert">{{ wrong.measured_across }}</p>
      </div>
      <div class="field">
        <label for="bar-down"><Num :text="$t('print.thirdDown', { barDown: printing.kept.bar_down })" /></label>
        <el-input id="bar-down" v-model="typed.down" autocomplete="off" :placeholder="printing.kept.bar_down" />
        <p v-if="wrong.measured_down" class="fault" role="alert">{{ wrong.measured_down }}</p>
      </div>
    </div>
    <button type="button" class="button" @click="keep">{{ $t('print.correctThisPrinter') }}</button>
    <p data-test="printer-says"><Num :text="printing.kept.says" /></p>
    <i18n-t keypath="print.rehearsed" tag="p" class="soft"><a :href="rehearsal" target="_blank" rel="noopener">{{ $t('print.rehearseIt') }}</a></i18n-t>
    <p><button type="button" class="button bare" @click="printing.forget(printing.kept!.id, choices.unit)">{{ $t('print.forgetName', { name: printing.kept.name }) }}</button></p>
  </template>
</template>
