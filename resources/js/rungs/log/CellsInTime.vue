<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import { GridComponent, TooltipComponent } from 'echarts/components'
import { init, use, type ECharts } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { useElementSize } from '@vueuse/core'
import { onBeforeUnmount, onMounted, useTemplateRef, watch } from 'vue'
import { t } from '@/lang'
import { useScheme } from '@/ui/useScheme'

/** How many cells were done by how many minutes of work. */
const props = defineProps<{ steps: number[][] }>()
const box = useTemplateRef<HTMLElement>('box')
const { width } = useElementSize(box)
const scheme = useScheme()
use([LineChart, GridComponent, TooltipComponent, SVGRenderer])
let chart: ECharts | null = null

function draw() {
  if (!box.value || !chart) return
  const colour = (name: string) => getComputedStyle(box.value!).getPropertyValue(name).trim()
  const axis = (name: string, gap: number) => ({ type: 'value' as const, name, nameLocation: 'middle' as const, nameGap: gap, minInterval: 1, nameTextStyle: { color: colour('--graphite'), fontSize: 14 }, axisLabel: { color: colour('--graphite'), fontSize: 14 }, axisLine: { show: true, lineStyle: { color: colour('--tick') } }, splitLine: { lineStyle: { color: colour('--rule') } } })
  chart.setOption({
    animation: false,
    textStyle: { fontFamily: 'Source Sans 3', fontSize: 14 },
    grid: { left: 56, right: 16, top: 12, bottom: 46 },
    tooltip: { trigger: 'axis' },
    xAxis: axis(t('log.minutesWorked'), 28),
    yAxis: axis(t('log.cellsDone'), 36),
    series: [{ type: 'line', step: 'end', symbol: 'none', data: props.steps, lineStyle: { color: colour('--done'), width: 3 }, areaStyle: { color: colour('--done'), opacity: 0.15 } }],
  })
}

onMounted(() => {
  if (!box.value) return
  chart = init(box.value, null, { renderer: 'svg' })
  draw()
})
watch([() => props.steps, scheme], draw, { flush: 'post' })
watch(width, () => chart?.resize())
onBeforeUnmount(() => chart?.dispose())
</script>

<template>
  <div ref="box" class="plot" role="img" :aria-label="$t('log.plotSays', { cells: steps.at(-1)?.[1] ?? 0, minutes: Math.round(steps.at(-1)?.[0] ?? 0) })" data-test="plot" />
</template>

<style scoped>
.plot {
  height: 260px;
}
</style>
