<script setup lang="ts">
import { computed } from 'vue'
import { api } from '@/api/client'
import type { Choices } from '@/api/types'
import { t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import Pictures from '@/ui/Pictures.vue'
import Small from '@/ui/Small.vue'
import { useAsked } from '../useAsked'

/** Few squares, a middling count, many: each as a picture with what it costs to rule and how near an eye comes. */
const props = defineProps<{ choices: Choices; photo: string | null }>()
const store = useDrawing()
const meshes = useAsked(api.meshes)
void meshes.ask()
const three = computed(() => (meshes.answer.value ?? []).filter((one) => one.density !== null))
const meshOf = (columns: string) => three.value.find((one) => String(one.columns) === columns)!
const offers = computed(() =>
  three.value.map((one) => ({
    value: String(one.columns),
    name: t(`grid.density.${one.density}`),
    figure: t('grid.densityCosts', { columns: one.columns, rows: one.rows, lines: one.lines, time: one.time, error: one.error }),
  })),
)
const chosen = computed(() =>
  props.choices.fit.way !== 'cells' && props.choices.grid.school === 'count' ? String(props.choices.grid.columns) : null,
)

function take(columns: string) {
  store.decide((choices) => {
    Object.assign(choices.grid, { school: 'count', columns: Number(columns) })
    if (choices.fit.way === 'cells') choices.fit.way = 'crop'
  })
}
</script>

<template>
  <p v-if="meshes.fault.value" class="fault">{{ meshes.fault.value }}</p>
  <Pictures
    :columns="3"
    :label="$t('grid.howFine')"
    :model-value="chosen"
    :options="offers"
    data-test="densities"
    @update:model-value="take"
  >
    <template #default="{ value }"><Small :plan="meshOf(value).picture" :photo="photo" grid /></template>
  </Pictures>
</template>
