<script setup lang="ts">
import { reactive, useId, watch } from 'vue'
import { api } from '@/api/client'
import type { Workings } from '@/api/types'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'
import { useAsked } from '../useAsked'

/** Checked before anything is drawn on the marks: the diagonals, and the ticks measured back. */
const props = defineProps<{ workings: Workings; way: 'across' | 'down' }>()
const id = useId()
const diagonals = reactive({ falling: '', rising: '' })
const square = useAsked((photo, choices) => api.square(photo, choices, diagonals.falling, diagonals.rising))
const ticks = reactive<Record<number, string>>({})
const measured = useAsked((photo, choices) => api.measured(photo, choices, props.way, ticks))
watch(
  () => props.way,
  () => {
    for (const line of Object.keys(ticks)) delete ticks[Number(line)]
    measured.answer.value = null
    measured.fault.value = ''
  },
)
</script>

<template>
  <div>
    <Fold name="Is the frame square?" @opened="square.ask">
      <p class="soft">Measure both diagonals of the frame on the paper before drawing on it.</p>
      <div class="two">
        <div class="field"><label :for="`${id}-f`">Falling to the right</label><el-input :id="`${id}-f`" v-model="diagonals.falling" autocomplete="off" placeholder="13 1/4 in" @change="square.ask" /></div>
        <div class="field"><label :for="`${id}-r`">Rising to the right</label><el-input :id="`${id}-r`" v-model="diagonals.rising" autocomplete="off" placeholder="13 1/4 in" @change="square.ask" /></div>
      </div>
      <p v-if="square.fault.value" class="fault" role="alert">{{ square.fault.value }}</p>
      <div v-else-if="square.answer.value" :class="{ wrong: !square.answer.value.good }" data-test="square">
        <p v-for="line in square.answer.value.sentences" :key="line"><Num :text="line" /></p>
      </div>
    </Fold>
    <Fold name="Measured back">
      <p class="soft">Where the ticks {{ way === 'down' ? 'down the side' : 'across the top' }} really are, from the sheet’s edge. Two at least; three tell a stretch from a slip.</p>
      <div class="ticks">
        <div v-for="mark in workings[way]" :key="mark.line" class="field">
          <label :for="`${id}-${mark.line}`">line {{ mark.line }}, <Num :text="mark.sheet.rounded.text" /></label>
          <el-input :id="`${id}-${mark.line}`" v-model="ticks[mark.line]" autocomplete="off" />
        </div>
      </div>
      <button type="button" class="button" @click="measured.ask">check them</button>
      <p v-if="measured.fault.value" class="fault" role="alert">{{ measured.fault.value }}</p>
      <div v-else-if="measured.answer.value" :class="{ wrong: !measured.answer.value.good }" data-test="measured">
        <p v-for="line in measured.answer.value.sentences" :key="line"><Num :text="line" /></p>
      </div>
    </Fold>
  </div>
</template>

<style scoped>
.ticks {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 10px;
  max-height: 320px;
  overflow-y: auto;
}

.wrong {
  border-left: 4px solid #b3321f;
  padding-left: 10px;
}

.wrong p + p {
  margin-top: 6px;
}
</style>
