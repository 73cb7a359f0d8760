<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import type { Shot, Workings } from '@/api/types'
import { labels, t } from '@/lang'
import { useShots } from '@/stores/shots'
import Choose from '@/ui/Choose.vue'
import { toShare } from '@/ui/shares'
import ShotCorners from './ShotCorners.vue'

/** The corners of a shot: the sheet's, the drawing's, or four crossings of gridlines where neither is in the picture. */
const props = defineProps<{ shot: Shot; workings: Workings }>()
const shots = useShots()

const whole = '0 0, 1 1'
const of = ref<'sheet' | 'area' | 'crossings'>(props.shot.of === 'sheet' ? 'sheet' : props.shot.between === whole ? 'area' : 'crossings')
const last = computed(() => ({ across: props.workings.lines.across.length - 1, down: props.workings.lines.down.length - 1 }))
/** Gridlines, by their number. */
const lines = reactive({ left: 1, right: Math.max(1, last.value.across - 1), top: 1, bottom: Math.max(1, last.value.down - 1) })
const sides = ['left', 'right', 'top', 'bottom'] as const
const numbers = (side: (typeof sides)[number]) => Object.fromEntries(Array.from({ length: last.value[side === 'left' || side === 'right' ? 'across' : 'down'] + 1 }, (_, i) => [String(i), t('shots.line', { line: i })]))
const between = computed(() => {
  const { across, down } = props.workings.lines
  const at = (fractions: number[], line: number) => toShare(fractions[line] ?? 0)
  return of.value === 'crossings' ? `${at(across, lines.left)} ${at(down, lines.top)}, ${at(across, lines.right)} ${at(down, lines.bottom)}` : whole
})
</script>

<template>
  <ShotCorners :picture="shot.id" :corners="shots.corners ?? shot.corners" :hint="$t(`shots.cornersHints.${of}`)" :done="of === 'sheet' ? $t('shots.cornersDone') : $t('shots.cornersSet')" @set="shots.setCorners($event, of === 'sheet' ? 'sheet' : 'area', between)" @away="shots.corners = null">
    <Choose v-model="of" :label="$t('shots.cornersOfWhat')" :options="labels('sheet', 'area', 'crossings')" class="of" data-test="corners-of" />
    <template v-if="of === 'crossings'">
      <Choose v-for="side in sides" :key="side" :label="$t(`shots.cornerLines.${side}`)" :model-value="String(lines[side])" :options="numbers(side)" @update:model-value="lines[side] = Number($event)" />
    </template>
  </ShotCorners>
</template>

<style scoped>
.of {
  min-width: 190px;
}
</style>
