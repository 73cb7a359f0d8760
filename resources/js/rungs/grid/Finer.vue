<script setup lang="ts">
import { ref } from 'vue'
import type { Choices, Workings } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import { boxOf, useTool } from '@/stores/tool'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'

/** Finer where it matters: one cell cut, or the whole grid made for the smallest thing that counts. */
const props = defineProps<{ choices: Choices; workings: Workings }>()
const store = useDrawing()
const tool = useTool()
const parts = ref<'2' | '3' | '4'>('2')
const hairlines = ref<'in the cell' | 'ticks' | 'run on'>('in the cell')
const fineness = ref<'loose' | 'middling' | 'exact'>('middling')

async function cut() {
  const point = await tool.ask('point', 'Point at the cell to cut finer.')
  if (!point) return
  const { crop, lines } = props.workings
  const part = (shares: number[], at: number) => Math.max(0, shares.findLastIndex((share, i) => share <= at && i < shares.length - 1))
  const [column, row] = [part(lines.across, (point.x2 - crop.left) / crop.share_w), part(lines.down, (point.y2 - crop.top) / crop.share_h)]
  store.decide((choices) => {
    choices.grid.divided = [...choices.grid.divided.filter((cell) => cell.column !== column || cell.row !== row), { column, row, parts: Number(parts.value), hairlines: hairlines.value }]
  })
}

async function feature() {
  const box = await tool.ask('box', 'Box the smallest thing that matters.')
  if (box) await store.adjust('feature', { width: boxOf(box).width, height: boxOf(box).height, fineness: fineness.value })
}

const bare = (text: string) => text.replace(/ (in|cm|mm)$/, '')
</script>

<template>
  <Fold name="Finer" :decided="workings.divided.length ? workings.divided.map((cell) => cell.address).join(', ') : 'nowhere'">
    <Pick v-model="parts" label="Cut one cell into" :options="{ 2: 'halves', 3: 'thirds', 4: 'quarters' }" />
    <Pick v-model="hairlines" label="Its lines" :options="{ 'in the cell': 'stay in it', ticks: 'ticks only', 'run on': 'run on' }" />
    <button type="button" class="button" @click="cut">point at a cell</button>
    <div v-for="cell in workings.divided" :key="cell.address" class="cell" data-test="divided">
      <p>
        <b>{{ cell.address }}</b> in {{ cell.parts }}, from the sheet’s edges: <template v-for="(reading, i) in cell.readings_across" :key="i"><Num :text="`${i ? ', ' : ''}${bare(reading.sheet.rounded.text)}`" /></template> across; <template v-for="(reading, i) in cell.readings_down" :key="i"><Num :text="`${i ? ', ' : ''}${bare(reading.sheet.rounded.text)}`" /></template> down
      </p>
      <button type="button" class="button bare" :aria-label="`Leave ${cell.address} whole`" @click="store.decide((c) => (c.grid.divided = c.grid.divided.filter((one) => one.column !== cell.column || one.row !== cell.row)))">✕</button>
    </div>
    <Pick v-model="fineness" label="Or the whole grid, for the smallest thing" :options="{ loose: 'loose', middling: 'middling', exact: 'exact' }" />
    <button type="button" class="button" @click="feature">box it</button>
  </Fold>
</template>

<style scoped>
.cell {
  display: grid;
  grid-template-columns: 1fr 36px;
  align-items: start;
  line-height: 1.35;
}
</style>
