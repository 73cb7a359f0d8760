<script setup lang="ts">
import type { Choices, Workings } from '@/api/types'
import { t } from '@/lang'
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
  const at = await tool.ask('point', cross ? t('photo.pointAtWhatMustBeExact') : t('photo.pointAtAPlace'))
  if (at) store.decide((choices) => choices.points.push({ name: t('photo.newPoint', { points: choices.points.length + 1 }), x: toShare(at.x2), y: toShare(at.y2), cross, pin: null }))
}
</script>

<template>
  <Fold :name="$t('photo.keyPoints')" :decided="choices.points.length ? String(choices.points.length) : $t('photo.none')" :open="open">
    <div class="two">
      <button type="button" class="button" @click="add(false)">{{ $t('photo.addAPoint') }}</button>
      <button type="button" class="button" @click="add(true)">{{ $t('photo.addAFocalCross') }}</button>
    </div>
    <p v-if="store.errors.points" class="fault" role="alert">{{ store.errors.points }}</p>
    <div v-for="(point, i) in choices.points" :key="i" class="point" data-test="key-point">
      <TypedInput :label="$t('photo.nameOfPointI', { i: i + 1 })" :field="`points.${i}.name`" :model-value="point.name" @update:model-value="store.decide((c) => c.points[i] && (c.points[i].name = $event))" />
      <template v-if="workings.points[i]">
        <p v-if="workings.points[i].inside"><b>{{ workings.points[i].cell }}</b> <Num :text="$t('photo.paperAndSheetEdge', { across: workings.points[i].across.area.rounded.text, down: workings.points[i].down.area.rounded.text, left: workings.points[i].across.sheet.rounded.text, top: workings.points[i].down.sheet.rounded.text })" /></p>
        <p v-if="workings.points[i].inside && workings.points[i].across.print && workings.points[i].down.print" class="soft"><Num :text="$t('photo.printAcrossDown', { across: workings.points[i].across.print.rounded.text, down: workings.points[i].down.print.rounded.text })" /></p>
        <p v-if="workings.points[i].plotted"><Num :text="$t('photo.plotted', { plotted: workings.points[i].plotted })" /></p>
        <p class="soft"><Num :text="workings.points[i].nearest" /></p>
        <p class="soft"><Num :text="workings.points[i].thirds" /></p>
      </template>
      <template v-if="point.pin">
        <div class="two">
          <TypedInput :label="$t('photo.heldFromTheLeft')" :field="`points.${i}.pin.left`" :model-value="point.pin.left" @update:model-value="store.decide((c) => c.points[i]?.pin && (c.points[i].pin.left = $event))" />
          <TypedInput :label="$t('photo.fromTheTop')" :field="`points.${i}.pin.top`" :model-value="point.pin.top" @update:model-value="store.decide((c) => c.points[i]?.pin && (c.points[i].pin.top = $event))" />
        </div>
        <p v-if="workings.points[i]?.pinned" data-test="pinned"><Num :text="workings.points[i].pinned" /></p>
      </template>
      <div class="row">
        <label><input type="checkbox" :checked="point.cross" @change="store.decide((c) => c.points[i] && (c.points[i].cross = !point.cross))" /> {{ $t('photo.cross') }}</label>
        <button type="button" class="button bare" @click="store.adjust('aim', { x: point.x, y: point.y, at: 'centre' })">{{ $t('photo.centreIt') }}</button>
        <button type="button" class="button bare" @click="store.adjust('aim', { x: point.x, y: point.y, at: 'third' })">{{ $t('photo.onAThird') }}</button>
        <button type="button" class="button bare" @click="store.adjust('aim', { x: point.x, y: point.y, at: 'sheet' })">{{ $t('photo.midSheet') }}</button>
        <button v-if="point.pin" type="button" class="button bare" @click="store.decide((c) => c.points[i] && (c.points[i].pin = null))">{{ $t('photo.letGo') }}</button>
        <button v-else-if="workings.points[i]" type="button" class="button bare" :aria-label="$t('photo.holdItAtAPlace', { name: point.name })" @click="pin(i, workings.points[i])">{{ $t('photo.holdIt') }}</button>
        <button type="button" class="button bare" :aria-label="$t('photo.takeAwayName', { name: point.name })" @click="store.decide((c) => c.points.splice(i, 1))">✕</button>
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
