<script setup lang="ts">
import { useWakeLock } from '@vueuse/core'
import { computed, onMounted, onUnmounted, useTemplateRef, watch } from 'vue'
import { t } from '@/lang'
import Lost from '@/shelf/Lost.vue'
import { keyOf, useCopying } from '@/stores/copying'
import Num from '@/ui/Num.vue'
import RungLadder from '../RungLadder.vue'
import TopStrip from '../TopStrip.vue'
import Troubles from '../Troubles.vue'
import Waiting from '../Waiting.vue'
import { useOpenDrawing } from '../useOpenDrawing'
import CellPair from './CellPair.vue'
import CopyBand from './CopyBand.vue'
import CopyKeys from './CopyKeys.vue'
import { useCellInHand } from './useCellInHand'
import { useCellLooks } from './useCellLooks'
import type { CopyKey } from './useCopyKeys'
import type { View } from './useWindow'

const props = defineProps<{ id: string; cell?: string }>()
const store = useOpenDrawing(
  () => props.id,
  () => t('rung.copy'),
)
const cells = useCopying()
const { at, card, go, goBy, move, mark, back, reopen } = useCellInHand(props)
const { looks, look } = useCellLooks()
watch(
  () => [keyOf(at.value), store.drawing?.id, store.drawing?.version],
  () => Object.assign(looks, { chosen: null, pointed: null }),
)

/** One after another of so many, and then none. */
const after = (now: number | null, count: number) => (count === 0 || (now !== null && now + 1 >= count) ? null : (now ?? -1) + 1)
/** Crossings stand round a cell that is alone, unless its sides' quarters are wanted. */
const crossings = computed(() => (looks.view === 'one' && !looks.quarters ? (card.value?.crossings ?? []) : []))
const flip = (flag: 'quarters' | 'hairlines' | 'lifted' | 'upsideDown' | 'tone' | 'brighter') => ({ act: () => (looks[flag] = !looks[flag]), on: computed(() => looks[flag]) })
const views = (view: View) => ({ act: () => look(view), on: computed(() => looks.view === view) })

const steps: CopyKey[] = [
  { key: 'ArrowLeft', cap: '←', label: t('copy.oneCellLeft'), says: t('copy.oneCellLeft'), act: () => move(-1, 0) },
  { key: 'ArrowUp', cap: '↑', label: t('copy.oneCellUp'), says: t('copy.oneCellUp'), act: () => move(0, -1) },
  { key: 'ArrowDown', cap: '↓', label: t('copy.oneCellDown'), says: t('copy.oneCellDown'), act: () => move(0, 1) },
  { key: 'ArrowRight', cap: '→', label: t('copy.oneCellRight'), says: t('copy.oneCellRight'), act: () => move(1, 0) },
]
const deeds: CopyKey[] = [
  { key: ' ', also: 'PageDown', cap: t('copy.space'), label: t('copy.doneNext'), says: t('copy.doneAndOnToTheNext'), act: () => mark('done') },
  { key: 'Backspace', also: 'PageUp', cap: '⌫', label: t('copy.back'), room: 'short', says: t('copy.backToTheCellLastLeft'), act: back },
  { key: 'x', cap: 'X', label: t('copy.nothing'), says: t('copy.nothingToDrawInThisCell'), act: () => mark('empty') },
  { key: 'o', cap: 'O', label: t('copy.open'), room: 'short rare', says: t('copy.openThisCellAgain'), act: reopen },
  { key: 'f', cap: 'F', label: t('copy.isDoubtful'), room: 'short rare', says: t('copy.flagThisCellAsDoubtful'), act: () => void cells.note(at.value, { doubtful: !cells.isDoubtful(at.value) }), on: computed(() => cells.isDoubtful(at.value)) },
  { key: 'n', cap: 'N', label: t('copy.note'), room: 'short rare', says: t('copy.aNoteOnThisCell'), act: () => void band.value?.write(), on: computed(() => cells.wordsOf(at.value) !== '') },
]
const sights: CopyKey[] = [
  { key: 'c', cap: 'C', label: t('copy.contour'), says: t('copy.oneContourAfterAnotherRunAlong'), act: () => (looks.chosen = after(looks.chosen, card.value?.courses.length ?? 0)), on: computed(() => looks.chosen !== null) },
  { key: 'e', cap: 'E', label: t('copy.crossing'), says: t('copy.oneCrossingAfterAnotherWithAll'), act: () => (looks.pointed = after(looks.pointed, crossings.value.length)), on: computed(() => looks.pointed !== null) },
  { key: 'q', cap: 'Q', label: t('copy.quarters'), says: t('copy.theSidesQuartersInPlace'), ...flip('quarters') },
  { key: 'h', cap: 'H', label: t('copy.halves'), says: t('copy.halvingHairlines'), ...flip('hairlines') },
  { key: '2', cap: '2', label: t('copy.four'), says: t('copy.fourCellsTogether'), ...views('four') },
  { key: '3', cap: '3', label: t('copy.nine'), says: t('copy.nineCellsTogether'), ...views('nine') },
  { key: 's', cap: 'S', label: t('copy.around'), says: t('copy.theCellInItsSurroundings'), ...views('around') },
  { key: 'l', cap: 'L', label: t('copy.noGrid'), says: t('copy.liftTheGrid'), ...flip('lifted') },
  { key: 'u', cap: 'U', label: t('copy.turned'), says: t('copy.upsideDownToSeeShapes'), ...flip('upsideDown') },
  { key: 't', cap: 'T', label: t('copy.tone'), says: t('copy.fiveGreysAndNoColour'), ...flip('tone') },
  { key: 'b', cap: 'B', label: t('copy.bright'), says: t('copy.brighterToSeeIntoADark'), ...flip('brighter') },
]

const wake = useWakeLock()
onMounted(() => void wake.request('screen').catch(() => undefined))
onUnmounted(() => void wake.release().catch(() => undefined))

const band = useTemplateRef<{ write: () => Promise<void> }>('band')
const said = computed(() => (looks.pointed === null ? '' : (crossings.value[looks.pointed]?.sentence ?? '')))
const state = computed(() => {
  const division = store.workings?.divided.find((cell) => keyOf(cell) === keyOf(at.value))
  const words = [
    cells.stateOf(at.value) === 'done' ? t('copy.done') : cells.stateOf(at.value) === 'empty' ? t('copy.nothingHere') : '',
    card.value?.partial ? t('copy.aPartialCell') : '',
    cells.isSpared(at.value) ? t('copy.notToBeDrawn') : '',
    division ? t('copy.cutInParts', { parts: division.parts }) : '',
    cells.isDoubtful(at.value) ? t('copy.isDoubtful') : '',
  ]
  return words.filter(Boolean).map((word) => ` · ${word}`).join('')
})
</script>

<template>
  <Lost v-if="store.missing" />
  <div v-else-if="store.drawing && store.workings && store.draft && cells.way" class="page">
    <TopStrip />
    <RungLadder :id="id" current="copy" :workings="store.workings" :done="store.settled" slim />
    <main class="table">
      <div class="head">
        <h2 class="address" data-test="address" aria-live="polite">{{ cells.address(at) }}</h2>
        <span class="soft">{{ $t('copy.columnAndRow', { column: at.column + 1, row: at.row + 1, state }) }}</span>
        <span v-if="said" class="twin" role="status"><Num :text="said" /></span>
        <span v-else class="soft twin" data-test="twin"><template v-if="card"><span class="wide">{{ $t('copy.yourPaper') }} · </span><Num :text="card.size" />, <Num :text="card.place" /></template>{{ looks.upsideDown ? `, ${$t('copy.sheetTurnedToo')}` : '' }}</span>
      </div>
      <Troubles />
      <CellPair :at :card :looks :crossings @point="looks.pointed = $event" />
      <CopyBand ref="band" v-model="looks.chosen" :at :card :choices="store.draft" :photo="store.drawing.photo !== null" @go="go" @go-by="goBy" />
    </main>
    <CopyKeys :deeds :looks="sights" :steps :start="store.draft.copy.start" @go-by="goBy" />
  </div>
  <Waiting v-else />
</template>

<style scoped>
.page {
  position: relative;
  display: grid;
  grid-template: 46px minmax(0, 1fr) minmax(58px, auto) / 44px minmax(0, 1fr);
  height: 100%;
}

.page > :first-child,
.page > :deep(.keys) {
  grid-column: 1 / -1;
}

.table {
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
  padding: 4px 16px 0 20px;
}

.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  column-gap: 14px;
}

.address {
  font-size: 38px;
  line-height: 1.15;
}

.twin {
  margin-left: auto;
}

@media (max-width: 760px) {
  .page {
    grid-template: 46px minmax(0, 1fr) auto / minmax(0, 1fr);
  }

  .page > nav {
    display: none;
  }

  .table {
    padding: 2px 8px;
  }

  .address {
    font-size: 30px;
  }

  .twin {
    width: 100%;
    margin: 0;
    font-size: 14px;
    line-height: 1.2;
  }

  .twin .wide {
    display: none;
  }
}
</style>
