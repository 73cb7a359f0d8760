<script setup lang="ts">
import { onUnmounted, ref } from 'vue'
import { useLook } from '@/boards/useLook'
import type { Drawing, Workings } from '@/api/types'
import { t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import { useTones } from '@/stores/tones'
import { useTool } from '@/stores/tool'
import Check from '@/ui/Check.vue'
import Fold from '@/ui/Fold.vue'

/** The colour of a place with nothing beside it: in words and numbers, across the circle, in the nearest pencils that are owned, in grey. */
const props = defineProps<{ drawing: Drawing; workings: Workings }>()
const store = useDrawing()
const tones = useTones()
const tool = useTool()
const { look } = useLook()
const asking = ref(false)

async function ask() {
  asking.value = true
  for (;;) {
    const at = await tool.ask('point', t('tone.pointAtAPlaceEscapeEnds'))
    if (!at) break
    const { crop } = props.workings
    await tones.colour((at.x1 - crop.left) / crop.share_w, (at.y1 - crop.top) / crop.share_h).catch((error: Error) => (store.trouble = error.message))
  }
  asking.value = false
}
onUnmounted(() => (look.value.strong = false))
</script>

<template>
  <Fold :name="$t('tone.whatColourIsIt')" :decided="tones.coloured?.words ?? ''">
    <Check v-model="look.strong">{{ $t('tone.strongerColours') }}</Check>
    <button type="button" class="button" :aria-pressed="asking" data-test="ask-colour" @click="asking ? tool.finish(null) : ask()">{{ asking ? $t('tone.layItDown') : $t('tone.pointAtAColour') }}</button>
    <div v-if="tones.coloured" class="colour" data-test="colour">
      <div class="pair" :style="{ background: tones.coloured.ground }"><span :style="{ background: tones.coloured.colour }" /><span :style="{ background: tones.coloured.stronger }" /></div>
      <p><b>{{ tones.coloured.words }}</b> <span class="soft">{{ tones.coloured.numbers }}; {{ $t('tone.onYourPaper') }}</span></p>
      <div class="pair small" :style="{ background: tones.coloured.ground }"><span :style="{ background: tones.coloured.complement }" /></div>
      <p>{{ tones.coloured.across }}</p>
      <template v-if="tones.coloured.near.length">
        <h3>{{ $t('tone.nearestOfYours') }}</h3>
        <template v-for="one in tones.coloured.near" :key="one.words">
          <div class="pair small" :style="{ background: tones.coloured.ground }"><span :style="{ background: tones.coloured.colour }" /><span :style="{ background: one.colour }" /></div>
          <p data-test="near">{{ one.words }}</p>
        </template>
      </template>
      <template v-if="tones.coloured.greys.length">
        <h3>{{ $t('tone.asDarkInGrey') }}</h3>
        <template v-for="one in tones.coloured.greys" :key="one.words">
          <div class="pair small" :style="{ background: tones.coloured.ground }"><span :style="{ background: one.colour }" /></div>
          <p>{{ one.words }}</p>
        </template>
      </template>
      <p v-for="note in tones.coloured.notes" :key="note" class="soft">{{ note }}</p>
    </div>
    <router-link class="button bare" :to="{ name: 'settings', query: { of: drawing.id } }">{{ $t('settings.yourPencils') }}</router-link>
  </Fold>
</template>

<style scoped>
.colour {
  display: grid;
  gap: 6px;
}

/* Large, on the paper's own colour, and with nothing else beside it: an eye judges a colour by its neighbours. */
.pair {
  display: flex;
  justify-content: center;
  padding: 22px;
  border: 1px solid var(--tick);
}

.pair span {
  width: 76px;
  height: 60px;
}

.pair.small {
  padding: 10px;
}

.pair.small span {
  height: 34px;
}

h3 {
  margin: 6px 0 0;
  font-size: 0.9375rem;
}
</style>
