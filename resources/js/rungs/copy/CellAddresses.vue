<script setup lang="ts">
import { computed } from 'vue'
import { useCopying } from '@/stores/copying'
import type { useWindow } from './useWindow'

/** Each cell's address, where more than one is in sight: in its upper corner, as it is seen. */
const props = defineProps<{ window: Pick<ReturnType<typeof useWindow>, 'across' | 'down'>; turned: boolean; mirrored: boolean }>()
const cells = useCopying()

const labels = computed(() => {
  const [across, down] = [props.window.across.value, props.window.down.value]
  // From line to line, the edges of what is in sight among them.
  const [columns, rows] = [[0, ...across.inner, 100], [0, ...down.inner, 100]]
  const whole = (places: number[], span: number) => places.slice(0, -1).map((start, i) => ({ start, end: places[i + 1] ?? 100 })).slice(0, span)
  return whole(rows, down.span).flatMap((row, r) =>
    whole(columns, across.span).map((column, c) => ({
      address: cells.address({ column: across.first + c, row: down.first + r }),
      left: props.turned !== props.mirrored ? 100 - column.end : column.start,
      top: props.turned ? 100 - row.end : row.start,
    })),
  )
})
</script>

<template>
  <span v-for="label in labels" :key="label.address" class="address" :style="{ left: `${label.left}%`, top: `${label.top}%` }" data-test="cell-address">{{ label.address }}</span>
</template>

<style scoped>
.address {
  position: absolute;
  margin: 3px 0 0 4px;
  padding: 0 4px;
  background: var(--sheet);
  color: var(--sheet-ink);
  font-size: 16px;
  font-weight: 700;
  line-height: 1.2;
  pointer-events: none;
}
</style>
