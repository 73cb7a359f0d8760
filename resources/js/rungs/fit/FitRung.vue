<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Choices, Drawing, Workings } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import LengthInput from '@/ui/LengthInput.vue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import Sums from '@/ui/Sums.vue'

const props = defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const store = useDrawing()
const id = useId()

const slid = computed(() => (props.choices.fit.way === 'inset' ? 'inset' : 'size'))
const percent = computed(() => Math.round(props.choices.fit[slid.value] * 100))
const says = {
  crop: 'Trim the photo to the paper’s shape and fill the paper.',
  inset: 'Keep the whole photo and give up some paper.',
  cells: 'Trim photo and paper both to whole squares; the rest is left.',
  stretch: 'Fill the paper with the whole photo, out of proportion.',
}
const figures = computed(() => {
  const { factor, crop, leftover } = props.workings
  const short = (text: string) => text.replace(/ \(.*/, '')
  return [
    { name: 'scale', text: factor ?? '—' },
    { name: 'trimmed', text: `${Math.round(crop.trimmed_percent * 10) / 10} %` },
    { name: 'left over', text: leftover.width.mm + leftover.height.mm === 0 ? 'nothing' : `${short(leftover.width.text)}, ${short(leftover.height.text)}` },
  ]
})

/** The crop grows and shrinks about its own middle. */
function resize(to: number) {
  const share = to / 100
  void store.preview((choices) => {
    const { crop } = props.workings
    const by = share / choices.fit[slid.value]
    if (slid.value === 'size') {
      choices.fit.left = Math.max(0, crop.left + (crop.share_w * (1 - by)) / 2)
      choices.fit.top = Math.max(0, crop.top + (crop.share_h * (1 - by)) / 2)
    }
    choices.fit[slid.value] = share
  })
}
</script>

<template>
  <h2>Make the two agree</h2>
  <Pick label="How" :model-value="choices.fit.way" :options="{ crop: 'crop', inset: 'inset', cells: 'whole cells' }" @update:model-value="store.decide((c) => (c.fit.way = $event))" />
  <p>{{ says[choices.fit.way] }}</p>
  <dl class="figures" data-test="figures">
    <div v-for="figure in figures" :key="figure.name">
      <dt class="legend">{{ figure.name }}</dt>
      <dd><Num :text="figure.text" /></dd>
    </div>
  </dl>
  <LengthInput v-if="choices.fit.way === 'cells'" label="Cell on the paper" field="cell" :model-value="choices.fit.cell" @update:model-value="store.decide((c) => (c.fit.cell = $event))" />
  <div class="field">
    <span :id="id" class="legend">{{ choices.fit.way === 'inset' ? 'Size along the diagonal' : 'Size of the crop' }}, {{ percent }} %</span>
    <el-slider :model-value="percent" :min="5" :max="100" :show-tooltip="false" :aria-labelledby="id" :aria-label="choices.fit.way === 'inset' ? 'Size along the diagonal' : 'Size of the crop'" @input="resize($event as number)" @change="store.keep()" />
  </div>
  <button v-if="choices.fit.way !== 'inset'" type="button" class="button" @click="store.decide((c) => Object.assign(c.fit, { left: null, top: null }))">Centre the crop</button>
  <Sums :lines="workings.rungs.fit.sums" />
</template>

<style scoped>
.figures {
  display: grid;
  grid-template-columns: auto auto 1fr;
  gap: 4px 18px;
  margin: 0;
}

dd {
  margin: 0;
  font-size: 20px;
  font-weight: 700;
  line-height: 1.2;
}
</style>
