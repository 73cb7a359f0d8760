<script setup lang="ts">
import { reactive, ref, useId, watch } from 'vue'
import { api } from '@/api/client'
import type { Workings } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import { useShots } from '@/stores/shots'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import { useAsked } from '../useAsked'

/** Checked before anything is drawn on the marks: the diagonals, and the ticks measured back. */
const props = defineProps<{ workings: Workings; way: 'across' | 'down' }>()
const id = useId()
const store = useDrawing()
const frame = reactive({ which: 'drawing' as 'drawing' | 'sheet' | 'print', falling: '', rising: '', top: '', bottom: '', left: '', right: '' })
const sides = ['falling', 'rising', 'top', 'bottom', 'left', 'right'] as const
const square = useAsked((photo, choices) => api.square(photo, choices, frame))
const ticks = reactive<Record<number, string>>({})
const measured = useAsked((photo, choices) => api.measured(photo, choices, props.way, ticks))
/** What was read off the last shot, said of it. */
const seen = ref('')
const shots = useShots()
async function readOff() {
  if (!store.drawing || !shots.latest) return
  const lines = await api.ruledLines(store.drawing.id, shots.latest.id).catch((error: Error) => (seen.value = error.message, null))
  if (!lines) return
  seen.value = lines.says
  for (const { line, at } of lines[props.way]) ticks[line] = at
}
/** The lines stay as they were ruled; the reference's guides move to match. */
function follow() {
  void store.adjust('ruled', { way: props.way, ticks: { ...ticks } })
}
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
    <Fold :name="$t('marks.isTheFrameSquare')" @opened="square.ask">
      <p class="soft">{{ $t('marks.beforeDrawingOnItMeasureCorner') }}</p>
      <Pick v-model="frame.which" :label="$t('marks.whatWasMeasured')" :options="{ drawing: $t('marks.theFrame'), sheet: $t('marks.theSheet'), ...(workings.print ? { print: $t('marks.thePrint') } : {}) }" @update:model-value="square.ask" />
      <div class="two">
        <div v-for="side in sides" :key="side" class="field"><label :for="`${id}-${side}`">{{ $t(`marks.measuredSides.${side}`) }}</label><el-input :id="`${id}-${side}`" v-model="frame[side]" autocomplete="off" @change="square.ask" /></div>
      </div>
      <p v-if="square.fault.value" class="fault" role="alert">{{ square.fault.value }}</p>
      <div v-else-if="square.answer.value" :class="{ wrong: !square.answer.value.good }" data-test="square">
        <p v-for="line in square.answer.value.sentences" :key="line"><Num :text="line" /></p>
      </div>
    </Fold>
    <Fold :name="$t('marks.measuredBack')">
      <p class="soft">{{ $t(`marks.whereTheTicks.${way}`) }}</p>
      <button v-if="shots.latest" type="button" class="button" data-test="read-off" @click="readOff">{{ $t('marks.readThemOffTheShot') }}</button>
      <p v-if="seen" class="soft" role="status">{{ seen }}</p>
      <div class="ticks">
        <div v-for="mark in workings[way]" :key="mark.line" class="field">
          <label :for="`${id}-${mark.line}`"><Num :text="$t('marks.lineAt', { line: mark.line, sheet: mark.sheet.rounded.text })" /></label>
          <el-input :id="`${id}-${mark.line}`" v-model="ticks[mark.line]" autocomplete="off" />
        </div>
      </div>
      <button type="button" class="button" @click="measured.ask">{{ $t('marks.checkThem') }}</button>
      <p v-if="measured.fault.value" class="fault" role="alert">{{ measured.fault.value }}</p>
      <div v-else-if="measured.answer.value" :class="{ wrong: !measured.answer.value.good }" data-test="measured">
        <p v-for="line in measured.answer.value.sentences" :key="line"><Num :text="line" /></p>
        <p v-if="!measured.answer.value.good"><button type="button" class="button" data-test="follow" @click="follow">{{ $t('marks.doNotRuleAgainLet') }}</button></p>
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
