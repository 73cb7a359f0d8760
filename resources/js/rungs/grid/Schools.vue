<script setup lang="ts">
import { api } from '@/api/client'
import type { Choices } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import Num from '@/ui/Num.vue'
import { useAsked } from '../useAsked'

/** What each school costs on this drawing, and what is said for it and against it. */
const props = defineProps<{ choices: Choices }>()
const store = useDrawing()
const schools = useAsked(api.schools)
void schools.ask()

function take(school: string) {
  const { way } = props.choices.fit
  void store.adjust('way', { way: way === 'cells' ? 'crop' : way, school })
}
const on = (school: string) => props.choices.fit.way !== 'cells' && school === props.choices.grid.school
</script>

<template>
  <p class="soft">{{ $t('grid.setUpTimesAreCommonPractice') }}</p>
  <p v-if="schools.fault.value" class="fault">{{ schools.fault.value }}</p>
  <div v-for="one in schools.answer.value ?? []" :key="one.school" class="offer" :class="{ on: on(one.school) }" data-test="school">
    <button type="button" class="button bare" :aria-pressed="on(one.school)" @click="take(one.school)">{{ one.name }}</button>
    <p v-if="one.trouble" class="fault">{{ one.trouble }}</p>
    <template v-else>
      <p>{{ $t('grid.linesCellsTime', { lines: one.lines, one: one.cells, time: one.time }) }}</p>
      <p><Num :text="$t('grid.largestCell', { largest: one.largest })" /></p>
      <p class="soft">{{ $t('grid.for', { for: one.for }) }}</p>
      <p class="soft">{{ $t('grid.against', { against: one.against }) }}</p>
    </template>
  </div>
</template>
