<script setup lang="ts">
import { useElementSize, useSessionStorage, useWakeLock } from '@vueuse/core'
import { computed, onMounted, onUnmounted, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { CellToCopy, Choices } from '@/api/types'
import { t } from '@/lang'
import Lost from '@/shelf/Lost.vue'
import { keyOf, useCopying, type Place } from '@/stores/copying'
import Num from '@/ui/Num.vue'
import RungLadder from '../RungLadder.vue'
import TopStrip from '../TopStrip.vue'
import Troubles from '../Troubles.vue'
import Waiting from '../Waiting.vue'
import { useOpenDrawing } from '../useOpenDrawing'
import CellPaper from './CellPaper.vue'
import CellPhoto from './CellPhoto.vue'
import CellTicks from './CellTicks.vue'
import CopyBand from './CopyBand.vue'
import CopyWay from './CopyWay.vue'
import { crossingTicks, quarterTicks } from './sides'
import { useCopyKeys, type CopyKey } from './useCopyKeys'
import { usePiece } from './usePiece'
import type { View } from './useWindow'

const props = defineProps<{ id: string; cell?: string }>()
const router = useRouter()
const store = useOpenDrawing(
  () => props.id,
  () => 'Copy',
)
const cells = useCopying()
/** The version at which another way was chosen: it is begun as soon as it is known, which is in a later one. */
let chosenAt: number | null = null
watch(
  () => [store.drawing?.id, store.drawing?.version, cells.hand] as const,
  async ([, version]) => {
    await cells.load().catch((error: Error) => (store.trouble = error.message))
    const isChosen = chosenAt !== null && version !== undefined && version > chosenAt
    if (!cells.way || (props.cell && !isChosen)) return
    // The keys belong to the cells again.
    if (isChosen && document.activeElement instanceof HTMLElement) document.activeElement.blur()
    chosenAt = null
    go(cells.placeAt(cells.way.at))
  },
  { immediate: true },
)

const at = computed<Place>(() => {
  const [column, row] = (props.cell ?? '').split('-').map(Number)
  const known = column !== undefined && row !== undefined && column >= 1 && row >= 1 && column <= cells.columns && row <= cells.rows
  return known ? { column: column - 1, row: row - 1 } : cells.placeAt(cells.way?.at ?? 0)
})

function goBy(start: Choices['copy']['start']) {
  chosenAt = store.drawing?.version ?? null
  store.decide((choices) => (choices.copy.start = start))
}

function go(place: Place) {
  void router.replace({ name: 'copy', params: { id: props.id, cell: `${place.column + 1}-${place.row + 1}` } })
}

const view = ref<View>('one')
const { window: sight, shown, failed, waiting } = usePiece(at, view)

/** What is known of the cell in hand; null until it has come. */
const card = shallowRef<CellToCopy | null>(null)
watch(
  () => [keyOf(at.value), store.drawing?.id, store.drawing?.version],
  async () => {
    chosen.value = null
    pointed.value = null
    card.value = null
    const here = keyOf(at.value)
    const come = await cells.card(at.value)
    if (keyOf(at.value) === here) card.value = come
  },
)

const lifted = ref(false)
const hairlines = ref(true)
const upsideDown = ref(false)
const brighter = ref(false)
const tone = ref(false)
const quarters = ref(false)
const help = ref(false)
/** The crossing that is pointed at, by its place in the list. */
const pointed = ref<number | null>(null)
/** The contour in hand, by its place in the list. */
const chosen = ref<number | null>(null)
/** Cells that were left, in this sitting; a reload does not forget them, another grid does. */
const past = useSessionStorage<Place[]>(() => `inch-ladder.left.${props.id}.${cells.columns}x${cells.rows}`, [])

// A contour is followed in one cell alone.
watch(chosen, (one) => one !== null && (view.value = 'one'))

function mark(state: 'done' | 'empty') {
  const here = at.value
  void cells.note(here, { state })
  past.value.push(here)
  go(cells.nextOpen(here))
}

/** Back to the cell last left, open again; opened afresh, to the one that was settled last. */
function back() {
  const last = past.value.pop() ?? (typeof cells.way?.last === 'number' ? cells.placeAt(cells.way.last) : null)
  if (!last) return
  if (cells.isSettled(last)) void cells.note(last, { state: 'open' })
  go(last)
}

/** The cell in hand is to be copied again. */
function reopen() {
  if (cells.isSettled(at.value)) void cells.note(at.value, { state: 'open' })
}

const move = (dx: number, dy: number) => go(cells.beside(at.value, dx, dy))
function look(wanted: View) {
  view.value = view.value === wanted ? 'one' : wanted
  chosen.value = null
}
const viewed = (wanted: View) => computed(() => view.value === wanted)
const flip = (flag: typeof lifted) => () => (flag.value = !flag.value)

/** One after another of so many, and then none. */
const after = (now: number | null, count: number) => (count === 0 || (now !== null && now + 1 >= count) ? null : (now ?? -1) + 1)

const steps: CopyKey[] = [
  { key: 'ArrowLeft', cap: '←', label: t('copy.oneCellLeft'), says: t('copy.oneCellLeft'), act: () => move(-1, 0) },
  { key: 'ArrowUp', cap: '↑', label: t('copy.oneCellUp'), says: t('copy.oneCellUp'), act: () => move(0, -1) },
  { key: 'ArrowDown', cap: '↓', label: t('copy.oneCellDown'), says: t('copy.oneCellDown'), act: () => move(0, 1) },
  { key: 'ArrowRight', cap: '→', label: t('copy.oneCellRight'), says: t('copy.oneCellRight'), act: () => move(1, 0) },
]
const deeds: CopyKey[] = [
  { key: ' ', also: 'PageDown', cap: t('copy.space'), label: t('copy.doneNext'), says: t('copy.doneAndOnTo'), act: () => mark('done') },
  { key: 'Backspace', also: 'PageUp', cap: '⌫', label: t('copy.back'), room: 'short', says: t('copy.backToTheCell'), act: back },
  { key: 'x', cap: 'X', label: t('copy.nothing'), says: t('copy.nothingToDrawIn'), act: () => mark('empty') },
  { key: 'o', cap: 'O', label: t('copy.open'), room: 'short rare', says: t('copy.openThisCellAgain'), act: reopen },
  { key: 'f', cap: 'F', label: t('copy.doubtful2'), room: 'short rare', says: t('copy.flagThisCellAs'), act: () => void cells.note(at.value, { doubtful: !cells.isDoubtful(at.value) }), on: computed(() => cells.isDoubtful(at.value)) },
  { key: 'n', cap: 'N', label: t('copy.note'), room: 'short rare', says: t('copy.aNoteOnThis'), act: () => void band.value?.write(), on: computed(() => cells.wordsOf(at.value) !== '') },
]
const looks: CopyKey[] = [
  { key: 'c', cap: 'C', label: t('copy.contour'), says: t('copy.oneContourAfterAnother'), act: () => (chosen.value = after(chosen.value, card.value?.courses.length ?? 0)), on: computed(() => chosen.value !== null) },
  { key: 'e', cap: 'E', label: t('copy.crossing'), says: t('copy.oneCrossingAfterAnother'), act: () => (pointed.value = after(pointed.value, crossings.value.length)), on: computed(() => pointed.value !== null) },
  { key: 'q', cap: 'Q', label: t('copy.quarters'), says: t('copy.theSidesQuartersIn'), act: flip(quarters), on: quarters },
  { key: 'h', cap: 'H', label: t('copy.halves'), says: t('copy.halvingHairlines'), act: flip(hairlines), on: hairlines },
  { key: '2', cap: '2', label: t('copy.four'), says: t('copy.fourCellsTogether'), act: () => look('four'), on: viewed('four') },
  { key: '3', cap: '3', label: t('copy.nine'), says: t('copy.nineCellsTogether'), act: () => look('nine'), on: viewed('nine') },
  { key: 's', cap: 'S', label: t('copy.around'), says: t('copy.theCellInIts'), act: () => look('around'), on: viewed('around') },
  { key: 'l', cap: 'L', label: t('copy.noGrid'), says: t('copy.liftTheGrid'), act: flip(lifted), on: lifted },
  { key: 'u', cap: 'U', label: t('copy.turned'), says: t('copy.upsideDownToSee'), act: flip(upsideDown), on: upsideDown },
  { key: 't', cap: 'T', label: t('copy.tone'), says: t('copy.fiveGreysAndNo'), act: flip(tone), on: tone },
  { key: 'b', cap: 'B', label: t('copy.bright'), says: t('copy.brighterToSeeInto'), act: flip(brighter), on: brighter },
]
const list: CopyKey = { key: '?', cap: '?', label: t('copy.allKeys'), says: t('copy.thisList'), act: flip(help) }
/** What a phone has no room for in its first row slides with the looks in the second. */
const rare = [...deeds.filter((deed) => deed.room === 'short rare'), list]
useCopyKeys([...deeds, ...looks, ...steps, list])

const wake = useWakeLock()
onMounted(() => void wake.request('screen').catch(() => undefined))
onUnmounted(() => void wake.release().catch(() => undefined))

const band = useTemplateRef<{ write: () => Promise<void> }>('band')
const table = useTemplateRef<HTMLElement>('table')
const room = useElementSize(table)

const whole = computed(() => view.value === 'one')

/** Both cells as large as the table takes beside what is written round them; side by side, or one above the other. */
const size = computed(() => {
  const narrow = room.width.value < 640
  // Only one cell alone has crossings round it.
  const [beside, above] = narrow ? [whole.value ? 130 : 16, whole.value ? 64 : 8] : whole.value ? [176, 98] : [3 * 24, 20]
  const wide = narrow ? room.width.value - beside : (room.width.value - beside) / 2
  const high = narrow ? (room.height.value - 2 * above) / 2 : room.height.value - above
  const width = Math.max(10, Math.min(wide, high * sight.ratio.value))
  return { width: Math.round(width), height: Math.round(width / sight.ratio.value) }
})

const course = computed(() => (whole.value && chosen.value !== null ? (card.value?.courses[chosen.value] ?? null) : null))
const points = computed(() => (whole.value ? (card.value?.points ?? []) : []))
/** What is pointed at, or what the contour in hand runs through. */
const lit = computed(() => (pointed.value !== null ? [pointed.value] : (course.value?.crossings ?? [])))
const said = computed(() => (pointed.value === null ? '' : (crossings.value[pointed.value]?.sentence ?? '')))
/** Crossings show where there are any; a blank cell, or a wish, shows the quarters of its sides. */
const crossings = computed(() => (whole.value && !quarters.value ? (card.value?.crossings ?? []) : []))
const onPhoto = computed(() => crossingTicks(crossings.value, 'eye', upsideDown.value))
const onPaper = computed(() => (whole.value && card.value && crossings.value.length === 0 ? quarterTicks(card.value, upsideDown.value) : crossingTicks(crossings.value, 'paper', upsideDown.value)))
/** A cell that is cut finer shows its own cuts; others their halves. */
const division = computed(() => store.workings?.divided.find((cell) => keyOf(cell) === keyOf(at.value)))
const cuts = computed(() => {
  if (!whole.value || !hairlines.value || !card.value) return []
  return division.value ? card.value.across.map((tick) => 100 * tick.at) : [50]
})
const state = computed(() => {
  const words = [cells.stateOf(at.value) === 'done' ? t('copy.done') : cells.stateOf(at.value) === 'empty' ? t('copy.nothingHere') : '', card.value?.partial ? t('copy.aPartialCell') : '', cells.isSpared(at.value) ? t('copy.notToBeDrawn') : '', division.value ? t('copy.cutInParts', { parts: division.value.parts }) : '', cells.isDoubtful(at.value) ? t('copy.doubtful2') : '']
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
        <span class="soft">{{ $t('copy.columnColumnRowRow', { column: at.column + 1, row: at.row + 1, state }) }}</span>
        <span v-if="said" class="twin" role="status"><Num :text="said" /></span>
        <span v-else class="soft twin" data-test="twin"><template v-if="card"><span class="wide">{{ $t('copy.yourPaper') }} · </span><Num :text="card.size" />, <Num :text="card.place" /></template>{{ upsideDown ? `, ${$t('copy.sheetTurnedToo')}` : '' }}</span>
      </div>
      <Troubles />
      <div ref="table" class="cells" :class="{ whole }">
        <CellPhoto :picture="shown" :waiting :failed :window="sight" :size :whole :cuts :turned="upsideDown" :tone :brighter :lifted :course :points>
          <CellTicks :ticks="onPhoto" :lit @point="pointed = $event" />
        </CellPhoto>
        <CellPaper :window="sight" :size :whole :cuts :turned="upsideDown" :course :points>
          <CellTicks :ticks="onPaper" :lit @point="pointed = $event" />
        </CellPaper>
      </div>
      <CopyBand ref="band" v-model="chosen" :at :card :choices="store.draft" :photo="store.drawing.photo !== null" @go="go" @go-by="goBy" />
    </main>
    <!-- A click must not take the focus: Space would then press that button again. -->
    <footer class="keys" @mousedown.prevent>
      <button v-for="deed in deeds" :key="deed.key" type="button" class="button" :class="[deed.key === ' ' ? 'strong' : 'bare', deed.room]" :aria-pressed="deed.on?.value" :data-test="deed.key === ' ' ? 'done' : deed.key === 'x' ? 'empty' : undefined" @click="deed.act"><kbd>{{ deed.cap }}</kbd><span>{{ deed.label }}</span></button>
      <span class="looks"><button v-for="one in rare" :key="one.key" type="button" class="button bare phone" :aria-label="one.label" :aria-pressed="one.on?.value" @click="one.act"><kbd>{{ one.cap }}</kbd></button><button v-for="one in looks" :key="one.key" type="button" class="button bare" :aria-pressed="one.on?.value" :title="one.says" @click="one.act"><kbd>{{ one.cap }}</kbd><small>{{ one.label }}</small></button></span>
      <span class="arrows"><button v-for="step in steps" :key="step.key" type="button" class="button bare" :aria-label="step.label" @click="step.act"><kbd>{{ step.cap }}</kbd></button></span>
      <button type="button" class="button bare all" :aria-label="list.label" :aria-expanded="help" @click="list.act"><kbd>?</kbd></button>
    </footer>
    <section v-if="help" class="help" :aria-label="$t('copy.keys')" data-test="help">
      <CopyWay class="narrow" :start="store.draft.copy.start" @go-by="goBy" />
      <p>{{ $t('copy.arrowsGoFromCell') }}</p>
      <dl>
        <template v-for="one in [...deeds, ...looks]" :key="one.key"><dt><kbd>{{ one.cap }}</kbd></dt><dd>{{ one.says }}</dd></template>
      </dl>
      <button type="button" class="button" @click="help = false">{{ $t('copy.putAway') }}</button>
    </section>
  </div>
  <Waiting v-else />
</template>

<style scoped>
.page {
  position: relative;
  display: grid;
  grid-template: 46px minmax(0, 1fr) 58px / 44px minmax(0, 1fr);
  height: 100%;
}

.page > :first-child,
.keys {
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

.cells {
  flex: 1;
  display: flex;
  /* What is written round them is longest to the left of the photo, and between the two. */
  justify-content: center;
  gap: 176px;
  align-items: center;
  min-height: 0;
}

.cells.whole {
  padding: 0 76px 0 100px;
}

.cells:not(.whole) {
  gap: 24px;
}

.keys {
  display: flex;
  align-items: center;
  gap: 1px;
  padding: 0 6px 0 12px;
  border-top: 1px solid var(--rule);
  white-space: nowrap;
}

.keys .bare {
  font-weight: 400;
}

.keys > .bare {
  padding: 5px 6px;
}

.looks {
  display: flex;
  margin-left: 4px;
}

.looks .button {
  flex-direction: column;
  gap: 1px;
  padding: 2px;
  min-width: 40px;
}

.looks small {
  font-size: 13px;
  line-height: 1.1;
}

.keys [aria-pressed='true'] kbd {
  background: var(--chosen);
  color: var(--on-chosen);
}

.phone,
.narrow {
  display: none;
}

.arrows {
  margin-left: auto;
  display: flex;
}

.arrows .button {
  padding: 5px 2px;
  min-width: 34px;
}

.help {
  /* Over the cell in hand of the map as well. */
  z-index: 2;
  position: absolute;
  right: 16px;
  bottom: 66px;
  width: min(480px, 92vw);
  max-height: 76vh;
  overflow-y: auto;
  display: grid;
  gap: 10px;
  padding: 14px;
  background: var(--sheet);
  color: var(--sheet-ink);
  border: 1px solid var(--tick);
}

.help dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 12px;
  margin: 0;
}

.help dd {
  margin: 0;
}

@media (max-width: 1270px) {
  .narrow {
    display: block;
  }

  .looks small {
    display: none;
  }

  .looks .button {
    min-width: 32px;
    padding: 5px 3px;
  }
}

@media (min-width: 761px) and (max-width: 1270px) {
  .keys > .short span {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
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

  .cells {
    flex-direction: column;
    justify-content: space-evenly;
    gap: 0;
  }

  .cells.whole {
    padding: 0;
  }

  .keys {
    flex-wrap: wrap;
    padding: 4px 8px;
    row-gap: 2px;
  }

  .keys > .button {
    padding: 4px 8px;
  }

  .keys > .button kbd {
    display: none;
  }

  .keys .button {
    min-height: 46px;
  }

  .keys .strong {
    flex: 1;
  }

  .looks .phone {
    display: inline-flex;
  }

  /* On a row of their own, which slides. */
  .looks {
    order: 2;
    width: 100%;
    margin: 0;
    overflow-x: auto;
  }

  .arrows {
    order: 1;
    margin: 0;
  }

  .arrows kbd {
    font-size: 18px;
  }

  .all,
  .keys > .rare {
    display: none;
  }
}
</style>
