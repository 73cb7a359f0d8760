<script setup lang="ts">
import type { Choices, Workings } from '@/api/types'
import { t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import { useSuggested } from '@/stores/suggested'
import { useTool } from '@/stores/tool'
import Fold from '@/ui/Fold.vue'
import TypedInput from '@/ui/TypedInput.vue'
import Num from '@/ui/Num.vue'
import { toShare } from '@/ui/shares'
import Check from '@/ui/Check.vue'

/** Named places on the picture: where they are on both boards, from the lines and from the thirds; a focal cross through those that must be exact. With `measuring` the drawing’s own places are typed beside them. */
defineProps<{ choices: Choices; workings: Workings; open?: boolean; measuring?: boolean }>()
const store = useDrawing()
const tool = useTool()
const suggested = useSuggested()

/** Held where it lies now, to be moved from there; only one point can be. */
function pin(i: number, at: Workings['points'][number]) {
  store.decide((choices) => choices.points.forEach((point, other) => (point.pin = other === i ? { left: at.across.sheet.rounded.text, top: at.down.sheet.rounded.text } : null)))
}

/** What the ruler told of a point on the drawing: one reading, or two. */
function measured(i: number, reading: { left?: string | null; top?: string | null }) {
  store.decide((choices) => {
    const point = choices.points[i]
    if (point) point.drawn = { left: null, top: null, ...point.drawn, ...reading }
  })
}

async function add(cross: boolean) {
  const at = await tool.ask('point', cross ? t('photo.pointAtWhatMustBeExact') : t('photo.pointAtAPlace'))
  if (at) store.decide((choices) => choices.points.push({ name: t('photo.newPoint', { points: choices.points.length + 1 }), x: toShare(at.x2), y: toShare(at.y2), cross, firm: false, critical: false, drawn: null, pin: null }))
}
</script>

<template>
  <Fold :name="$t('photo.keyPoints')" :decided="choices.points.length ? String(choices.points.length) : $t('photo.none')" :open="open">
    <div class="two">
      <button type="button" class="button" @click="add(false)">{{ $t('photo.addAPoint') }}</button>
      <button type="button" class="button" @click="add(true)">{{ $t('photo.addAFocalCross') }}</button>
    </div>
    <button v-if="store.drawing?.photo" type="button" class="button" :disabled="suggested.asking" @click="suggested.ask">{{ $t('photo.suggestPoints') }}</button>
    <p v-if="suggested.places?.length === 0" class="soft" data-test="suggested">{{ $t('photo.everyLongStretchIsHeld') }}</p>
    <ul v-if="suggested.places && suggested.places.length > 0" class="suggested" data-test="suggested">
      <li v-for="(place, i) in suggested.places" :key="`${place.x} ${place.y}`"><span>{{ i + 1 }} · <b>{{ place.cell }}</b> <Num :text="place.nearest" /></span><button type="button" class="button" @click="suggested.take(place)">{{ $t('photo.takeIt') }}</button></li>
    </ul>
    <table v-if="choices.points.length > 1" class="listed points" data-test="points-table">
      <thead><tr><th>{{ $t('photo.point') }}</th><th>{{ $t('photo.onThePaper') }}</th><th v-if="workings.points.some((one) => one.across.print)">{{ $t('photo.onThePrint') }}</th><th>{{ $t('photo.measures') }}</th></tr></thead>
      <tbody>
        <tr v-for="(one, i) in workings.points" :key="i" :class="{ firm: one.firm }">
          <th scope="row">{{ one.name }}<small>{{ one.cell }}</small></th>
          <template v-if="one.inside"><td><Num :text="`${one.across.area.rounded.text}, ${one.down.area.rounded.text}`" /></td><td v-if="one.across.print && one.down.print"><Num :text="`${one.across.print.rounded.text}, ${one.down.print.rounded.text}`" /></td><td>{{ one.measures }}</td></template>
          <td v-else colspan="3" class="soft">{{ one.nearest }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="store.errors.points" class="fault" role="alert">{{ store.errors.points }}</p>
    <div v-for="(point, i) in choices.points" :key="i" class="entry" data-test="key-point">
      <TypedInput :label="$t('photo.nameOfPointI', { i: i + 1 })" :field="`points.${i}.name`" :model-value="point.name" @update:model-value="store.decide((c) => c.points[i] && (c.points[i].name = $event))" />
      <template v-if="workings.points[i]">
        <p v-if="workings.points[i].inside"><b>{{ workings.points[i].cell }}</b> <Num :text="$t('photo.paperAndSheetEdge', { across: workings.points[i].across.area.rounded.text, down: workings.points[i].down.area.rounded.text, left: workings.points[i].across.sheet.rounded.text, top: workings.points[i].down.sheet.rounded.text })" /></p>
        <p v-if="workings.points[i].inside && workings.points[i].across.print && workings.points[i].down.print" class="soft"><Num :text="$t('photo.printAcrossDown', { across: workings.points[i].across.print.rounded.text, down: workings.points[i].down.print.rounded.text })" /></p>
        <p v-if="workings.points[i].plotted"><Num :text="$t('photo.plotted', { plotted: workings.points[i].plotted })" /></p>
        <p class="soft"><Num :text="workings.points[i].nearest" /></p>
        <p class="soft"><Num :text="workings.points[i].thirds" /></p>
      </template>
      <div v-if="measuring" class="two">
        <TypedInput :label="$t('check.cameOutFromTheLeft')" :field="`points.${i}.drawn.left`" :model-value="point.drawn?.left ?? null" :hint="$t('check.notMeasured')" @update:model-value="measured(i, { left: $event || null })" />
        <TypedInput :label="$t('check.fromTheTop')" :field="`points.${i}.drawn.top`" :model-value="point.drawn?.top ?? null" :hint="$t('check.notMeasured')" @update:model-value="measured(i, { top: $event || null })" />
      </div>
      <template v-if="measuring"><p v-for="place in workings.check.places.filter((one) => one.index === i)" :key="place.index" :class="place.within ? 'passes' : 'fault'" data-test="by-ruler">{{ place.within ? '✓' : '✗' }} <Num :text="place.says" /> <Num :text="place.amounts" /></p></template>
      <template v-if="point.pin">
        <div class="two">
          <TypedInput :label="$t('photo.heldFromTheLeft')" :field="`points.${i}.pin.left`" :model-value="point.pin.left" @update:model-value="store.decide((c) => c.points[i]?.pin && (c.points[i].pin.left = $event))" />
          <TypedInput :label="$t('photo.fromTheTop')" :field="`points.${i}.pin.top`" :model-value="point.pin.top" @update:model-value="store.decide((c) => c.points[i]?.pin && (c.points[i].pin.top = $event))" />
        </div>
        <p v-if="workings.points[i]?.pinned" data-test="pinned"><Num :text="workings.points[i].pinned" /></p>
      </template>
      <div class="row">
        <Check :model-value="point.firm" @update:model-value="store.decide((c) => c.points[i] && (c.points[i].firm = $event))">{{ $t('photo.firm') }}</Check>
        <Check :model-value="point.cross" @update:model-value="store.decide((c) => c.points[i] && (c.points[i].cross = $event))">{{ $t('photo.cross') }}</Check>
        <Check :model-value="point.critical" @update:model-value="store.decide((c) => c.points[i] && (c.points[i].critical = $event))">{{ $t('photo.critical') }}</Check>
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
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 8px;
}

.row .button {
  padding: 5px 7px;
}

.suggested {
  margin: 0;
  padding: 0;
  list-style: none;
}

.suggested li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  padding: 2px 0;
}

.suggested .button {
  flex: none;
}

.points {
  table-layout: fixed;
  overflow-wrap: anywhere;
}

.points .firm th {
  font-weight: 700;
}

.points small {
  margin-left: 6px;
  color: var(--soft);
  font-weight: 400;
}

.row .check {
  margin-right: auto;
}
</style>
