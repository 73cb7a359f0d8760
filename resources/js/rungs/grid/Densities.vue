<script setup lang="ts">
import { computed } from 'vue'
import { api } from '@/api/client'
import { t } from '@/lang'
import Pictures from '@/ui/Pictures.vue'
import Small from '@/ui/Small.vue'
import { useAsked } from '../useAsked'
import { takeMesh } from './takeMesh'

/** Few squares, a middling count, many: each as a picture with what it costs to rule and how near an eye comes. */
defineProps<{ photo: string | null }>()
const meshes = useAsked(api.meshes)
void meshes.ask()
const three = computed(() => (meshes.answer.value ?? []).filter((one) => one.density !== null))
const meshOf = (density: string) => three.value.find((one) => one.density === density)!
const offers = computed(() =>
  three.value.map((one) => ({
    value: String(one.density),
    name: t(`grid.density.${one.density}`),
    figure: t('grid.densityCosts', { columns: one.columns, rows: one.rows, lines: one.lines, time: one.time, error: one.error }),
  })),
)
const chosen = computed(() => three.value.find((one) => one.chosen)?.density ?? null)
</script>

<template>
  <p v-if="meshes.fault.value" class="fault">{{ meshes.fault.value }}</p>
  <Pictures
    :columns="3"
    :label="$t('grid.howFine')"
    :model-value="chosen"
    :options="offers"
    data-test="densities"
    @update:model-value="takeMesh(meshOf($event))"
  >
    <template #default="{ value }"><Small :plan="meshOf(value).picture" :photo="photo" grid /></template>
  </Pictures>
</template>
