<script setup lang="ts">
import type { Choices, Workings } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import { boxOf, useTool } from '@/stores/tool'
import Choose from '@/ui/Choose.vue'
import Fold from '@/ui/Fold.vue'
import { toShare } from '@/ui/shares'

/** What is not to be drawn, or only measured by. */
defineProps<{ choices: Choices; workings: Workings }>()
const store = useDrawing()
const tool = useTool()
const uses = { 'not needed': 'not needed', 'hidden later': 'hidden later', 'for measuring': 'kept for measuring' } as const

async function add() {
  const box = await tool.ask('box', 'Drag a box over what you shall not draw.')
  if (!box) return
  const { left, top, width, height } = boxOf(box)
  store.decide((choices) =>
    choices.regions.push({ left: toShare(left), top: toShare(top), width: toShare(width), height: toShare(height), use: 'not needed' }),
  )
}
</script>

<template>
  <Fold name="Not to be drawn" :decided="choices.regions.length ? `${choices.regions.length}, ${workings.lines.spared.length} cells spared` : 'all is drawn'">
    <button type="button" class="button" @click="add">box a part</button>
    <p v-if="store.errors.regions" class="fault" role="alert">{{ store.errors.regions }}</p>
    <div v-for="(region, i) in choices.regions" :key="i" class="row">
      <Choose :label="`Part ${i + 1} is`" :model-value="region.use" :options="uses" @update:model-value="store.decide((c) => c.regions[i] && (c.regions[i].use = $event))" />
      <button type="button" class="button bare" :aria-label="`Take away part ${i + 1}`" @click="store.decide((c) => c.regions.splice(i, 1))">✕</button>
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
