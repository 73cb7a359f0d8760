<script setup lang="ts">
import { computed } from 'vue'
import type { Choices, Drawing, MarkRow, Workings } from '@/api/types'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import Cautions from '../Cautions.vue'
import StepTitle from '../StepTitle.vue'
import Worked from '../Worked.vue'
import GuidePencil from './GuidePencil.vue'
import MarkChecks from './MarkChecks.vue'
import SideShares from './SideShares.vue'

const props = defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const way = defineModel<'across' | 'down'>('way', { required: true })
const lit = defineModel<number | null>('lit', { required: true })

const rows = computed(() => props.workings[way.value === 'down' ? 'rows_down' : 'rows_across'])
const chosen = computed(() => rows.value.find((row) => row.line === lit.value))

function off(row: MarkRow) {
  return [row.print, row.area, row.sheet].some((reading) => reading !== null && reading.error_mm !== 0)
}
</script>

<template>
  <StepTitle step="marks">{{ $t('marks.whereEachMarkGoes') }}</StepTitle>
  <p class="result"><Num :text="workings.rungs.marks.decision" /></p>
  <p>{{ $t('next.marks') }}</p>
  <router-link class="button" :to="{ name: 'print', params: { id: drawing.id } }">{{ $t('marks.printTheNumbers') }}</router-link>
  <div>
    <Fold
      group="marks numbers"
      :name="$t('marks.allNumbers')"
      :decided="way === 'down' ? $t('marks.marksDownTheSide') : $t('marks.marksAcrossTheTop')"
    >
      <Pick v-model="way" :label="$t('marks.whichEdge')" :options="{ down: $t('marks.down'), across: $t('marks.across') }" />
      <table data-test="marks">
        <thead>
          <tr>
            <th scope="col">{{ $t('marks.line') }}</th>
            <th scope="col">{{ $t('marks.photo') }}</th>
            <th scope="col">{{ $t('marks.area') }}</th>
            <th scope="col">{{ $t('marks.sheetEdge') }}</th>
            <th scope="col">
              <span class="unseen">{{ $t('marks.rounded') }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="row in rows"
            :key="row.name"
            :class="{ lit: row.line !== null && lit === row.line, finer: row.line === null }"
            @pointerenter="row.line !== null && (lit = row.line)"
          >
            <th scope="row">
              <span v-if="row.line === null" class="soft"><Num :text="row.name" /></span>
              <button
                v-else
                type="button"
                :aria-pressed="lit === row.line"
                :aria-label="$t('marks.oneLine', { line: row.line })"
                @click="lit = row.line"
                @focus="lit = row.line"
              >
                {{ row.line }}
              </button>
            </th>
            <td><Num :text="row.print?.rounded.amount ?? '–'" /></td>
            <td><Num :text="row.area.rounded.amount" /></td>
            <td class="sheet"><Num :text="row.sheet.rounded.amount" /></td>
            <td class="off">{{ off(row) ? '≈' : '' }}</td>
          </tr>
        </tbody>
      </table>
      <dl v-if="chosen" class="exact" data-test="exact">
        <template
          v-for="[name, reading] in [
            [$t('marks.photo'), chosen.print],
            [$t('marks.area'), chosen.area],
            [$t('marks.sheetEdge'), chosen.sheet],
          ] as const"
          :key="name"
        >
          <template v-if="reading">
            <dt class="legend">{{ name }}</dt>
            <dd>
              <Num :text="reading.exactly" />
              <span v-if="reading.error_mm !== 0" class="soft">
                <Num :text="$t('marks.readingIsError', { reading: reading.rounded.amount, error: reading.error })" />
              </span>
              <span v-else class="soft">{{ $t('marks.onTheRuler') }}</span>
            </dd>
          </template>
        </template>
        <template v-if="chosen.stepped">
          <dt class="legend">{{ $t('marks.stepped') }}</dt>
          <dd class="soft"><Num :text="$t('marks.steppingTheFirstCellAlongWould', { stepped: chosen.stepped })" /></dd>
        </template>
      </dl>
      <p v-else class="soft">{{ $t('marks.pointAtALine') }}</p>
    </Fold>
    <Fold group="marks check" :name="$t('marks.checkMyMarks')"><MarkChecks :workings="workings" :way="way" /></Fold>
    <Fold group="marks dividers" :name="$t('marks.dividersAndFractions')">
      <Fold v-if="workings.reaches.length > 0" :name="$t('marks.pointsByDividers')" :decided="String(workings.reaches.length)">
        <p class="soft">{{ $t('marks.theShortestReachFirst') }}</p>
        <Cautions :cautions="workings.cautions.dividers ?? []" />
        <ol class="reaches" data-test="reaches">
          <li v-for="one in workings.reaches" :key="one.name">
            <b>{{ one.name }}</b> <Num :text="one.reach" /><template v-if="one.arcs">; <Num :text="one.arcs" /></template>
          </li>
        </ol>
      </Fold>
      <SideShares :drawing="drawing" />
    </Fold>
    <Fold group="marks pencil" :name="$t('marks.pencilForTheLines')"><GuidePencil :workings="workings" /></Fold>
    <Worked :lines="workings.rungs.marks.sums" />
  </div>
</template>

<style scoped>
.reaches {
  display: grid;
  gap: 6px;
  margin: 0;
  padding-left: 22px;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 1.0625rem;
}

th,
td {
  padding: 2px 4px;
  border-bottom: 1px solid var(--rule);
  text-align: right;
  font-weight: 400;
  white-space: nowrap;
}

thead th {
  vertical-align: bottom;
  white-space: normal;
  overflow-wrap: anywhere;
  font-size: 0.875rem;
  color: var(--soft);
}

thead th:first-child {
  white-space: nowrap;
}

tbody th {
  padding: 0;
  color: var(--soft);
}

tbody button {
  width: 100%;
  min-height: 30px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: right;
  padding-right: 8px;
  cursor: pointer;
}

.sheet {
  font-weight: 600;
}

.lit :is(td, th) {
  color: var(--red);
  font-weight: 700;
}

.off {
  color: var(--soft);
  width: 18px;
}

.exact {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 12px;
  margin: 0;
  line-height: 1.3;
}

dd {
  margin: 0;
}

@media (pointer: coarse) {
  tbody button {
    min-height: var(--target);
  }
}
</style>
