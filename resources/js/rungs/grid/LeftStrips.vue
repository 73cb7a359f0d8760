<script setup lang="ts">
import { computed } from 'vue'
import { cutOf } from '@/api/pictures'
import type { Drawing, Workings } from '@/api/types'
import { t } from '@/lang'
import Fold from '@/ui/Fold.vue'

/** What is in the strips that squares leave over, enlarged, before it is decided what becomes of them. */
const props = defineProps<{ workings: Workings; drawing: Drawing }>()

const strips = computed(() => {
  const { lines } = props.workings
  const cut = (left: number, top: number, width: number, height: number) => cutOf(props.drawing, props.workings, { left, top, width, height })
  const span = (shares: number[], i: number) => [shares[i] ?? 0, (shares[i + 1] ?? 1) - (shares[i] ?? 0)] as const
  return [
    ...lines.partial_columns.map((i) => ({ name: i === 0 ? t('grid.atTheLeft') : t('grid.atTheRight'), address: cut(span(lines.across, i)[0], 0, span(lines.across, i)[1], 1) })),
    ...lines.partial_rows.map((i) => ({ name: i === 0 ? t('grid.atTheTop') : t('grid.atTheFoot'), address: cut(0, span(lines.down, i)[0], 1, span(lines.down, i)[1]) })),
  ]
})
</script>

<template>
  <Fold v-if="strips.length && drawing.photo" :name="$t('grid.whatIsInTheStrip')" :decided="strips.map((strip) => strip.name).join(', ')">
    <figure v-for="strip in strips" :key="strip.name" data-test="strip">
      <img :src="strip.address" :alt="$t('grid.theStripName', { name: strip.name })" />
      <figcaption class="soft">{{ strip.name }}</figcaption>
    </figure>
  </Fold>
</template>

<style scoped>
figure {
  margin: 0;
}

img {
  display: block;
  max-width: 100%;
  max-height: 260px;
  border: 1px solid var(--tick);
}
</style>
