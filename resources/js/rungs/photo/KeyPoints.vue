<script setup lang="ts">
import type { Choices, Workings } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import { useTool } from '@/stores/tool'
import Fold from '@/ui/Fold.vue'
import TypedInput from '@/ui/TypedInput.vue'
import Num from '@/ui/Num.vue'
import { toShare } from '@/ui/shares'

/** Named places on the picture: where they are on both boards, from the lines and from the thirds; a focal cross through those that must be exact. */
defineProps<{ choices: Choices; workings: Workings; open?: boolean }>()
const store = useDrawing()
const tool = useTool()

/** Held where it lies now, to be moved from there; only one point can be. */
function pin(i: number, at: Workings['points'][number]) {
  store.decide((choices) => choices.points.forEach((point, other) => (point.pin = other === i ? { left: at.across.sheet.rounded.text, top: at.down.sheet.rounded.text } : null)))
}

async function add(cross: boolean) {
  const at = await tool.ask('point', cross ? 'Point at what must be exact.' : 'Point at a place you will measure from.')
  if (at) store.decide((choices) => choices.points.push({ name: `point ${choices.points.length + 1}`, x: toShare(at.x2), y: toShare(at.y2), cross, pin: null }))
}
</script>

<template>
  <Fold name="Key points" :decided="choices.points.length ? String(choices.points.length) : 'none'" :open="open">
    <div class="two">
      <button type="button" class="button" @click="add(false)">add a point</button>
      <button type="button" class="button" @click="add(true)">add a focal cross</button>
    </div>
    <p v-if="store.errors.points" class="fault" role="alert">{{ store.errors.points }}</p>
    <div v-for="(point, i) in choices.points" :key="i" class="point" data-test="key-point">
      <TypedInput :label="`Name of point ${i + 1}`" :field="`points.${i}.name`" :model-value="point.name" @update:model-value="store.decide((c) => c.points[i] && (c.points[i].name = $event))" />
      <template v-if="workings.points[i]">
        <p v-if="workings.points[i].inside"><b>{{ workings.points[i].cell }}</b> · paper <Num :text="workings.points[i].across.area.rounded.text" /> across, <Num :text="workings.points[i].down.area.rounded.text" /> down · sheet edge <Num :text="workings.points[i].across.sheet.rounded.text" />, <Num :text="workings.points[i].down.sheet.rounded.text" /></p>
        <p v-if="workings.points[i].inside && workings.points[i].across.print && workings.points[i].down.print" class="soft">print <Num :text="workings.points[i].across.print.rounded.text" /> across, <Num :text="workings.points[i].down.print.rounded.text" /> down</p>
        <p v-if="workings.points[i].plotted">plotted <Num :text="workings.points[i].plotted" /></p>
        <p class="soft"><Num :text="workings.points[i].nearest" /></p>
        <p class="soft"><Num :text="workings.points[i].thirds" /></p>
      </template>
      <template v-if="point.pin">
        <div class="two">
          <TypedInput label="held, from the left" :field="`points.${i}.pin.left`" :model-value="point.pin.left" @update:model-value="store.decide((c) => c.points[i]?.pin && (c.points[i].pin.left = $event))" />
          <TypedInput label="from the top" :field="`points.${i}.pin.top`" :model-value="point.pin.top" @update:model-value="store.decide((c) => c.points[i]?.pin && (c.points[i].pin.top = $event))" />
        </div>
        <p v-if="workings.points[i]?.pinned" data-test="pinned"><Num :text="workings.points[i].pinned" /></p>
      </template>
      <div class="row">
        <label><input type="checkbox" :checked="point.cross" @change="store.decide((c) => c.points[i] && (c.points[i].cross = !point.cross))" /> cross</label>
        <button type="button" class="button bare" @click="store.adjust('aim', { x: point.x, y: point.y, at: 'centre' })">centre it</button>
        <button type="button" class="button bare" @click="store.adjust('aim', { x: point.x, y: point.y, at: 'third' })">on a third</button>
        <button type="button" class="button bare" @click="store.adjust('aim', { x: point.x, y: point.y, at: 'sheet' })">mid-sheet</button>
        <button v-if="point.pin" type="button" class="button bare" @click="store.decide((c) => c.points[i] && (c.points[i].pin = null))">let go</button>
        <button v-else-if="workings.points[i]" type="button" class="button bare" :aria-label="`hold it: ${point.name}, at a place of the sheet`" @click="pin(i, workings.points[i])">hold it</button>
        <button type="button" class="button bare" :aria-label="`Take away ${point.name}`" @click="store.decide((c) => c.points.splice(i, 1))">✕</button>
      </div>
    </div>
  </Fold>
</template>

<style scoped>
.point {
  display: flex;
  flex-direction: column;
  gap: 3px;
  padding-bottom: 6px;
  border-bottom: 1px solid var(--rule);
  font-size: 15px;
  line-height: 1.3;
}

.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0;
}

.row .button {
  padding: 5px 7px;
}

.row label {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 36px;
  margin-right: auto;
}
</style>
