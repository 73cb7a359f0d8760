<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, Refused } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { Folding, Marking, MarkingTick } from '@/api/types'
import { labels, t } from '@/lang'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import { useHand } from '@/ui/useHand'
import NextButton from '../NextButton.vue'
import RungPage from '../RungPage.vue'
import { useNext } from '../useNext'
import { useOpenDrawing } from '../useOpenDrawing'
import { useSitting } from '../useSitting'
import FoldPicture from './FoldPicture.vue'
import TickList from './TickList.vue'
import { useCaller } from './useCaller'
import WalkBoard from './WalkBoard.vue'

/** Marking out, a step at a time, with hands that are busy: what to do, every reading large, ticked off as it is made. */
const props = defineProps<{ id: string; board: 'paper' | 'photo' | 'folded'; step?: string }>()
const store = useOpenDrawing(
  () => props.id,
  () => t('walk.markingOut'),
)
useSitting(() => 'marks')
const router = useRouter()
const hand = useHand()
const caller = useCaller()

const marking = shallowRef<Marking | null>(null)
const folding = shallowRef<Folding | null>(null)
const latest = useLatest()
const fault = ref('')

async function asked<T>(question: Promise<T>): Promise<T | null> {
  try {
    const answer = await question
    fault.value = ''
    return answer
  } catch (error) {
    if (!(error instanceof Refused)) throw error
    fault.value = error.status === 404 ? t('walk.onAScreenThere') : error.message
    return null
  }
}

async function load() {
  if (!store.drawing) return
  await asked(
    props.board === 'folded'
      ? latest(api.folding(props.id), (fresh) => (folding.value = fresh))
      : latest(api.marking(props.id, props.board, hand.value), take),
  )
}

/** Of which drawing, board and hand the marks are. */
let of = ''

/** An answer that was overtaken by what was ticked since is let go of. */
function take(answer: Marking | null) {
  if (!answer) return
  store.heard(answer.kept)
  const now = `${props.id} ${props.board} ${hand.value}`
  if (of === now && marking.value && answer.kept.edits < marking.value.kept.edits) return
  of = now
  marking.value = answer
}
watch([() => props.board, () => hand.value, () => store.drawing?.id, () => store.drawing?.version], load, { immediate: true })
// Taken back, or brought again.
watch(
  () => store.drawing?.edits,
  (edits) => props.board !== 'folded' && edits !== marking.value?.kept.edits && void load(),
)
// Another tab, or a phone at the easel, may have ticked meanwhile.
useEventListener('focus', load)
onMounted(() => (store.rung = null))

const steps = computed(() =>
  props.board === 'folded'
    ? (folding.value?.folds ?? []).map((fold, i) => ({ key: String(i + 1), name: fold.name, left: 0, all: 0 }))
    : (marking.value?.steps ?? []).map((step) => ({
        key: step.key,
        name: step.name,
        left: step.ticks.filter((tick) => !tick.done).length,
        all: step.ticks.length,
      })),
)
const at = computed(() =>
  Math.max(
    0,
    steps.value.findIndex((step) => step.key === props.step),
  ),
)
const now = computed(() => marking.value?.steps[at.value])
const fold = computed(() => folding.value?.folds[at.value])
const waiting = computed(() => now.value?.ticks.find((tick) => !tick.done) ?? null)

function go(by: number) {
  const next = steps.value[at.value + by]
  if (next) void router.replace({ name: 'walk', params: { id: props.id, board: props.board, step: next.key } })
}

async function mark(tick: MarkingTick, done: boolean) {
  if (props.board === 'folded') return
  const answer = await asked(api.tickMark(props.id, props.board, hand.value, tick.key, done))
  take(answer)
  if (done && caller.on.value) caller.call(waiting.value?.spoken ?? t('walk.thatIsAllOfThisStep'))
}

/** The tick that waits is made, or the step is done: one key, so that a pedal will do. */
function onward() {
  if (waiting.value) void mark(waiting.value, true)
  else go(1)
}

function backward() {
  const made = now.value?.ticks.filter((tick) => tick.done) ?? []
  const last = made[made.length - 1]
  if (last) void mark(last, false)
  else go(-1)
}

useEventListener('keydown', (event) => {
  const target = event.target as HTMLElement
  // A button or a box that has the focus is worked by its own key; a pedal works whatever has it.
  if (event.key === ' ' && target.matches('input, button')) return
  if (target.matches('input[type=text], textarea') || event.ctrlKey || event.metaKey || event.altKey) return
  if (target.matches('input[type=radio]') && event.key.startsWith('Arrow')) return
  const act = { ' ': onward, PageDown: onward, Backspace: backward, PageUp: backward, ArrowRight: () => go(1), ArrowLeft: () => go(-1) }[
    event.key
  ]
  if (!act) return
  event.preventDefault()
  act()
})

function callOut() {
  caller.on.value = !caller.on.value
  if (caller.on.value) caller.call(waiting.value?.spoken ?? t('walk.nothingIsLeftInThisStep'))
  else caller.hush()
}

async function again() {
  if (props.board === 'folded') return
  await asked(api.clearMarks(props.id, props.board))
  await load()
}

/** Whether something of this step was made, to go back to. */
const madeOne = computed(() => now.value?.ticks.some((tick) => tick.done) ?? false)
const next = useNext(() => 'marks')

const boards = computed<Record<string, string>>(() => ({
  paper: t('walk.thePaper'),
  ...(store.draft?.photo.kind === 'print' ? { photo: t('walk.thePrint') } : {}),
  folded: t('walk.byFolding'),
}))
const board = computed({
  get: () => props.board,
  set: (wanted) => void router.replace({ name: 'walk', params: { id: props.id, board: wanted } }),
})
</script>

<template>
  <RungPage :id="id" rung="marks" :name="$t('walk.markingOut')" tall>
    <template #default>
      <section class="walk">
        <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
        <template v-else-if="board === 'folded' && fold && folding">
          <FoldPicture :fold="fold" :ratio="folding.ratio" />
          <div class="says">
            <h1>{{ at + 1 }}. {{ fold.name }}</h1>
            <p v-for="line in fold.words" :key="line">{{ line }}</p>
            <p class="soft">{{ $t('walk.neverCreaseAPrintYouCherish') }}</p>
          </div>
        </template>
        <template v-else-if="now && marking">
          <WalkBoard :marking="marking" :step="now" :waiting="waiting" />
          <div class="says">
            <h1 data-test="step">{{ at + 1 }}. {{ now.name }}</h1>
            <p v-for="line in now.words" :key="line"><Num :text="line" /></p>
            <TickList :step="now" :waiting="waiting" @mark="mark" />
          </div>
        </template>
      </section>
    </template>
    <template #workings>
      <h2>{{ $t('walk.markingOut') }}</h2>
      <p class="result">{{ $t('walk.stepOf', { n: at + 1, of: steps.length }) }}</p>
      <button v-if="board !== 'folded'" type="button" class="button" :aria-pressed="caller.on.value" @click="callOut">
        {{ caller.on.value ? $t('walk.stopCallingOut') : $t('walk.callTheReadingsOut') }}
      </button>
      <p v-if="caller.on.value && !caller.speaks" class="soft">{{ $t('walk.thisBrowserHasNoVoice') }}</p>
      <p v-if="board === 'folded' && folding" data-test="folding"><Num :text="folding.says" /></p>
      <p v-for="one in board === 'folded' ? (folding?.what ?? []) : []" :key="one" data-test="fold-what">{{ one }}</p>
      <p v-if="board !== 'folded' && marking?.moved" class="callout" role="alert" data-test="moved">{{ marking.moved }}</p>
      <div>
        <Fold group="walk edges" :name="$t('walk.allEdges')" :decided="steps[at]?.name">
          <ol class="places steps">
            <li v-for="(one, i) in steps" :key="one.key">
              <router-link
                :to="{ name: 'walk', params: { id, board, step: one.key } }"
                replace
                :class="{ on: i === at }"
                :aria-current="i === at ? 'step' : undefined"
              >
                <span>{{ one.name }}</span>
                <span v-if="one.all" class="soft">{{ one.left === 0 ? $t('walk.done') : $t('walk.left', { left: one.left }) }}</span>
              </router-link>
            </li>
          </ol>
        </Fold>
        <Fold group="walk boards" :name="$t('walk.paperPrintFolding')" :decided="boards[board]">
          <Pick v-model="board" :label="$t('walk.whatIsMarked')" :options="boards" />
          <Pick v-if="board !== 'folded'" v-model="hand" :label="$t('walk.theHandThatDraws')" :options="labels('right', 'left')" />
          <i18n-t keypath="walk.noRulerAtHand" tag="p" class="soft">
            <router-link :to="{ name: 'print', params: { id, sheet: board === 'folded' ? 'folding' : 'strips' } }">{{
              $t('walk.printStrips')
            }}</router-link>
          </i18n-t>
        </Fold>
        <Fold v-if="board !== 'folded'" group="walk over" :name="$t('walk.startOver')">
          <p>{{ $t('walk.allMarksOpen') }}</p>
          <button type="button" class="button" data-test="start-over" @click="again">{{ $t('walk.beginAgainNothingTicked') }}</button>
        </Fold>
      </div>
    </template>
    <template #next>
      <span class="hint"><template v-if="board !== 'folded'"><kbd>{{ $t('walk.space') }}</kbd> {{ $t('walk.madeAndOn') }}</template></span>
      <button type="button" class="button" :disabled="at === 0 && !madeOne" @click="backward">{{ $t('copy.back') }}</button>
      <button v-if="waiting" type="button" class="button strong" data-test="mark-done" @click="onward">
        {{ $t('walk.doneNextMark') }}
      </button>
      <button v-else-if="at < steps.length - 1" type="button" class="button strong" @click="go(1)">{{ steps[at + 1]?.name }}</button>
      <NextButton v-else :id="id" step="marks" :next="next" />
    </template>
  </RungPage>
</template>

<style scoped>
.walk {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 26px;
  min-height: 0;
  padding: 22px 26px 14px;
}

.says {
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-height: 0;
  overflow-y: auto;
  font-size: 1.1875rem;
  line-height: 1.35;
}

h1 {
  margin: 0;
  font-size: 1.875rem;
  line-height: 1.15;
}

.callout {
  border-left: 4px solid var(--red);
  padding-left: 10px;
}

@media (max-width: 760px) {
  .walk {
    grid-template: 30vh auto / minmax(0, 1fr);
    padding: 12px;
    gap: 12px;
  }

  .says {
    overflow: visible;
  }
}
</style>
