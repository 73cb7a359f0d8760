<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { LineChart } from 'echarts/charts'
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import { init, use, type ECharts } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { onBeforeUnmount, onMounted, shallowRef, useTemplateRef, watch } from 'vue'
import { api } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { Shots } from '@/api/types'
import { t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import Num from '@/ui/Num.vue'
import { useScheme } from '@/ui/useScheme'

/** Typical and largest misfit shot by shot, and which places drifted. */
const store = useDrawing()
const box = useTemplateRef<HTMLElement>('box')
const { width } = useElementSize(box)
const scheme = useScheme()
const latest = useLatest()
const shots = shallowRef<Shots | null>(null)
use([LineChart, GridComponent, LegendComponent, TooltipComponent, SVGRenderer])
let chart: ECharts | null = null

async function load() {
  if (store.drawing) await latest(api.shots(store.drawing.id).catch(() => null), (fresh) => (shots.value = fresh))
}

function draw() {
  if (!box.value || !chart || !shots.value) return
  const colour = (name: string) => getComputedStyle(box.value!).getPropertyValue(name).trim()
  const all = shots.value.shots
  const line = (name: string, data: (number | null)[], paint: string, dashed: boolean) => ({ type: 'line' as const, name, data, symbolSize: 8, lineStyle: { color: paint, width: 3, type: dashed ? ('dashed' as const) : ('solid' as const) }, itemStyle: { color: paint } })
  chart.setOption({
    animation: false,
    textStyle: { fontFamily: 'Source Sans 3', fontSize: 14 },
    grid: { left: 40, right: 10, top: 40, bottom: 24 },
    legend: { top: 0, right: 0, textStyle: { color: colour('--graphite'), fontSize: 14 } },
    tooltip: { trigger: 'axis', formatter: (at: unknown) => all[(at as { dataIndex: number }[])[0]?.dataIndex ?? 0]?.misfit ?? '' },
    xAxis: { type: 'category', data: all.map((_, i) => String(i + 1)), axisLabel: { color: colour('--graphite'), fontSize: 14 }, axisLine: { lineStyle: { color: colour('--tick') } } },
    yAxis: { type: 'value', name: 'mm', min: 0, nameGap: 10, nameTextStyle: { color: colour('--graphite'), fontSize: 14 }, axisLabel: { color: colour('--graphite'), fontSize: 14 }, splitLine: { lineStyle: { color: colour('--rule') } } },
    series: [line(t('shots.typical'), all.map((one) => one.typical_mm), colour('--done'), false), line(t('shots.largest'), all.map((one) => one.largest_mm), colour('--red'), true)],
  })
}

onMounted(() => {
  if (box.value) chart = init(box.value, null, { renderer: 'svg' })
  void load()
})
watch(() => store.drawing?.version, load)
watch([shots, scheme], draw, { flush: 'post' })
watch(width, () => chart?.resize())
onBeforeUnmount(() => chart?.dispose())
</script>

<template>
  <p v-if="shots?.says" data-test="trend"><Num :text="shots.says" /></p>
  <div ref="box" class="plot" role="img" :aria-label="$t('shots.plotSays', { says: shots?.shots.map((one) => one.misfit).join('; ') ?? '' })" data-test="over-time" />
  <ul v-if="shots" class="drift">
    <li v-for="one in shots.drift.filter((place) => place.critical || place.drifted)" :key="one.name" :class="{ fault: one.drifted }"><Num :text="one.says" /></li>
  </ul>
</template>

<style scoped>
.plot {
  height: 180px;
}

.drift {
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
