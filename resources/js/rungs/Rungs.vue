<script setup lang="ts">
import { computed, onUnmounted, ref, watch } from 'vue'
import Boards from '@/boards/Boards.vue'
import type { Focus } from '@/boards/stage'
import Lost from '@/shelf/Lost.vue'
import FitRung from './fit/FitRung.vue'
import { useCropFrame } from './fit/useCropFrame'
import GridRung from './grid/GridRung.vue'
import MarksRung from './marks/MarksRung.vue'
import PaperRung from './paper/PaperRung.vue'
import PhotoRung from './photo/PhotoRung.vue'
import RungLadder from './RungLadder.vue'
import { rungs, type RungKey } from './rungs'
import { useTool } from '@/stores/tool'
import { toNumber, toShare } from '@/ui/shares'
import TopStrip from './TopStrip.vue'
import Troubles from './Troubles.vue'
import { useOpenDrawing } from './useOpenDrawing'

const props = defineProps<{ id: string; rung: Exclude<RungKey, 'copy' | 'check' | 'tone' | 'finish'> }>()

const panels = { photo: PhotoRung, paper: PaperRung, fit: FitRung, grid: GridRung }
const views: Record<typeof props.rung, { focus: Focus; wholePhoto: boolean; grid: boolean }> = {
  photo: { focus: 'photo', wholePhoto: true, grid: false },
  paper: { focus: 'paper', wholePhoto: true, grid: false },
  fit: { focus: 'photo', wholePhoto: true, grid: false },
  grid: { focus: 'both', wholePhoto: false, grid: true },
  marks: { focus: 'both', wholePhoto: false, grid: true },
}

const about = computed(() => rungs.find((rung) => rung.key === props.rung) ?? rungs[0])
const store = useOpenDrawing(
  () => props.id,
  () => about.value.name,
)
const tool = useTool()
const page = computed(() => views[props.rung])
const following = computed(() => rungs[rungs.indexOf(about.value) + 1])

const lit = ref<number | null>(null)
const way = ref<'across' | 'down'>('down')
watch(
  () => [props.rung, way.value],
  () => (lit.value = null),
)

const frame = useCropFrame()

/** A main dividing line was pulled from one share to another. */
function pull(which: 'across' | 'down', from: number, to: number) {
  void store.preview((choices) => {
    const lines = choices.grid[`main_${which}`]
    const nearest = lines.reduce((best, share, i) => (Math.abs(toNumber(share) - from) < Math.abs(toNumber(lines[best] ?? '9') - from) ? i : best), 0)
    lines[nearest] = toShare(to)
  })
}

watch(
  () => props.rung,
  (rung) => {
    store.rung = rung
    store.said = ''
    tool.finish(null)
  },
  { immediate: true },
)
onUnmounted(() => (store.rung = null))

function showPrint() {
  document.getElementById('print')?.scrollIntoView({ block: 'end' })
}
</script>

<template>
  <Lost v-if="store.missing" />
  <div v-else-if="store.drawing && store.workings && store.draft" class="page">
    <TopStrip />
    <RungLadder :id="id" :current="rung" :workings="store.workings" :done="store.drawing.cells.length" />
    <main class="middle" :aria-label="about.name">
      <Boards
        v-model:lit="lit"
        :drawing="store.drawing"
        :workings="store.workings"
        :focus="page.focus"
        :whole-photo="page.wholePhoto"
        :grid="page.grid"
        :rung="rung"
        :way="rung === 'marks' ? way : 'down'"
        @move="frame.move"
        @resize="frame.resize"
        @inset="frame.inset"
        @line="pull"
        @moved="frame.moved"
      />
    </main>
    <aside class="workings" aria-label="Workings">
      <Troubles />
      <MarksRung v-if="rung === 'marks'" v-model:lit="lit" v-model:way="way" :choices="store.draft" :workings="store.workings" :drawing="store.drawing" />
      <component :is="panels[rung]" v-else :choices="store.draft" :workings="store.workings" :drawing="store.drawing" />
    </aside>
    <footer class="next">
      <span>{{ about.next }}</span>
      <a v-if="rung === 'marks'" class="button" href="#print" @click.prevent="showPrint">Print instead</a>
      <router-link v-if="following" class="button strong" :to="following.key === 'copy' ? { name: 'copy', params: { id } } : { name: 'rung', params: { id, rung: following.key } }">{{ following.name }}</router-link>
    </footer>
  </div>
  <p v-else class="wait" role="status">{{ store.trouble ?? 'Laying out the drawing …' }}</p>
</template>

<style scoped>
.page {
  display: grid;
  grid-template: 46px minmax(0, 1fr) 46px / 132px minmax(0, 1fr) 300px;
  height: 100%;
}

.page > :first-child {
  grid-column: 1 / -1;
}

.middle {
  display: grid;
  min-width: 0;
  min-height: 0;
}

.workings {
  /* What is set absolutely in it (radios, unseen words) scrolls with it, and does not lengthen the page. */
  position: relative;
  display: flex;
  flex-direction: column;
  gap: 14px;
  padding: 16px;
  background: var(--panel);
  border-left: 1px solid var(--rule);
  overflow-y: auto;
}

.next {
  grid-column: 1 / -1;
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 0 16px 0 152px;
  border-top: 1px solid var(--rule);
}

.next > :first-child {
  margin-right: auto;
}

.wait {
  padding: 60px;
  text-align: center;
}

@media (max-width: 760px) {
  .page {
    grid-template: 46px auto 56vh auto auto / minmax(0, 1fr);
    height: auto;
    min-height: 100%;
  }

  .workings {
    border-left: 0;
    border-top: 1px solid var(--rule);
  }

  .next {
    position: sticky;
    bottom: 0;
    padding: 6px 12px;
    background: var(--bench);
  }
}
</style>
