<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { api } from '@/api/client'
import { previewOf } from '@/api/pictures'
import type { Choices, Drawing, Proposal, Workings } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import Num from '@/ui/Num.vue'
import { useAsked } from '../useAsked'
import Check from '@/ui/Check.vue'

/** Plans whose cells are easy on both rulers, the best six as small pictures, the rest on request. */
const props = defineProps<{ choices: Choices; drawing: Drawing; workings: Workings }>()
const store = useDrawing()
const SHOWN = 6

const demands = reactive({ never_trim: false, whole_sheet: false, most_lines: '', least_cell: '' })
const all = ref(false)
const plans = useAsked((photo, choices) => api.plans(photo, choices, demands))
void plans.ask()
const shown = computed(() => (plans.fault.value ? [] : (plans.answer.value ?? []).slice(0, all.value ? undefined : SHOWN)))
const preview = computed(() => previewOf(props.drawing, props.workings))

/** The sheet, the drawing on it and its cells, as a small picture. */
function picture(plan: Proposal) {
  const { usable, sheet } = props.workings
  const cell = plan.paper_cell.mm
  const [w, h] = [cell * plan.columns, cell * plan.rows]
  const [x, y] = [usable.left.mm + (usable.width.mm - w) / 2, usable.top.mm + (usable.height.mm - h) / 2]
  const across = Array.from({ length: plan.columns + 1 }, (_, i) => `M${x + i * cell} ${y}v${h}`)
  const down = Array.from({ length: plan.rows + 1 }, (_, i) => `M${x} ${y + i * cell}h${w}`)
  return { box: `0 0 ${sheet.width.mm} ${sheet.height.mm}`, x, y, w, h, rules: [...across, ...down].join('') }
}

function take(plan: Proposal) {
  void store.adjust('plan', { paper_cell: `${plan.paper_cell.exact} mm`, photo_cell: plan.photo_cell ? `${plan.photo_cell.exact} mm` : '', columns: plan.columns, rows: plan.rows, turn: plan.turn })
}
</script>

<template>
  <fieldset class="demands">
    <legend class="unseen">{{ $t('planner.whatAPlanMustBeLike') }}</legend>
    <Check v-model="demands.never_trim" @update:model-value="plans.ask">{{ $t('planner.neverTrim') }}</Check>
    <Check v-model="demands.whole_sheet" @update:model-value="plans.ask">{{ $t('planner.useTheWholeSheet') }}</Check>
    <label class="field"><span class="legend">{{ $t('planner.atMostSoManyLines') }}</span><el-input v-model="demands.most_lines" :aria-label="$t('planner.atMostSoManyLines')" inputmode="numeric" :placeholder="$t('planner.any')" autocomplete="off" @change="plans.ask" /></label>
    <label class="field"><span class="legend">{{ $t('planner.cellsAtLeast') }}</span><el-input v-model="demands.least_cell" :aria-label="$t('planner.cellsAtLeast')" :placeholder="$t('planner.any')" autocomplete="off" @change="plans.ask" /></label>
  </fieldset>
  <p v-if="plans.fault.value" class="fault" role="alert" data-test="no-plan">{{ plans.fault.value }}</p>
  <ol class="plans">
    <li v-for="plan in shown" :key="plan.rank" data-test="plan">
      <button type="button" class="button bare" :aria-label="$t('planner.takePlan', { rank: plan.rank, sentence: plan.sentence })" @click="take(plan)">
        <svg :viewBox="picture(plan).box" aria-hidden="true">
          <rect class="sheet" width="100%" height="100%" />
          <image v-if="preview" :href="preview" :x="picture(plan).x" :y="picture(plan).y" :width="picture(plan).w" :height="picture(plan).h" preserveAspectRatio="xMidYMid slice" />
          <path class="rule" :d="picture(plan).rules" />
        </svg>
        <span><Num :text="plan.sentence" /></span>
      </button>
    </li>
  </ol>
  <button v-if="plans.answer.value && plans.answer.value.length > SHOWN && !plans.fault.value" type="button" class="button" @click="all = !all">{{ all ? $t('planner.onlyTheBestSix') : $t('planner.theOthers', { SHOWN: plans.answer.value.length - SHOWN }) }}</button>
</template>

<style scoped>
fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}

.demands {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 10px;
}

.plans {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 6px;
}

.plans .button {
  display: grid;
  grid-template-columns: 92px 1fr;
  gap: 12px;
  width: 100%;
  padding: 6px;
  text-align: left;
  font-weight: 400;
  border: 1px solid var(--rule);
}

.plans .button:hover {
  border-color: var(--graphite);
  color: var(--sheet-ink);
}

svg {
  max-width: 92px;
  max-height: 104px;
}

.sheet {
  fill: #fffefa;
  stroke: #8d8577;
  stroke-width: 1;
  vector-effect: non-scaling-stroke;
}

.rule {
  fill: none;
  stroke: #79add9;
  stroke-width: 1;
  vector-effect: non-scaling-stroke;
}
</style>
