<script setup lang="ts">
import { useEventListener, useScreenOrientation, useSessionStorage, useWakeLock, type OrientationLockType } from '@vueuse/core'
import { computed, onMounted, onUnmounted, ref, useTemplateRef, watch } from 'vue'
import { t } from '@/lang'
import Lost from '@/shelf/Lost.vue'
import { keyOf, useCopying } from '@/stores/copying'
import { useShots } from '@/stores/shots'
import { useTogether } from '@/together/together'
import Callout from '@/ui/Callout.vue'
import Num from '@/ui/Num.vue'
import Cautions from '../Cautions.vue'
import PinnedNotes from '../PinnedNotes.vue'
import StepsMenu from '../StepsMenu.vue'
import TopStrip from '../TopStrip.vue'
import Troubles from '../Troubles.vue'
import Waiting from '../Waiting.vue'
import { useOpenDrawing } from '../useOpenDrawing'
import { useSitting } from '../useSitting'
import CellPair from './CellPair.vue'
import CopyFoot from './CopyFoot.vue'
import CopyMore from './CopyMore.vue'
import PassCard from './PassCard.vue'
import { useCellInHand } from './useCellInHand'
import { useCellLooks } from './useCellLooks'
import { useCellsAhead } from './useCellsAhead'
import { useCopyKeys, type CopyKey } from './useCopyKeys'
import { useReadAloud } from './useReadAloud'
import { useSetRight } from './useSetRight'
import { useStrengths } from './useStrengths'
import type { View } from './useWindow'

const props = defineProps<{ id: string; cell?: string }>()
const store = useOpenDrawing(
  () => props.id,
  () => t('rung.copy'),
)
useSitting(() => 'copy')
const cells = useCopying()
const { at, card, go, goBy, move, mark, back, reopen } = useCellInHand(props)
useCellsAhead(at)
const together = useTogether()
watch(at, (cell) => together.point({ cell }), { immediate: true })
onUnmounted(() => together.point({ cell: null }))
const { looks, look } = useCellLooks()
const shots = useShots()
watch([() => looks.shot, () => shots.latest?.id], ([wanted, latest]) => {
  shots.choose(wanted && latest ? latest : null)
  if (wanted && latest) shots.contours = true
})
onUnmounted(() => looks.shot && shots.choose(null))
const right = useSetRight(at, card, looks)
const { setting } = right
watch([() => keyOf(at.value), () => store.drawing?.id, () => store.drawing?.version], () => {
  Object.assign(looks, { chosen: null, pointed: null })
  right.end()
})
// What was said of a cell is no word on the next one.
watch(
  () => keyOf(at.value),
  () => {
    store.said = ''
    delete store.errors.edge
  },
  { immediate: true },
)

/** One after another of so many, and then none. */
const after = (now: number | null, count: number) => (count === 0 || (now !== null && now + 1 >= count) ? null : (now ?? -1) + 1)
/** Crossings stand round a cell that is alone, unless its sides' quarters are wanted. */
const crossings = computed(() => (looks.view === 'one' && !looks.quarters ? (card.value?.crossings ?? []) : []))
const flip = (
  flag:
    | 'quarters'
    | 'hairlines'
    | 'lifted'
    | 'upsideDown'
    | 'mirrored'
    | 'tone'
    | 'brighter'
    | 'things'
    | 'masses'
    | 'loupe'
    | 'strengths'
    | 'shot',
) => ({ act: () => (looks[flag] = !looks[flag]), on: computed(() => looks[flag]) })
const views = (view: View) => ({ act: () => look(view), on: computed(() => looks.view === view) })

/** What the sitting before left open is said once. */
const heard = useSessionStorage(() => `inch-ladder.carried.${props.id}`, '')
const carried = ref('')
watch(
  () => cells.way?.carried,
  (open) => open && open !== heard.value && (carried.value = open),
  { immediate: true },
)
function hear() {
  heard.value = carried.value
  carried.value = ''
}
const aloud = useReadAloud(card, looks)
const strengths = useStrengths(at, card, looks)

/** In ink nothing is rubbed out: each crossing is gone through before the cell is done. */
const gone = ref(0)
watch([() => keyOf(at.value), () => crossings.value.length], () => (gone.value = 0))
function finish() {
  if (aloud.next()) return
  const ink = store.draft?.copy.ink
  // Not before they are known.
  if (ink && !card.value) return
  // Called out they were gone through already.
  if (!ink || aloud.on.value || gone.value >= crossings.value.length) return mark('done')
  looks.pointed = gone.value++
}

const steps: CopyKey[] = [
  { key: 'ArrowLeft', cap: '←', label: t('copy.oneCellLeft'), says: t('copy.oneCellLeft'), act: () => move(-1, 0) },
  { key: 'ArrowUp', cap: '↑', label: t('copy.oneCellUp'), says: t('copy.oneCellUp'), act: () => move(0, -1) },
  { key: 'ArrowDown', cap: '↓', label: t('copy.oneCellDown'), says: t('copy.oneCellDown'), act: () => move(0, 1) },
  { key: 'ArrowRight', cap: '→', label: t('copy.oneCellRight'), says: t('copy.oneCellRight'), act: () => move(1, 0) },
]
const deeds: CopyKey[] = [
  { key: ' ', also: 'PageDown', cap: t('copy.space'), label: t('copy.doneNext'), says: t('copy.doneAndOnToTheNext'), act: finish },
  { key: 'x', cap: 'X', label: t('copy.nothing'), says: t('copy.nothingToDrawInThisCell'), act: () => mark('empty') },
  {
    key: 'f',
    cap: 'F',
    label: t('copy.flag'),
    room: 'rare',
    says: t('copy.flagThisCellAsDoubtful'),
    act: () => void cells.note(at.value, { doubtful: !cells.isDoubtful(at.value) }),
    on: computed(() => cells.isDoubtful(at.value)),
  },
  { key: 'Backspace', also: 'PageUp', cap: '⌫', label: t('copy.back'), says: t('copy.backToTheCellLastLeft'), act: back },
]
const acts: CopyKey[] = [
  { key: 'o', cap: 'O', label: t('copy.open'), says: t('copy.openThisCellAgain'), act: reopen },
  deeds[2]!,
  {
    key: 'n',
    cap: 'N',
    label: t('copy.note'),
    says: t('copy.aNoteOnThisCell'),
    act: () => void drawer.value?.write(),
    on: computed(() => cells.wordsOf(at.value) !== ''),
  },
]
const contours: CopyKey[] = [
  {
    key: 'c',
    cap: 'C',
    label: t('copy.contour'),
    says: t('copy.oneContourAfterAnotherRunAlong'),
    act: () => (looks.chosen = after(looks.chosen, card.value?.courses.length ?? 0)),
    on: computed(() => looks.chosen !== null),
  },
  {
    key: 'e',
    cap: 'E',
    label: t('copy.crossing'),
    says: t('copy.oneCrossingAfterAnotherWithAll'),
    act: () => (looks.pointed = after(looks.pointed, crossings.value.length)),
    on: computed(() => looks.pointed !== null),
  },
]
const spoken: CopyKey = {
  key: 'r',
  cap: 'R',
  label: t('copy.aloud'),
  says: t('copy.callsOutTheCell'),
  act: () => (aloud.on.value = !aloud.on.value),
  on: aloud.on,
}
const groups: { name: string; looks: CopyKey[] }[] = [
  {
    name: t('copy.lookGroups.view'),
    looks: [
      { key: '2', cap: '2', label: t('copy.four'), says: t('copy.fourCellsTogether'), ...views('four') },
      { key: '3', cap: '3', label: t('copy.nine'), says: t('copy.nineCellsTogether'), ...views('nine') },
      { key: 's', cap: 'S', label: t('copy.around'), says: t('copy.theCellInItsSurroundings'), ...views('around') },
    ],
  },
  {
    name: t('copy.lookGroups.help'),
    looks: [
      { key: 'q', cap: 'Q', label: t('copy.quarters'), says: t('copy.theSidesQuartersInPlace'), ...flip('quarters') },
      { key: 'h', cap: 'H', label: t('copy.halves'), says: t('copy.halvingHairlines'), usual: true, ...flip('hairlines') },
      { key: 'g', cap: 'G', label: t('copy.things'), says: t('copy.outlinesOfNamedThings'), ...flip('things') },
      { key: 'k', cap: 'K', label: t('copy.masses'), says: t('copy.fewFlatShapesInPlaceOf'), ...flip('masses') },
      { key: 'w', cap: 'W', label: t('copy.edges'), says: t('copy.whereContoursAreHardSoft'), ...flip('strengths') },
      { key: 'l', cap: 'L', label: t('copy.noGrid'), says: t('copy.liftTheGrid'), ...flip('lifted') },
    ],
  },
  {
    name: t('copy.lookGroups.photo'),
    looks: [
      { key: 't', cap: 'T', label: t('copy.tone'), says: t('copy.fiveGreysAndNoColour'), ...flip('tone') },
      { key: 'b', cap: 'B', label: t('copy.bright'), says: t('copy.brighterToSeeIntoADark'), ...flip('brighter') },
      { key: 'z', cap: 'Z', label: t('copy.loupe'), says: t('copy.largerAndBrighterUnderThePointer'), ...flip('loupe') },
      { key: 'u', cap: 'U', label: t('copy.turned'), says: t('copy.upsideDownToSeeShapes'), ...flip('upsideDown') },
      { key: 'v', cap: 'V', label: t('copy.mirrored'), says: t('copy.mirroredToSeeShapes'), ...flip('mirrored') },
      {
        key: 'p',
        cap: 'P',
        label: t('copy.shot'),
        says: t('copy.theDrawingAsPhotographed'),
        ...flip('shot'),
        can: computed(() => shots.latest !== null),
      },
    ],
  },
]

const rights: CopyKey[] = [
  {
    key: 'a',
    cap: 'A',
    label: t('copy.setRight.crossing'),
    says: t('copy.setRight.addACrossing'),
    act: () => right.add('crossing'),
    on: computed(() => setting.value?.what === 'crossing' && setting.value.was === null),
  },
  {
    key: 'd',
    cap: 'D',
    label: t('copy.setRight.contour'),
    says: t('copy.setRight.addAContour'),
    act: () => right.add('contour'),
    on: computed(() => setting.value?.what === 'contour' && setting.value.was === null),
  },
  {
    key: 'm',
    cap: 'M',
    label: t('copy.setRight.move'),
    says: t('copy.setRight.moveWhatIsPointedAt'),
    act: right.move,
    on: computed(() => Boolean(setting.value?.was)),
  },
  { key: 'Delete', cap: '⌦', label: t('copy.setRight.strike'), says: t('copy.setRight.strikeWhatIsPointedAt'), act: right.strike },
]
const more = ref(false)
const list: CopyKey = { key: '?', cap: '?', label: t('copy.allKeys'), says: t('copy.thisList'), act: () => (more.value = !more.value) }
const keys = [
  ...deeds,
  ...acts.filter((one) => one !== deeds[2]),
  ...contours,
  ...groups.flatMap((group) => group.looks),
  spoken,
  ...rights,
  list,
]
useCopyKeys([...keys, ...steps])
useEventListener('keydown', (event: KeyboardEvent) => event.key === 'Escape' && (more.value = false))

// Who draws shapes without names turns them over; who knows what they are need not.
watch(
  () => store.draft?.copy.naming,
  (naming, before) => naming && before && (looks.upsideDown = naming === 'shapes'),
)

// What is placed is placed by its outlines, in masses.
watch(
  () => cells.pass,
  (pass) => (looks.things = looks.masses = pass === 'place'),
  { immediate: true },
)

/** The way the light falls, as the cell is looked at. */
const lightFalls = computed(() => {
  const degrees = (store.workings?.light?.degrees ?? 0) + (looks.upsideDown ? 180 : 0)
  return looks.mirrored ? 180 - degrees : degrees
})

const wake = useWakeLock()
onMounted(() => void wake.request('screen').catch(() => undefined))
// Where the browser lets a page say so: it stays the way round it is held.
const turn = useScreenOrientation()
onMounted(
  () =>
    turn.isSupported.value &&
    turn.orientation.value &&
    void turn.lockOrientation(turn.orientation.value as OrientationLockType).catch(() => undefined),
)
onUnmounted(() => turn.isSupported.value && turn.unlockOrientation())
onUnmounted(() => void wake.release().catch(() => undefined))

const drawer = useTemplateRef<{ write: () => Promise<void> }>('drawer')
/** What was asked of the hand last, or pointed at by it, is said before what went wrong earlier. */
const asked = computed(() => right.says.value || (looks.pointed === null ? '' : (crossings.value[looks.pointed]?.sentence ?? '')))
const wrong = computed(() => (asked.value ? '' : (store.errors.edge ?? '')))
const said = computed(() => asked.value || wrong.value || aloud.sentence.value || (looks.shot && shots.fault) || store.said)
const isOver = computed(() => cells.left === 0 && !cells.pass)
const passNow = computed(() => cells.passes.find((one) => one.name === cells.pass))
/** The contour in hand; else what the cell has to say first. */
const line = computed(() => {
  const contour = looks.chosen === null ? undefined : card.value?.courses[looks.chosen]
  if (contour) return contour.sentence
  if (isOver.value) return t('copy.everyCellHasBeenRoundLook')
  if (cells.way?.guarded.includes(at.value.row * cells.columns + at.value.column)) return t('copy.layACleanSheet')
  return card.value && store.drawing?.photo && card.value.courses.length === 0 ? t('copy.noEdgeOfLightAndDark') : ''
})
const state = computed(() => {
  const division = store.workings?.divided.find((cell) => keyOf(cell) === keyOf(at.value))
  const words = [
    cells.stateOf(at.value) === 'empty'
      ? t('copy.nothingHere')
      : cells.isSettled(at.value)
        ? t('copy.done')
        : cells.isBegun(at.value)
          ? t('copy.states.begun')
          : '',
    card.value?.partial ? t('copy.aPartialCell') : '',
    cells.isSpared(at.value) ? t('copy.notToBeDrawn') : '',
    division ? t('copy.cutInParts', { parts: division.parts }) : '',
    cells.isDoubtful(at.value) ? t('copy.isDoubtful') : '',
  ]
  return words
    .filter(Boolean)
    .map((word) => ` · ${word}`)
    .join('')
})
</script>

<template>
  <Lost v-if="store.missing" />
  <div v-else-if="store.drawing && store.workings && store.draft && cells.way" class="page">
    <TopStrip :at="cells.pass ? `copy ${cells.pass}` : 'copy'">
      <StepsMenu :id="id" current="copy" :workings="store.workings" :progress="store.progress" />
    </TopStrip>
    <main class="table">
      <div class="head">
        <h2 class="address" data-test="address" aria-live="polite">{{ cells.address(at) }}</h2>
        <svg
          v-if="store.workings.light"
          class="light"
          viewBox="-14 -14 28 28"
          role="img"
          :aria-label="store.workings.light.says"
          data-test="light"
          :style="{ rotate: `${lightFalls}deg` }"
        >
          <title>{{ store.workings.light.says }}</title>
          <path d="M-11 0H10M3 -7L10 0L3 7" />
        </svg>
        <span class="soft">{{ $t('copy.columnAndRow', { column: at.column + 1, row: at.row + 1, state })
        }}<template v-if="passNow"> · {{ passNow.label }}</template></span>
        <span v-if="said" class="twin" :class="{ fault: wrong }" :role="wrong ? 'alert' : 'status'"><Num :text="said" /></span>
        <span v-else class="soft twin"><template v-if="card"><Num :text="card.size" /></template>{{ looks.upsideDown ? `, ${$t('copy.sheetTurnedToo')}` : '' }}</span>
      </div>
      <Troubles said-elsewhere />
      <Cautions :cautions="store.workings.cautions.copy ?? []" />
      <PinnedNotes :at="cells.pass ? ['copy', `copy ${cells.pass}`] : ['copy']" />
      <Callout v-if="carried" tone="calm" data-test="carried">
        <p>{{ $t('copy.leftOpenLastTime', { open: carried }) }}</p>
        <button type="button" class="button" @click="hear">{{ $t('copy.iKnow') }}</button>
      </Callout>
      <PassCard :id :copy="store.draft.copy" @go-by="goBy" />
      <CellPair
        :at
        :card
        :looks
        :crossings
        :setting
        :strengths
        @move="move"
        @point="looks.pointed = $event"
        @put="right.put"
        @choose="looks.chosen = looks.chosen === $event ? null : $event"
      />
    </main>
    <CopyFoot :at :line :deeds :groups :more :over="isOver" @go="go" @more="more = !more">
      <router-link v-if="isOver" class="button strong" :to="{ name: 'rung', params: { id, rung: 'check' } }">{{
        $t('copy.photographTheDrawing')
      }}</router-link>
    </CopyFoot>
    <CopyMore
      v-show="more"
      ref="drawer"
      v-model="looks.chosen"
      :at
      :card
      :strengths
      :choices="store.draft"
      :photo="store.drawing.photo !== null"
      :rights
      :meant="right.meant.value !== null"
      :pointed="looks.pointed"
      :acts
      :aloud="spoken"
      :keys
      :groups
      :size="card ? `${card.size}, ${card.place}` : ''"
      @go="go"
      @go-by="(way) => (goBy(way), (more = false))"
      @close="more = false"
      @show="more = true"
    />
  </div>
  <Waiting v-else />
</template>

<style scoped>
.page {
  position: relative;
  display: grid;
  grid-template: var(--strip) minmax(0, 1fr) auto / minmax(0, 1fr);
  height: 100%;
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
  font-size: 2.375rem;
  line-height: 1.15;
}

.light {
  width: 30px;
  height: 30px;
  align-self: center;
}

.light path {
  fill: none;
  stroke: #d99a16;
  stroke-width: 3.5;
  stroke-linecap: round;
}

.twin {
  margin-left: auto;
}

@media (max-width: 760px) {
  .table {
    padding: 2px 8px;
  }

  .address {
    font-size: 1.875rem;
  }

  .twin {
    width: 100%;
    margin: 0;
    font-size: 0.875rem;
    line-height: 1.2;
  }
}

/* A small phone: what is said slides, and the cells keep their room. */
@media (max-width: 760px) and (max-height: 680px) {
  .twin {
    display: none;
  }

  .table > :deep(.callout) {
    flex: none;
    max-height: 58px;
    padding: 5px 11px;
    overflow-y: auto;
    font-size: 0.9375rem;
  }
}
</style>
