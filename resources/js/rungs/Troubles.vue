<script setup lang="ts">
import { useDrawing } from '@/stores/drawing'
import Callout from '@/ui/Callout.vue'
import Num from '@/ui/Num.vue'

/** What the server had to say that belongs beside no single field. */
const store = useDrawing()
</script>

<template>
  <Callout v-if="store.stale" data-test="stale">
    <p>{{ store.stale.message }}</p>
    <button type="button" class="button" @click="store.takeTheirs()">Take those changes</button>
    <button type="button" class="button" @click="store.putMineOnTop()">Put mine on top</button>
  </Callout>
  <Callout v-if="store.drawing && store.drawing.kept > 0 && store.rung !== null" tone="calm">{{ store.drawing.kept === 1 ? 'One place that was noted before is' : `${store.drawing.kept} places that were noted before are` }} no whole cell of this crop and grid: kept with the picture, and back when a cell lies there again, or by undo.</Callout>
  <Callout v-if="store.said" tone="calm" data-test="said">
    <p><Num :text="store.said" /></p>
    <button v-if="store.touched && store.drawing?.undo" type="button" class="button" @click="store.step('undo')">As it was before</button>
  </Callout>
  <Callout v-if="store.trouble" data-test="trouble">
    <p>{{ store.trouble }}</p>
    <button v-if="store.state === 'unsaved'" type="button" class="button" @click="store.keep()">Try again</button>
  </Callout>
</template>
