<script setup lang="ts">
import { ref } from 'vue'
import type { Choices, Readings, Workings } from '@/api/types'
import { t } from '@/lang'
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
  const point = await tool.ask('point', t('grid.pointAtTheCellToCut'))
  if (!point) return
  const { crop, lines } = props.workings
  const part = (shares: number[], at: number) => Math.max(0, shares.findLastIndex((share, i) => share <= at && i < shares.length - 1))
  const [column, row] = [part(lines.across, (point.x2 - crop.left) / crop.share_w), part(lines.down, (point.y2 - crop.top) / crop.share_h)]
  store.decide((choices) => {
    choices.grid.divided = [...choices.grid.divided.filter((cell) => cell.column !== column || cell.row !== row), { column, row, parts: Number(parts.value), hairlines: hairlines.value }]
  })
}

async function feature() {
  const box = await tool.ask('box', t('grid.boxTheSmallestThingThatMatters'))
  if (box) await store.adjust('feature', { width: boxOf(box).width, height: boxOf(box).height, fineness: fineness.value })
}

const listed = (readings: Readings[]) => readings.map((reading) => reading.sheet.rounded.amount).join(', ')
</script>

<template>
  <Fold :name="$t('grid.finer')" :decided="workings.divided.length ? workings.divided.map((cell) => cell.address).join(', ') : $t('grid.nowhere')">
    <Pick v-model="parts" :label="$t('grid.cutOneCellInto')" :options="{ 2: $t('grid.halves'), 3: $t('grid.thirds'), 4: $t('grid.quarters') }" />
    <Pick v-model="hairlines" :label="$t('grid.itsLines')" :options="{ 'in the cell': $t('grid.stayInIt'), ticks: $t('grid.ticksOnly'), 'run on': $t('grid.runOn') }" />
    <button type="button" class="button" @click="cut">{{ $t('grid.pointAtACell') }}</button>
    <div v-for="cell in workings.divided" :key="cell.address" class="cell" data-test="divided">
      <p>
        <b>{{ cell.address }}</b> <Num :text="$t('grid.cutFromTheEdges', { parts: cell.parts, across: listed(cell.readings_across), down: listed(cell.readings_down) })" />
      </p>
      <button type="button" class="button bare" :aria-label="$t('grid.leaveAddressWhole', { address: cell.address })" @click="store.decide((c) => (c.grid.divided = c.grid.divided.filter((one) => one.column !== cell.column || one.row !== cell.row)))">✕</button>
    </div>
    <Pick v-model="fineness" :label="$t('grid.orTheWholeGrid')" :options="{ loose: $t('grid.loose'), middling: $t('grid.middling'), exact: $t('grid.exact') }" />
    <button type="button" class="button" @click="feature">{{ $t('grid.boxIt') }}</button>
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
