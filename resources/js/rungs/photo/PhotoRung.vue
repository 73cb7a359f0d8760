<script setup lang="ts">
import type { Choices, Drawing, Workings } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import Callout from '@/ui/Callout.vue'
import LengthInput from '@/ui/LengthInput.vue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import Sums from '@/ui/Sums.vue'

defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const store = useDrawing()

function side(which: 'width' | 'height', typed: string) {
  store.decide((choices) => Object.assign(choices.photo, { [which]: typed, agreed: false }))
}
</script>

<template>
  <h2>What you copy from</h2>
  <Pick label="The photo is" :model-value="choices.photo.kind" :options="{ screen: 'on a screen', print: 'a print' }" @update:model-value="store.decide((c) => (c.photo.kind = $event))" />
  <template v-if="choices.photo.kind === 'print'">
    <div class="two">
      <LengthInput label="Width, measured" field="photo.width" :model-value="choices.photo.width" hint="5 in" @update:model-value="side('width', $event)" />
      <LengthInput label="Height, measured" field="photo.height" :model-value="choices.photo.height" hint="7 in" @update:model-value="side('height', $event)" />
    </div>
    <Callout v-if="workings.mismatch && !choices.photo.agreed" data-test="mismatch">
      <p>{{ workings.mismatch.sentence }}</p>
      <button type="button" class="button" @click="side('height', workings.mismatch.height_for_width.text.replace(/ \(.*/, ''))"><span>Make the height <Num :text="workings.mismatch.height_for_width.text.replace(/ \(.*/, '')" /></span></button>
      <button type="button" class="button" @click="side('width', workings.mismatch.width_for_height.text.replace(/ \(.*/, ''))"><span>Make the width <Num :text="workings.mismatch.width_for_height.text.replace(/ \(.*/, '')" /></span></button>
      <button type="button" class="button" @click="store.decide((c) => (c.photo.agreed = true))">Keep my size</button>
    </Callout>
    <p class="soft">Mark up a copy, never a print you cherish.</p>
  </template>
  <Sums :lines="workings.rungs.photo.sums" />
</template>
