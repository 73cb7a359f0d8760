<script setup lang="ts">
import type { Choices, Workings } from '@/api/types'
import { labels, t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import { boxOf, useTool } from '@/stores/tool'
import Choose from '@/ui/Choose.vue'
import Fold from '@/ui/Fold.vue'
import { toShare } from '@/ui/shares'

/** What is not to be drawn, or only measured by. */
defineProps<{ choices: Choices; workings: Workings }>()
const store = useDrawing()
const tool = useTool()
const uses = labels('not needed', 'hidden later', 'for measuring', 'kept white')

async function add() {
  const box = await tool.ask('box', t('photo.dragABoxOver'))
  if (!box) return
  const { left, top, width, height } = boxOf(box)
  store.decide((choices) =>
    choices.regions.push({ left: toShare(left), top: toShare(top), width: toShare(width), height: toShare(height), use: 'not needed' }),
  )
}
</script>

<template>
  <Fold :name="$t('photo.notToBeDrawn')" :decided="choices.regions.length ? $t('photo.regionsAndSpared', { regions: choices.regions.length, spared: workings.lines.spared.length }) : $t('photo.allIsDrawn')">
    <button type="button" class="button" @click="add">{{ $t('photo.boxAPart') }}</button>
    <p v-if="choices.regions.some((region) => region.use === 'kept white')" class="soft">{{ $t('photo.whitesFirst') }}</p>
    <p v-if="store.errors.regions" class="fault" role="alert">{{ store.errors.regions }}</p>
    <div v-for="(region, i) in choices.regions" :key="i" class="row">
      <Choose :label="$t('photo.partIIs', { i: i + 1 })" :model-value="region.use" :options="uses" @update:model-value="store.decide((c) => c.regions[i] && (c.regions[i].use = $event))" />
      <button type="button" class="button bare" :aria-label="$t('photo.takeAwayPartI', { i: i + 1 })" @click="store.decide((c) => c.regions.splice(i, 1))">✕</button>
    </div>
  </Fold>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 1fr 36px;
  align-items: end;
  gap: 6px;
}
</style>
