<script setup lang="ts">
import { shallowRef } from 'vue'
import { api } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { Choices, Drawing, MainLine, Workings } from '@/api/types'
import { t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import { useTool } from '@/stores/tool'
import { toNumber, toShare } from '@/ui/shares'

/** The horizon and the edges of big masses: added by hand or from what the picture shows, dragged, kept or taken away. */
const props = defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const store = useDrawing()
const tool = useTool()
const latest = useLatest()
const found = shallowRef<MainLine[] | null>(null)

async function add(way: 'across' | 'down') {
  const point = await tool.ask('point', way === 'down' ? t('grid.pointAtTheHeight') : t('grid.pointAtThePlace'))
  if (!point) return
  const { crop } = props.workings
  const share = way === 'down' ? (point.y2 - crop.top) / crop.share_h : (point.x2 - crop.left) / crop.share_w
  store.decide((choices) => choices.grid[`main_${way}`].push(toShare(share)))
}

async function look() {
  await latest(api.edges(props.drawing.id).catch(() => []), (fresh) => (found.value = fresh))
}

function keep(line: MainLine) {
  const { way, share, ends } = line
  store.decide((choices) => {
    if (way !== 'slanted') return choices.grid[`main_${way}`].push(share)
    const [x1 = '0', y1 = '0', x2 = '1', y2 = '1'] = ends
    choices.spans.push({ name: t('grid.newSlant', { spans: choices.spans.length + 1 }), x1, y1, x2, y2, drawn: null })
  })
  found.value = found.value?.filter((one) => one !== line) ?? null
}
</script>

<template>
  <div class="two">
    <button type="button" class="button" @click="add('down')">{{ $t('grid.addALevelLine') }}</button>
    <button type="button" class="button" @click="add('across')">{{ $t('grid.addAnUpright') }}</button>
  </div>
  <p class="soft">{{ $t('grid.dragALineOnThePhoto') }}</p>
  <ul class="lines">
    <template v-for="way in ['down', 'across'] as const" :key="way">
      <li v-for="(share, i) in choices.grid[`main_${way}`]" :key="`${way}${i}`">
        {{ $t(`grid.mainLine.${way}`, { percent: Math.round(toNumber(share) * 1000) / 10 }) }}
        <button type="button" class="button bare" :aria-label="$t(`grid.takeAwayMainLine.${way}`, { i: i + 1 })" @click="store.decide((c) => c.grid[`main_${way}`].splice(i, 1))">✕</button>
      </li>
    </template>
  </ul>
  <template v-if="drawing.photo">
    <button type="button" class="button" @click="look">{{ $t('grid.lookForStrongLines') }}</button>
    <p v-if="found?.length === 0" class="soft">{{ $t('grid.noStraightEdgeRunsThrough') }}</p>
    <ul v-if="found" class="lines" data-test="found-lines">
      <li v-for="line in found" :key="line.way + line.share + line.ends">
        <span>{{ line.sentence }}</span>
        <button type="button" class="button" @click="keep(line)">{{ $t('grid.keep') }}</button>
      </li>
    </ul>
  </template>
</template>

<style scoped>
.lines {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  line-height: 1.25;
  padding: 3px 0;
}
</style>
