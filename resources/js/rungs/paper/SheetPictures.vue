<script setup lang="ts">
import { computed } from 'vue'
import type { Choices, Workings } from '@/api/types'
import { t } from '@/lang'
import { useCatalogue } from '@/stores/catalogue'
import Pictures from '@/ui/Pictures.vue'

/** Sheets as outlines at relative size: one's own and the usual ones, and the one that is chosen. */
const props = defineProps<{ choices: Choices; workings: Workings; chosen: string }>()
defineEmits<{ choose: [key: string] }>()
const shelf = useCatalogue()

/** So many of one's own come before the usual ones. */
const OWN_SHOWN = 2
const HIGH = 70

const sheets = computed(() => {
  const { sheets } = shelf.catalogue
  const usual = sheets.filter((one) => one.usual === (props.choices.unit === 'in' ? 'in' : 'cm'))
  const owned = shelf
    .of('paper')
    .slice(0, OWN_SHOWN)
    .map((one) => ({ key: `own:${one.name}`, name: one.name, figure: '' }))
  const listed = [...usual].sort((a, b) => a.height_mm - b.height_mm).map((one) => ({ key: one.key, name: one.name, figure: one.size }))
  const shown = [...owned, ...listed]
  if (shown.some((one) => one.key === props.chosen)) return shown
  const here = sheets.find((one) => one.key === props.chosen)
  return [{ key: props.chosen, name: here?.name ?? props.choices.paper.name ?? t('paper.myOwnSize'), figure: '' }, ...shown]
})
/** Height and width in millimetres, portrait; the chosen one as it is now. */
const outline = (key: string) => {
  const listed = shelf.catalogue.sheets.find((one) => one.key === key)
  if (listed) return { h: listed.height_mm, w: listed.height_mm * listed.ratio }
  const [w, h] = [props.workings.sheet.width.mm, props.workings.sheet.height.mm].sort((a, b) => a - b)
  return { w: w ?? 1, h: h ?? 1 }
}
const tallest = computed(() => Math.max(...sheets.value.map((one) => outline(one.key).h)))
const drawn = (key: string) => {
  const { w, h } = outline(key)
  return { w: (HIGH * w) / tallest.value, h: (HIGH * h) / tallest.value }
}
</script>

<template>
  <Pictures
    :columns="3"
    :label="$t('paper.sheet')"
    :model-value="chosen"
    :options="sheets.map(({ key, name, figure }) => ({ value: key, name, figure }))"
    @update:model-value="$emit('choose', $event)"
  >
    <template #default="{ value }">
      <svg class="outline" viewBox="0 0 72 72" aria-hidden="true">
        <rect :x="36 - drawn(value).w / 2" :y="71 - drawn(value).h" :width="drawn(value).w" :height="drawn(value).h" />
      </svg>
    </template>
  </Pictures>
</template>

<style scoped>
.outline {
  width: 72px;
  height: 72px;
}

rect {
  fill: #fffefa;
  stroke: var(--tick);
  stroke-width: 1.5;
}
</style>
