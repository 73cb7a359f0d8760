<script setup lang="ts">
import { computed } from 'vue'
import Num from '@/ui/Num.vue'
import type { BoardProps } from './board'
import MassShapes from './MassShapes.vue'
import PaperExtras from './PaperExtras.vue'
import ShotBoard from './ShotBoard.vue'
import SpanLines from './SpanLines.vue'
import StrokeLines from './StrokeLines.vue'
import { useTones } from '@/stores/tones'
import { caption, cross, cuts, labels, oneLine, overlays, rules, weights } from './paths'
import type { Focus } from './stage'
import Theirs from './Theirs.vue'
import { useLook } from './useLook'
import type { Diagonal } from './usePhotoHand'

/** The sheet, the drawing on it, and the same grid. */
const props = defineProps<
  BoardProps & {
    focus: Focus
    diagonal: Diagonal | null
  }
>()
defineEmits<{ pull: [event: KeyboardEvent] }>()

const { look } = useLook()
const tones = useTones()
const choices = computed(() => props.workings.choices)
const lines = computed(() => props.workings.lines)
const ruled = computed(() => props.grid && !(props.onShot && look.value.lifted))
</script>

<template>
  <g data-test="paper-board">
    <rect
      class="sheet"
      :style="{ fill: workings.paper_colour ?? undefined }"
      :x="stage.sheet.x"
      :y="stage.sheet.y"
      :width="stage.sheet.w"
      :height="stage.sheet.h"
    />
    <rect
      v-if="focus === 'paper' || rung === 'fit'"
      class="usable"
      :x="stage.usable.x"
      :y="stage.usable.y"
      :width="stage.usable.w"
      :height="stage.usable.h"
    />
    <ShotBoard v-if="onShot" :drawing="drawing" :workings="workings" :stage="stage" />
    <rect
      v-if="!ruled || choices.grid.part"
      class="area"
      :stroke-width="ruled ? 1 : 1.5"
      :x="stage.area.x"
      :y="stage.area.y"
      :width="stage.area.w"
      :height="stage.area.h"
      data-test="area-frame"
    />
    <template v-if="ruled">
      <path class="rule guide" :d="rules(lines, stage.area)" :stroke-width="weights[choices.grid.weights.paper]" />
      <path class="rule guide" :d="cuts(workings.divided, stage.area)" stroke-width="0.7" />
      <text
        v-for="label in labels(lines, choices.grid, stage.area, stage.sheet)"
        :key="`${label.x} ${label.y}`"
        class="label guide"
        :x="label.x"
        :y="label.y"
        :text-anchor="label.anchor"
      >
        {{ label.text }}
      </text>
    </template>
    <StrokeLines v-if="rung === 'tone' && tones.hatched && !onShot" :area="stage.area" :lines="lines" :scale="stage.paperScale" />
    <MassShapes v-if="look.masses && drawing.photo" :box="stage.area" />
    <SpanLines v-if="spans.length" :box="stage.area" :spans="spans" />
    <PaperExtras
      v-if="!onShot"
      :stage="stage"
      :workings="workings"
      :drawing="drawing"
      :rung="rung"
      :diagonal="diagonal"
      :overlays="look.lifted ? '' : overlays(lines, stage.area, 'paper')"
      :circle="circle"
      @pull="$emit('pull', $event)"
    />
    <path class="lit" :d="oneLine(lines, way, lit, stage.area)" />
    <path class="cross" :d="cross(point, stage.area)" />
    <Theirs :lines="lines" :box="stage.area" />
    <text
      class="caption"
      v-bind="caption(workings.rungs.paper.brief ?? workings.rungs.paper.decision, stage.sheet, stage)"
      text-anchor="middle"
    >
      <Num svg :text="workings.rungs.paper.brief ?? workings.rungs.paper.decision" />
    </text>
  </g>
</template>

<style scoped src="./board.css"></style>

<style scoped>
.rule.guide {
  stroke: var(--guide);
  stroke-width: 1;
}

.sheet {
  fill: var(--sheet);
  filter: drop-shadow(0 1px 4px var(--shade));
}

.usable {
  fill: none;
  stroke: var(--tick);
  stroke-dasharray: 4 4;
}

.area {
  fill: none;
  stroke: var(--guide);
}

.label.guide {
  fill: #24648f;
}
</style>
