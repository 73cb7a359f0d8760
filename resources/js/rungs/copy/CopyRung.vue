<script setup lang="ts">
import { useElementSize, useEventListener, useWakeLock } from '@vueuse/core'
import { computed, onMounted, onUnmounted, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { cutOf } from '@/api/pictures'
import Lost from '@/shelf/Lost.vue'
import Callout from '@/ui/Callout.vue'
import Num from '@/ui/Num.vue'
import RungLadder from '../RungLadder.vue'
import TopStrip from '../TopStrip.vue'
import Troubles from '../Troubles.vue'
import { useOpenDrawing } from '../useOpenDrawing'
import CellMap from './CellMap.vue'
import { useCells, type Place } from './useCells'

const props = defineProps<{ id: string; cell?: string }>()
const router = useRouter()
const store = useOpenDrawing(
  () => props.id,
  () => 'Copy',
)
const cells = useCells()

const at = computed<Place>(() => {
  const [column, row] = (props.cell ?? '').split('-').map(Number)
  const known = column !== undefined && row !== undefined && column >= 1 && row >= 1 && column <= cells.columns.value && row <= cells.rows.value
  return known ? { column: column - 1, row: row - 1 } : cells.firstOpen()
})

function go(place: Place) {
  void router.replace({ name: 'copy', params: { id: props.id, cell: `${place.column + 1}-${place.row + 1}` } })
}

const lines = computed(() => store.workings?.lines)

/** The address of a cell's picture: its shares of the whole photo. */
function picture(place: Place) {
  if (!lines.value || !store.drawing || !store.workings) return ''
  const { across, down } = lines.value
  const span = (shares: number[], i: number) => [shares[i] ?? 0, (shares[i + 1] ?? 1) - (shares[i] ?? 0)] as const
  const [left, width] = span(across, place.column)
  const [top, height] = span(down, place.row)
  return cutOf(store.drawing, store.workings, { left, top, width, height })
}

const source = computed(() => picture(at.value))
const shown = ref('')
const failed = ref(false)

// Neighbours are fetched while the artist draws, so that the next cell is there when the key goes down.
watch(
  source,
  (address) => {
    if (!address) return
    failed.value = false
    const image = new Image()
    image.onerror = () => (failed.value = source.value === address)
    image.onload = () => {
      if (source.value === address) shown.value = address
      for (const [dx, dy] of [
        [1, 0],
        [-1, 0],
        [0, 1],
        [0, -1],
      ] as const) {
        new Image().src = picture(cells.beside(at.value, dx, dy))
      }
      new Image().src = picture(cells.nextOpen(at.value))
    }
    image.src = address
  },
  { immediate: true },
)

const lifted = ref(false)
const hairlines = ref(true)
const upsideDown = ref(false)
const brighter = ref(false)
const help = ref(false)
const past = ref<Place[]>([])

function mark(state: 'done' | 'empty') {
  const here = at.value
  void store.note(here.column, here.row, state)
  past.value.push(here)
  go(cells.nextOpen(here))
}

/** Back to the cell last left, open again. */
function back() {
  const last = past.value.pop() ?? cells.beside(at.value, at.value.column === 0 ? cells.columns.value : -1, at.value.column === 0 ? -1 : 0)
  void store.note(last.column, last.row, 'open')
  go(last)
}

function move(dx: number, dy: number) {
  go(cells.beside(at.value, dx, dy))
}

const keys: Record<string, () => void> = {
  ArrowLeft: () => move(-1, 0),
  ArrowRight: () => move(1, 0),
  ArrowUp: () => move(0, -1),
  ArrowDown: () => move(0, 1),
  ' ': () => mark('done'),
  PageDown: () => mark('done'),
  Backspace: back,
  PageUp: back,
  x: () => mark('empty'),
  l: () => (lifted.value = !lifted.value),
  h: () => (hairlines.value = !hairlines.value),
  u: () => (upsideDown.value = !upsideDown.value),
  b: () => (brighter.value = !brighter.value),
  '?': () => (help.value = !help.value),
}

useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey || event.altKey) return
  const act = keys[event.key.length === 1 ? event.key.toLowerCase() : event.key]
  if (!act || (event.key === ' ' && event.target instanceof HTMLElement && event.target.closest('button, a'))) return
  event.preventDefault()
  act()
})

const wake = useWakeLock()
onMounted(() => void wake.request('screen').catch(() => undefined))
onUnmounted(() => void wake.release().catch(() => undefined))

const table = useTemplateRef<HTMLElement>('table')
const room = useElementSize(table)

/** Both cells as large as the table takes, side by side or one above the other. */
const size = computed(() => {
  const { across, down } = lines.value ?? { across: [0, 1], down: [0, 1] }
  const area = store.workings?.drawing
  const w = ((across[at.value.column + 1] ?? 1) - (across[at.value.column] ?? 0)) * (area?.width.mm ?? 1)
  const h = ((down[at.value.row + 1] ?? 1) - (down[at.value.row] ?? 0)) * (area?.height.mm ?? 1)
  const narrow = room.width.value < 640
  const [gap, caption] = narrow ? [8, 46] : [116, 30]
  const wide = narrow ? room.width.value - gap : (room.width.value - 2 * gap) / 2
  const high = narrow ? (room.height.value - 2 * caption - 12) / 2 : room.height.value - caption
  const scale = Math.max(10, Math.min(wide, (high * w) / h)) / w
  return { width: `${Math.round(w * scale)}px`, height: `${Math.round(h * scale)}px` }
})

const partial = computed(() => lines.value?.partial_columns.includes(at.value.column) || lines.value?.partial_rows.includes(at.value.row))
/** A cell that is cut finer shows its own cuts; others their halves. */
const division = computed(() => store.workings?.divided.find((cell) => cell.column === at.value.column && cell.row === at.value.row))
const cuts = computed(() => Array.from({ length: (division.value?.parts ?? 2) - 1 }, (_, i) => (100 * (i + 1)) / (division.value?.parts ?? 2)))
const quarters = [25, 50, 75]
const left = computed(() => cells.toCopy.value.length - cells.done.value - cells.empty.value)
</script>

<template>
  <Lost v-if="store.missing" />
  <div v-else-if="store.drawing && store.workings" class="page">
    <TopStrip />
    <RungLadder :id="id" current="copy" :workings="store.workings" :done="store.drawing.cells.length" slim />
    <main class="table">
      <div class="head">
        <h2 class="address" data-test="address" aria-live="polite">{{ cells.address(at) }}</h2>
        <span class="soft">column {{ at.column + 1 }}, row {{ at.row + 1 }}<template v-if="cells.stateOf(at) !== 'open'"> · {{ cells.stateOf(at) === 'done' ? 'done' : 'nothing here' }}</template><template v-if="partial"> · a partial cell</template><template v-if="cells.isSpared(at)"> · not to be drawn</template><template v-if="division"> · cut in {{ division.parts }}</template></span>
      </div>
      <Troubles />
      <div ref="table" class="cells">
        <figure>
          <div class="cell photo" :class="{ lifted }" :style="size">
            <img v-if="shown" :src="shown" alt="" :class="{ turned: upsideDown, brighter }" data-test="cell-picture" />
            <p v-if="failed" class="fault">This piece could not be cut from the photo; press an arrow key and come back.</p>
            <p v-else-if="source && shown !== source" class="wait">Cutting the piece at full sharpness …</p>
            <svg v-if="hairlines && !lifted" class="hairs" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true"><path v-for="cut in cuts" :key="cut" :d="`M${cut} 0V100M0 ${cut}H100`" /></svg>
          </div>
          <figcaption class="soft">the photo{{ upsideDown ? ', upside down' : '' }}</figcaption>
        </figure>
        <figure>
          <div class="cell paper" :style="size">
            <svg v-if="hairlines" class="hairs guide" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true"><path v-for="cut in cuts" :key="cut" :d="`M${cut} 0V100M0 ${cut}H100`" /></svg>
            <template v-if="!partial">
              <span v-for="(quarter, i) in quarters" :key="`y${quarter}`" class="tick down" :class="{ half: quarter === 50 }" :style="{ top: `${quarter}%` }"><Num :text="store.workings.cell.down[i]?.text ?? ''" /></span>
              <span v-for="(quarter, i) in quarters" :key="`x${quarter}`" class="tick across" :class="{ half: quarter === 50 }" :style="{ left: `${quarter}%` }"><Num :text="store.workings.cell.across[i]?.text.replace(/ \w+$/, '') ?? ''" /></span>
            </template>
          </div>
          <figcaption class="soft">your paper<template v-if="!partial"> · <Num :text="store.workings.cell.size" /></template>{{ upsideDown ? ', sheet turned too' : '' }}</figcaption>
        </figure>
      </div>
    </main>
    <aside class="side" aria-label="Progress">
      <CellMap :at="at" @go="go" @mousedown.prevent />
      <p data-test="progress"><b>{{ cells.done.value }}</b> of {{ cells.toCopy.value.length - cells.empty.value }} done<br />{{ cells.empty.value }} left empty<br />{{ left }} to go</p>
      <Callout v-if="left === 0" tone="calm">Every cell has been round. Look at the whole from arm’s length.</Callout>
    </aside>
    <!-- A click must not take the focus: Space would then press that button again. -->
    <footer class="keys" @mousedown.prevent>
      <button type="button" class="button strong" data-test="done" @click="mark('done')"><kbd>Space</kbd>done, next</button>
      <button type="button" class="button bare" @click="back"><kbd>⌫</kbd>back</button>
      <button type="button" class="button bare" data-test="empty" @click="mark('empty')"><kbd>X</kbd>nothing here</button>
      <button type="button" class="button bare" :aria-pressed="hairlines" @click="hairlines = !hairlines"><kbd>H</kbd>hairlines</button>
      <button type="button" class="button bare wide" :aria-pressed="lifted" @click="lifted = !lifted"><kbd>L</kbd>lift the grid</button>
      <button type="button" class="button bare wide" :aria-pressed="upsideDown" @click="upsideDown = !upsideDown"><kbd>U</kbd>upside down</button>
      <button type="button" class="button bare wide widest" :aria-pressed="brighter" @click="brighter = !brighter"><kbd>B</kbd>brighter</button>
      <span class="arrows"><button v-for="[sign, dx, dy, name] in [['←', -1, 0, 'left'], ['↑', 0, -1, 'up'], ['↓', 0, 1, 'down'], ['→', 1, 0, 'right']] as const" :key="sign" type="button" class="button bare" :aria-label="`One cell ${name}`" @click="move(dx, dy)"><kbd>{{ sign }}</kbd></button></span>
      <button type="button" class="button bare wide" aria-label="All keys" :aria-expanded="help" @click="help = !help"><kbd>?</kbd></button>
    </footer>
    <section v-if="help" class="help" aria-label="Keys" data-test="help">
      <p>Arrows go from cell to cell. Space or Page Down: done, and on to the next open cell. Backspace or Page Up: back to the cell last left, open again. X: nothing in this cell. H: halving hairlines. L: lift the grid. U: upside down, to see shapes and not things. B: brighter, to see into a dark corner.</p>
      <button type="button" class="button" @click="help = false">Put away</button>
    </section>
  </div>
  <p v-else class="waiting" role="status">{{ store.trouble ?? 'Laying out the drawing …' }}</p>
</template>

<style scoped>
.page {
  position: relative;
  display: grid;
  grid-template: 46px minmax(0, 1fr) 56px / 44px minmax(0, 1fr) 132px;
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
  padding: 10px 12px 6px 26px;
}

.head {
  display: flex;
  align-items: baseline;
  gap: 14px;
}

.address {
  font-size: 38px;
  line-height: 1.15;
}

.cells {
  flex: 1;
  display: flex;
  justify-content: space-evenly;
  align-items: start;
  min-height: 0;
  padding-top: 40px;
}

figure {
  margin: 0;
}

figcaption {
  height: 28px;
  padding-top: 6px;
  line-height: 1.2;
}

.cell {
  position: relative;
  background: var(--sheet);
}

.photo {
  background: var(--panel);
  outline: 2px solid var(--graphite);
  overflow: hidden;
}

.photo.lifted {
  outline-color: transparent;
}

.paper {
  outline: 2px solid var(--guide);
}

img {
  display: block;
  width: 100%;
  height: 100%;
}

.brighter {
  filter: brightness(1.3) contrast(1.4);
}

.turned {
  transform: rotate(180deg);
}

.wait,
.photo .fault {
  position: absolute;
  inset: auto 0 0;
  padding: 6px 10px;
  background: var(--panel);
}

.hairs {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
  mix-blend-mode: difference;
}

.hairs path {
  fill: none;
  stroke: rgb(255 255 255 / 75%);
  stroke-width: 1.5px;
  stroke-dasharray: 6 6;
  vector-effect: non-scaling-stroke;
}

.hairs.guide {
  mix-blend-mode: normal;
}

.hairs.guide path {
  stroke: var(--guide);
}

.tick {
  position: absolute;
  white-space: nowrap;
  color: #24648f;
  font-size: 16px;
}

:root[data-scheme='lamp'] .tick {
  color: var(--guide-ink);
}

.tick.half {
  font-weight: 700;
  font-size: 18px;
}

.tick.down {
  left: -18px;
  transform: translate(-100%, -50%);
}

.tick.down::after {
  content: '';
  position: absolute;
  right: -18px;
  top: 50%;
  width: 12px;
  border-top: 2px solid currentcolor;
}

.tick.across {
  top: -32px;
  transform: translateX(-50%);
}

.tick.across::after {
  content: '';
  position: absolute;
  left: 50%;
  bottom: -6px;
  height: 8px;
  border-left: 2px solid currentcolor;
}

.side {
  display: flex;
  flex-direction: column;
  gap: 14px;
  padding: 14px 16px 0 0;
  overflow-y: auto;
}

.keys {
  display: flex;
  align-items: center;
  gap: 4px;
  padding: 0 12px 0 44px;
  border-top: 1px solid var(--rule);
  white-space: nowrap;
}

.keys .bare {
  font-weight: 400;
}

.keys [aria-pressed='true'] kbd {
  background: #2b2926;
  color: #fffefa;
}

.arrows {
  margin-left: auto;
  display: flex;
}

.arrows .button {
  padding: 5px 3px;
  min-width: 36px;
}

.help {
  position: absolute;
  right: 16px;
  bottom: 64px;
  width: min(420px, 92vw);
  display: grid;
  gap: 10px;
  padding: 14px;
  background: var(--sheet);
  color: var(--sheet-ink);
  border: 1px solid var(--tick);
}

.waiting {
  padding: 60px;
  text-align: center;
}

@media (max-width: 1180px) {
  .keys .widest {
    display: none;
  }
}

@media (max-width: 760px) {
  .page {
    grid-template: 46px minmax(0, 1fr) auto auto / minmax(0, 1fr);
  }

  .page > nav {
    display: none;
  }

  .table {
    padding: 4px 8px;
  }

  .address {
    font-size: 30px;
  }

  .cells {
    flex-direction: column;
    align-items: center;
    padding: 0 0 0 46px;
    gap: 34px;
  }

  .side {
    flex-direction: row;
    align-items: center;
    padding: 4px 12px;
  }

  .side > :first-child {
    width: 76px;
    flex: none;
  }

  .keys {
    flex-wrap: wrap;
    padding: 6px 8px;
  }

  .keys kbd {
    display: none;
  }

  .arrows kbd {
    display: inline;
    font-size: 18px;
  }

  .keys .button {
    min-height: 46px;
  }

  .keys .strong {
    flex: 1;
  }

  .wide {
    display: none;
  }
}
</style>
