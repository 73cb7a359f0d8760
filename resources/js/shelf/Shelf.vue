<script setup lang="ts">
import { useDebounceFn, useLocalStorage, useEventListener, useMediaQuery, useTitle } from '@vueuse/core'
import { computed, onUnmounted, reactive, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, Refused } from '@/api/client'
import type { ShelfEntry } from '@/api/types'
import { choice, t } from '@/lang'
import { route, type RungKey } from '@/rungs/rungs'
import { useDrawing } from '@/stores/drawing'
import Callout from '@/ui/Callout.vue'
import Num from '@/ui/Num.vue'
import Offer from '@/ui/Offer.vue'
import Pick from '@/ui/Pick.vue'
import { useHand } from '@/ui/useHand'
import Fold from '@/ui/Fold.vue'
import { useShelfEvents } from '@/together/useShelfEvents'
import { useOwn } from '@/settings/useOwn'
import { useCatalogue } from '@/stores/catalogue'
import Bringing from './Bringing.vue'
import FirstStart from './FirstStart.vue'
import KeepingNotices from './KeepingNotices.vue'
import SmallBoard from './SmallBoard.vue'
import { useBringing } from './useBringing'
import { useShared } from './useShared'
import FilePick from '@/ui/FilePick.vue'

/** A device that is held in the hand has a camera. */
const handheld = useMediaQuery('(pointer: coarse)')

useTitle(t('shelf.shelfInchLadder'))
const router = useRouter()
const came = useRoute()
const begun = useLocalStorage('inch-ladder.begun', false)
const hand = useHand()
const own = useOwn()
const shelf = useCatalogue()

const entries = shallowRef<ShelfEntry[] | null>(null)
const trouble = ref<string | null>(null)
const bringing = useBringing()
const { progress } = bringing
onUnmounted(() => (bringing.trouble.value = null))
const take = (files: File[]) => bringing.take(router, files)
// Several that came in at once are seen as soon as they are here.
watch(progress, (now) => now === null && void load())
const shared = useShared()
const binned = shallowRef<ShelfEntry | null>(null)

/** A page as it is asked for; a shorter one is the last. */
const PAGE = 24
const more = ref(false)
const asked = ref(0)

const drawings = useDrawing()

/** The one to go on with: the last that was worked on and is not done. */
const newest = shallowRef<ShelfEntry | null>(null)

/** What the list is narrowed to, and how it is ordered. */
const search = ref('')
const sort = useLocalStorage<'touched' | 'name'>('inch-ladder.sort', 'touched')
/** Few drawings are found by looking. */
const MANY = 6
const many = computed(() => search.value !== '' || (entries.value ?? []).length > MANY)

/** As many as are shown already, or those that follow them: what is told of another drawing takes none away. */
async function load(from = 0, to = Math.max(PAGE, asked.value)) {
  try {
    // What was noted on the page that was left a moment ago comes first, or the shelf would not know of it.
    await drawings.settleHand()
    const wanted = [search.value, sort.value].join()
    const fresh: ShelfEntry[] = []
    let isLast = false
    for (let at = from; at < to && !isLast; at += PAGE) {
      const page = await api.shelf(hand.value, at, search.value, sort.value)
      // Something else was asked for meanwhile.
      if (wanted !== [search.value, sort.value].join()) return
      fresh.push(...page.filter((one) => !fresh.some((other) => other.id === one.id)))
      isLast = page.length < PAGE
    }
    // Older ones were asked for while this was on its way.
    if (from === 0 && to < asked.value) return await load()
    if (from === 0) {
      const touched = search.value === '' && sort.value === 'touched' ? fresh : await api.shelf(hand.value)
      newest.value = touched.find((one) => !one.trouble && !one.finished) ?? null
    }
    const before = from === 0 ? [] : (entries.value ?? [])
    entries.value = [...before, ...fresh.filter((one) => !before.some((other) => other.id === one.id))]
    asked.value = Math.max(asked.value, to)
    more.value = !isLast
    inBin.value = (await api.binned()).drawings
  } catch (error) {
    trouble.value = error instanceof Refused ? error.message : String(error)
  }
}
void load()
// Brought back by the Back button as it was left, or looked at again after another tab: it says how things are now.
useEventListener(window, 'pageshow', (event: PageTransitionEvent) => event.persisted && void load())
useEventListener(document, 'visibilitychange', () => document.visibilityState === 'visible' && void load())
const loadSoon = useDebounceFn(() => load(), 300)
watch([search, sort], () => {
  asked.value = 0
  void loadSoon()
})
const told = useShelfEvents()
watch(told, ({ paired }) => paired || void loadSoon())
// What was noted elsewhere may come in when the shelf is seen already.
watch(
  () => drawings.taken,
  () => void load(),
)

/** Sheets of one drawing lie side by side, where the one touched last has its place. */
const boards = computed(() => {
  const all = entries.value ?? []
  return all
    .filter((one, i) => !one.work || all.findIndex((other) => other.work === one.work) === i)
    .map((one) => (one.work ? all.filter((other) => other.work === one.work).sort((a, b) => (a.id < b.id ? -1 : 1)) : [one]))
})

const sizes = reactive({ width: '', height: '', trouble: '' })

/** A drawing with no photo: many only need the marks. */
async function takeSizes() {
  sizes.trouble = ''
  try {
    const drawing = await api.beginSizes(sizes.width, sizes.height, own.value.unit)
    await router.push({ name: 'rung', params: { id: drawing.id, rung: 'photo' } })
  } catch (error) {
    sizes.trouble = error instanceof Refused ? (Object.values(error.trouble.errors ?? {})[0]?.[0] ?? error.message) : String(error)
  }
}

// A shortcut of the installed app goes on where one was.
watch(newest, (one) => {
  if (one && 'go-on' in came.query) void router.replace(route(one.id, one.rung as RungKey))
})

/** What was moved to the bin on its own page is offered back here. */
if (typeof came.query.binned === 'string') {
  const id = came.query.binned
  binned.value = { id, title: String(came.query.title ?? '') } as ShelfEntry
  void router.replace({ name: 'shelf' })
}

/** Takes back the last change of a drawing that cannot be opened as it stands. */
async function takeBack(entry: ShelfEntry) {
  try {
    await api.undo(entry.id, entry.version)
  } catch (error) {
    trouble.value = error instanceof Refused ? error.message : String(error)
  }
  await load()
}

async function bin(entry: ShelfEntry) {
  await api.bin(entry.id)
  binned.value = entry
  await load()
}

const inBin = ref(0)
/** Emptying is for good: the first press asks, the second does it. */
const asksToEmpty = ref(false)

async function emptyBin() {
  if (!asksToEmpty.value) {
    asksToEmpty.value = true
    return
  }
  asksToEmpty.value = false
  inBin.value = (await api.emptyBin()).drawings
  binned.value = null
}

async function putBack() {
  if (binned.value) await api.restore(binned.value.id)
  binned.value = null
  await load()
}
</script>

<template>
  <div class="shelf">
    <header>
      <svg viewBox="0 0 20 20" width="26" height="26" aria-hidden="true"><path d="M4 1v18M16 1v18M4 5h12M4 10h12M4 15h12" /></svg>
      <h1>{{ $t('shelf.inchLadder') }}</h1>
      <span class="soft">{{ $t('shelf.aPhotoOnToPaper') }}</span>
      <router-link class="button bare" :to="{ name: 'settings' }">{{ $t('settings.settings') }}</router-link>
      <router-link class="button bare" :to="{ name: 'instruments' }">{{ $t('instruments.instruments') }}</router-link>
    </header>
    <main>
      <FirstStart v-if="!begun" />
      <template v-else>
        <div v-if="progress === null" class="begin">
          <p v-if="newest" class="next">
            <b>{{ newest.title }}</b> {{ newest.next }}
          </p>
          <p v-else-if="entries" class="next">{{ $t('shelf.theShelfIsEmptyAFirst') }}</p>
          <router-link v-if="newest" class="button strong" data-test="go-on" :to="route(newest.id, newest.rung as RungKey)">{{
            newest.button
          }}</router-link>
          <FilePick
            :strong="!newest"
            accept="image/jpeg,image/png,image/webp,image/heic,image/avif,.zip"
            data-test="photo-file"
            multiple
            @files="take"
          >
            {{ $t('shelf.addAPhoto') }}
          </FilePick>
          <FilePick v-if="handheld" accept="image/*" capture="environment" @files="take">{{ $t('shelf.takeAPhoto') }}</FilePick>
        </div>
        <Bringing v-else />
      </template>
      <Offer
        v-if="shared.files.value.length > 0"
        :sentence="$t('shelf.sharedHere', { name: shared.files.value[0]!.name }, shared.files.value.length)"
        :take="$t('shelf.takeShared')"
        :keep="$t('shelf.leaveShared')"
        data-test="shared"
        @take="shared.done().then(take)"
        @keep="shared.done()"
      />
      <KeepingNotices @taken-over="load()" />
      <Callout v-if="trouble ?? bringing.trouble.value" data-test="trouble">{{ trouble ?? bringing.trouble.value }}</Callout>
      <Callout v-if="binned" tone="calm" class="binned">
        <span>{{ $t('shelf.movedToBin', { title: binned.title }) }}</span>
        <button type="button" class="button" @click="putBack">{{ $t('table.undo') }}</button>
      </Callout>
      <p v-for="paper in shelf.of('paper').filter((one) => one.low)" :key="paper.id" class="fault" data-test="low-stock">{{ paper.low }}</p>
      <div v-if="begun && many" class="find" data-test="find">
        <el-input v-model="search" type="search" :aria-label="$t('shelf.findADrawing')" :placeholder="$t('shelf.findADrawing')" clearable />
        <Pick v-model="sort" :label="$t('shelf.sortBy')" :options="{ touched: $t('shelf.lastTouched'), name: $t('shelf.name') }" />
      </div>
      <p v-if="search && entries?.length === 0" data-test="none-found">{{ $t('shelf.noneFound', { search }) }}</p>
      <ul v-if="entries" class="boards">
        <li
          v-for="[entry, ...others] in boards.map((group) => [group[0]!, ...group.slice(1)] as const)"
          :key="entry.id"
          :class="{ several: others.length }"
        >
          <div v-if="entry.trouble" class="damaged" data-test="damaged">
            <div class="board">
              <Callout>{{ entry.trouble }}</Callout>
            </div>
            <h2>{{ entry.title }}</h2>
            <p class="soft">{{ $t('shelf.itCannotBeOpened') }}</p>
            <button v-if="entry.undo" type="button" class="button" @click="takeBack(entry)">
              {{ $t('shelf.takeBackUndo', { undo: entry.undo }) }}
            </button>
            <a
              class="button bare"
              :href="`/api/drawings/${entry.id}/drawing.zip`"
              :aria-label="$t('shelf.exportTitle', { title: entry.title })"
            >{{ $t('table.exportDrawing') }}</a>
            <button type="button" class="button bare" :aria-label="$t('shelf.toTheBinTitle', { title: entry.title })" @click="bin(entry)">
              {{ $t('table.moveToBin') }}
            </button>
          </div>
          <h2 v-else-if="others.length" class="of">{{ entry.title }}</h2>
          <router-link v-else :to="route(entry.id, entry.rung as RungKey)">
            <div class="board"><SmallBoard :entry="entry" /></div>
            <h2>{{ entry.title }}</h2>
            <p class="soft"><Num :text="entry.decision" /></p>
            <p class="rungs" :title="$t('shelf.cellsDone', { done: entry.done, cells: entry.cells })">
              <span :style="{ width: `${(100 * entry.done) / Math.max(1, entry.cells)}%` }" />
            </p>
            <p>{{ entry.next }}</p>
          </router-link>
          <div v-if="others.length" class="sheets" data-test="sheets">
            <router-link
              v-for="sheet in [entry, ...others].filter((one) => !one.trouble)"
              :key="sheet.id"
              class="sheet"
              :to="route(sheet.id, sheet.rung as RungKey)"
            >
              <div class="board"><SmallBoard :entry="sheet" /></div>
              <b>{{ sheet.purpose ? choice(sheet.purpose) : choice('a sheet') }}</b>
              <p class="soft"><Num :text="sheet.decision" /></p>
              <p class="rungs" :title="$t('shelf.cellsDone', { done: sheet.done, cells: sheet.cells })">
                <span :style="{ width: `${(100 * sheet.done) / Math.max(1, sheet.cells)}%` }" />
              </p>
            </router-link>
          </div>
        </li>
      </ul>
      <button v-if="more && entries" type="button" class="button more" @click="load(asked, asked + PAGE)">{{ $t('shelf.showOlderDrawings') }}</button>
      <div>
        <Fold group="shelf sizes" :name="$t('shelf.beginWithoutAPhoto')">
          <p>{{ $t('shelf.onlyTheMarksAreWanted') }}</p>
          <form class="sizes" @submit.prevent="takeSizes">
            <el-input
              v-model="sizes.width"
              :aria-label="$t('shelf.originalsWidth')"
              :placeholder="own.unit === 'in' ? $t('shelf.widthHint') : $t('shelf.widthHintCm')"
              autocomplete="off"
            />
            <span>×</span>
            <el-input
              v-model="sizes.height"
              :aria-label="$t('shelf.originalsHeight')"
              :placeholder="own.unit === 'in' ? $t('shelf.heightHint') : $t('shelf.heightHintCm')"
              autocomplete="off"
            />
            <button type="submit" class="button">{{ $t('shelf.startDrawing') }}</button>
          </form>
          <Callout v-if="sizes.trouble" data-test="trouble">{{ sizes.trouble }}</Callout>
        </Fold>
        <Fold v-if="inBin > 0" group="shelf bin" :name="$t('shelf.bin')" :decided="String(inBin)">
          <p class="bin" data-test="bin">
            {{ $t('shelf.inTheBin', inBin) }}
            <button type="button" class="button" @click="emptyBin">
              {{ asksToEmpty ? $t('shelf.yesThrowThemAwayForGood') : $t('shelf.emptyTheBin') }}
            </button>
            <button v-if="asksToEmpty" type="button" class="button bare" @click="asksToEmpty = false">{{ $t('boards.neverMind') }}</button>
          </p>
        </Fold>
      </div>
    </main>
  </div>
</template>

<style scoped>
.shelf {
  max-width: 1180px;
  margin: 0 auto;
  padding: 0 24px 40px;
}

header {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 18px 0;
}

header path {
  fill: none;
  stroke: var(--graphite);
  stroke-width: 2;
}

h1 {
  font-size: 1.5rem;
}

header .soft + .button {
  margin-left: auto;
}

header .button {
  font-weight: 400;
}

main {
  display: grid;
  gap: 20px;
}

.sizes {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}

.sizes .el-input {
  width: 92px;
}

.find {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 16px;
}

.find > :last-child {
  min-inline-size: 270px;
}

.find .el-input {
  flex: 0 1 300px;
}

.begin {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}

.begin .button {
  min-height: 48px;
  padding: 5px 22px;
  font-size: 1.0625rem;
}

.next {
  font-size: 1.125rem;
  margin-right: auto;
}

.boards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 34px 28px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  position: relative;
}

li > a,
.damaged {
  display: grid;
  gap: 3px;
  text-decoration: none;
}

.board {
  height: 300px;
  display: flex;
  align-items: end;
  padding-bottom: 10px;
  border-bottom: 3px solid var(--graphite);
  margin-bottom: 8px;
}

/* A drawing with several sheets takes two places. */
li.several {
  grid-column: span 2;
}

.sheets {
  display: flex;
  gap: 16px;
  overflow-x: auto;
}

.sheet {
  display: grid;
  flex: 1 1 0;
  min-width: 150px;
  gap: 3px;
  text-decoration: none;
}

.sheet .board {
  height: 240px;
}

.of {
  margin-bottom: 4px;
}

.damaged .button {
  justify-self: start;
}

.more {
  justify-self: center;
  margin-top: 20px;
}

.rungs {
  height: 6px;
  background: var(--rule);
}

.rungs span {
  display: block;
  height: 100%;
  background: var(--done);
}

@media (max-width: 700px) {
  li.several {
    grid-column: span 1;
  }
}

@media (max-width: 500px) {
  .next {
    width: 100%;
  }

  .begin .button {
    flex: 1;
    padding: 5px 12px;
  }

  .begin .strong {
    flex-basis: 100%;
  }

  header span {
    display: none;
  }

  header {
    flex-wrap: wrap;
    gap: 0 6px;
  }

  h1 {
    font-size: 1.25rem;
    white-space: nowrap;
  }

  header .button {
    padding: 0 6px;
    white-space: nowrap;
  }
}
</style>
