<script setup lang="ts">
import { computed, onUnmounted, ref, watch, type Component } from 'vue'
import Boards from '@/boards/Boards.vue'
import { t } from '@/lang'
import SetCorners from './check/SetCorners.vue'
import { useShotInAddress } from './check/useShotInAddress'
import Verdict from './check/Verdict.vue'
import MarksRung from './marks/MarksRung.vue'
import SquareUp from './photo/SquareUp.vue'
import NextButton from './NextButton.vue'
import RungPage from './RungPage.vue'
import { boardRungs, takesShot, type BoardRung } from './rungs'
import { useSquaring } from '@/stores/squaring'
import { useTones } from '@/stores/tones'
import { useShots } from '@/stores/shots'
import { useTool } from '@/stores/tool'
import { toNumber, toShare } from '@/ui/shares'
import { useNext } from './useNext'
import { useOpenDrawing } from './useOpenDrawing'
import { useSitting } from './useSitting'

const props = defineProps<{ id: string; rung: BoardRung }>()

/** Panels by their rung's key: `./photo/PhotoRung.vue`. */
const panels = Object.fromEntries(
  Object.entries(import.meta.glob<Component>(['./*/*Rung.vue', '!./copy/*'], { eager: true, import: 'default' })).map(([path, panel]) => [
    path.split('/')[1],
    panel,
  ]),
)

const about = computed(() => boardRungs.find((rung) => rung.key === props.rung) ?? boardRungs[0]!)
const store = useOpenDrawing(
  () => props.id,
  () => t(`rung.${about.value.key}`),
)
useSitting(() => props.rung)
const tool = useTool()
const tones = useTones()
const shots = useShots()
const squaring = useSquaring()
useShotInAddress(() => props.rung)
/** The sheet that was photographed is what the page is about. */
const onShot = computed(() => takesShot(props.rung) && shots.shot !== null)
const page = computed(() => about.value.boards!)
const next = useNext(() => props.rung)

const lit = ref<number | null>(null)
const way = ref<'across' | 'down'>('down')
watch([() => props.rung, () => way.value], () => (lit.value = null))

/** A main dividing line was pulled from one share to another. */
function pullLine(which: 'across' | 'down', from: number, to: number) {
  void store.preview((choices) => {
    const lines = choices.grid[`main_${which}`]
    const nearest = lines.reduce(
      (best, share, i) => (Math.abs(toNumber(share) - from) < Math.abs(toNumber(lines[best] ?? '9') - from) ? i : best),
      0,
    )
    lines[nearest] = toShare(to)
  })
}

watch(
  () => props.rung,
  (rung) => {
    store.rung = rung
    store.said = ''
    tool.finish(null)
    squaring.away()
  },
  { immediate: true },
)
onUnmounted(() => (store.rung = null))
</script>

<template>
  <RungPage :id="id" :tall="onShot" :rung="rung" :name="$t(`rung.${about.key}`)">
    <template #default="{ drawing, workings }">
      <SetCorners v-if="takesShot(rung) && shots.corners && shots.shot" :key="shots.shot.id" :shot="shots.shot" :workings="workings" />
      <SquareUp v-else-if="rung === 'photo' && squaring.corners && drawing.photo" :picture="drawing.photo.id" />
      <div v-else class="over">
        <Verdict v-if="onShot" :photo="drawing.photo !== null" />
        <Boards
          v-model:lit="lit"
          :drawing="drawing"
          :workings="workings"
          :focus="onShot ? 'sheet' : page.focus"
          :whole-photo="page.wholePhoto"
          :grid="page.grid"
          :rung="rung"
          :on-shot="onShot"
          :way="rung === 'marks' ? way : 'down'"
          :picture="rung === 'tone' ? tones.picture : null"
          :spots="rung === 'tone' ? tones.spots : []"
          :pulled="store.pulled"
          :held="store.held"
          @pull="store.pull"
          @line="pullLine"
          @moved="store.keep"
        />
      </div>
    </template>
    <template #workings="{ drawing, workings, choices }">
      <MarksRung v-if="rung === 'marks'" v-model:lit="lit" v-model:way="way" :choices="choices" :workings="workings" :drawing="drawing" />
      <component :is="panels[rung]" v-else :choices="choices" :workings="workings" :drawing="drawing" />
    </template>
    <template #next>
      <span>{{ next?.says ?? '' }}</span>
      <NextButton :id="id" :step="rung" :next="next" />
    </template>
  </RungPage>
</template>

<style scoped>
.over {
  display: grid;
  grid-template-rows: minmax(0, 1fr);
  min-width: 0;
  min-height: 0;
}

.over:has(> .verdict) {
  grid-template-rows: auto minmax(0, 1fr);
}

@media (max-width: 760px) {
  .over:has(> .verdict) {
    grid-template-rows: auto 60vh;
  }
}
</style>
