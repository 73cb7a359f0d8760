<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import { useLatest } from '@/api/latest'
import { previewOf } from '@/api/pictures'
import type { Choices, Drawing, Workings } from '@/api/types'
import { t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import Num from '@/ui/Num.vue'

/** Crops side by side as small boards; any can be reopened. */
const props = defineProps<{ choices: Choices; drawing: Drawing; workings: Workings }>()
const store = useDrawing()
const latest = useLatest()
const boards = shallowRef<Workings[]>([])

watch(
  () => JSON.stringify([props.choices.crops, props.choices.paper, props.choices.photo]),
  async () => {
    const asked = props.choices.crops.map((crop) => api.workings(props.drawing.photo, { ...props.choices, fit: crop.fit }).catch(() => null))
    await latest(Promise.all(asked), (fresh) => (boards.value = fresh.filter((one): one is Workings => one !== null)))
  },
  { immediate: true },
)

function keep() {
  store.decide((choices) => {
    const { crop } = props.workings
    choices.crops.push({ name: t('fit.newCrop', { crops: choices.crops.length + 1 }), fit: { ...choices.fit, left: choices.fit.left ?? crop.left.toFixed(6), top: choices.fit.top ?? crop.top.toFixed(6) } })
  })
}

const preview = computed(() => previewOf(props.drawing, props.workings))
</script>

<template>
  <button type="button" class="button" @click="keep">{{ $t('fit.keepThisCrop') }}</button>
  <p v-if="store.errors.crops" class="fault" role="alert">{{ store.errors.crops }}</p>
  <ul v-if="boards.length" class="crops">
    <li v-for="(board, i) in boards" :key="i" data-test="kept-crop">
      <button type="button" class="button bare" :aria-label="$t('fit.reopenName', { name: choices.crops[i]?.name })" @click="store.decide((c) => c.crops[i] && (c.fit = { ...c.crops[i].fit }))">
        <svg :viewBox="`0 0 ${100 * board.crop.share_w * ((board.picture.width ?? 1) / (board.picture.height ?? 1))} ${100 * board.crop.share_h}`" aria-hidden="true">
          <image v-if="preview" :href="preview" :x="-100 * board.crop.left * ((board.picture.width ?? 1) / (board.picture.height ?? 1))" :y="-100 * board.crop.top" :width="100 * ((board.picture.width ?? 1) / (board.picture.height ?? 1))" height="100" preserveAspectRatio="none" />
          <rect v-else width="100%" height="100%" fill="#fffefa" />
        </svg>
      </button>
      <span class="soft"><Num :text="board.trimming" /></span>
      <button type="button" class="button bare" :aria-label="$t('fit.takeAwayName', { name: choices.crops[i]?.name })" @click="store.decide((c) => c.crops.splice(i, 1))">✕</button>
    </li>
  </ul>
</template>

<style scoped>
.crops {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  flex-direction: column;
  font-size: 0.875rem;
  line-height: 1.25;
}

.button:first-child {
  padding: 0;
}

svg {
  max-width: 100%;
  height: 90px;
  box-shadow: 0 1px 4px var(--shade);
}

li > .button:last-child {
  align-self: flex-end;
}
</style>
