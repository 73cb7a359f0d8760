<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Choices, Drawing } from '@/api/types'
import Pick from '@/ui/Pick.vue'

/** The gridded reference, printed instead of measured. */
const props = defineProps<{ drawing: Drawing; choices: Choices }>()

const at = ref<'page' | 'print' | 'drawing'>(props.choices.photo.kind === 'print' ? 'print' : 'page')
const page = ref<'a4' | 'letter'>(props.choices.unit === 'in' ? 'letter' : 'a4')
const sizes = computed(() => ({ ...(props.choices.photo.kind === 'print' ? { print: 'as the print' } : {}), page: 'fill the page', drawing: 'as the drawing' }))

function address(format: string) {
  return `/api/drawings/${props.drawing.id}/sheets/gridded.${format}?at=${at.value}&page=${page.value}&v=${props.drawing.version}`
}
</script>

<template>
  <section id="print" class="print" aria-label="Print it instead">
    <h2>Or print it</h2>
    <p class="soft">The photo with its grid and labels, and a bar to check the size with.</p>
    <Pick v-model="at" label="Size" :options="sizes" />
    <Pick v-model="page" label="Printer’s paper" :options="{ a4: 'A4', letter: 'letter' }" />
    <div class="formats">
      <a class="button strong" :href="address('pdf')" target="_blank" rel="noopener" data-test="print-pdf">PDF</a>
      <a class="button" :href="address('png')" target="_blank" rel="noopener">PNG</a>
      <a class="button" :href="address('svg')" target="_blank" rel="noopener">SVG</a>
    </div>
    <p class="soft">The marks as a list: <a :href="`/api/drawings/${drawing.id}/marks.csv?v=${drawing.version}`">CSV</a> · <a :href="`/api/drawings/${drawing.id}/marks.json?v=${drawing.version}`" target="_blank" rel="noopener">JSON</a></p>
  </section>
</template>

<style scoped>
.print {
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding-top: 14px;
  border-top: 1px solid var(--rule);
}

.formats {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr;
  gap: 6px;
}
</style>
