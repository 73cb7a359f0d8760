<script setup lang="ts">
import { useDropZone, useEventListener, useTitle } from '@vueuse/core'
import { reactive, ref, shallowRef, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import { api, begin, bringBack, Refused } from '@/api/client'
import type { ShelfEntry } from '@/api/types'
import { route, type RungKey } from '@/rungs/rungs'
import { useDrawing } from '@/stores/drawing'
import Callout from '@/ui/Callout.vue'
import Num from '@/ui/Num.vue'
import { useHand } from '@/ui/useHand'
import { useScheme } from '@/ui/useScheme'
import SmallBoard from './SmallBoard.vue'

useTitle('Shelf · Inch Ladder')
const router = useRouter()
const scheme = useScheme()
const hand = useHand()

const entries = shallowRef<ShelfEntry[] | null>(null)
const trouble = ref<string | null>(null)
const progress = ref<number | null>(null)
const binned = shallowRef<ShelfEntry | null>(null)
const chooser = useTemplateRef<HTMLInputElement>('chooser')

/** A page as it is asked for; a shorter one is the last. */
const PAGE = 24
const more = ref(false)

const drawings = useDrawing()

async function load(from = 0) {
  try {
    // What was noted on the page that was left a moment ago comes first, or the shelf would not know of it.
    await drawings.settleHand()
    const page = await api.shelf(hand.value, from)
    entries.value = [...(entries.value ?? []).slice(0, from), ...page]
    more.value = page.length === PAGE
    inBin.value = (await api.binned()).drawings
  } catch (error) {
    trouble.value = error instanceof Refused ? error.message : String(error)
  }
}
void load()
// Brought back by the Back button as it was left, or looked at again after another tab: it says how things are now.
useEventListener(window, 'pageshow', (event: PageTransitionEvent) => event.persisted && void load())
useEventListener(document, 'visibilitychange', () => document.visibilityState === 'visible' && void load())

async function take(file: File | undefined) {
  if (!file || progress.value !== null) return
  trouble.value = null
  progress.value = 0
  try {
    const archive = file.name.toLowerCase().endsWith('.zip')
    const drawing = await (archive ? bringBack : begin)(file, (share) => (progress.value = share))
    await router.push({ name: 'rung', params: { id: drawing.id, rung: 'photo' } })
  } catch (error) {
    trouble.value = error instanceof Refused ? error.message : String(error)
  } finally {
    progress.value = null
    if (chooser.value) chooser.value.value = ''
  }
}

const sizes = reactive({ width: '', height: '' })

/** A drawing with no photo: many only need the marks. */
async function takeSizes() {
  trouble.value = null
  try {
    const drawing = await api.beginSizes(sizes.width, sizes.height)
    await router.push({ name: 'rung', params: { id: drawing.id, rung: 'photo' } })
  } catch (error) {
    trouble.value = error instanceof Refused ? (Object.values(error.trouble.errors ?? {})[0]?.[0] ?? error.message) : String(error)
  }
}

const { isOverDropZone } = useDropZone(document.body, { onDrop: (files) => void take(files?.[0]), multiple: true })

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
      <h1>Inch Ladder</h1>
      <span class="soft">a photo on to paper, in true proportion</span>
      <button type="button" class="button bare" @click="scheme = scheme === 'dark' ? 'light' : 'dark'">{{ scheme === 'dark' ? 'day' : 'lamp' }}</button>
    </header>
    <main>
      <div class="drop" :class="{ over: isOverDropZone }">
        <template v-if="progress === null">
          <p><b>Drop a photo anywhere here</b> to start a drawing</p>
          <label class="button strong">Choose a photo<input ref="chooser" type="file" class="unseen" accept="image/jpeg,image/png,image/webp,image/heic,image/avif,.zip" data-test="photo-file" @change="take(($event.target as HTMLInputElement).files?.[0])" /></label>
          <p class="soft">JPEG, PNG, WebP or HEIC, up to 64 MB, or a drawing that was exported. It stays on this machine.</p>
          <form class="sizes" @submit.prevent="takeSizes">
            <span>Only the marks are wanted? The original’s size will do:</span>
            <el-input v-model="sizes.width" aria-label="Original’s width" placeholder="6 in" autocomplete="off" />
            <span>×</span>
            <el-input v-model="sizes.height" aria-label="Original’s height" placeholder="7 1/2 in" autocomplete="off" />
            <button type="submit" class="button">begin without a photo</button>
          </form>
        </template>
        <div v-else class="progress" role="status">
          <p>{{ progress < 1 ? `Bringing it over, ${Math.round(progress * 100)} %` : 'Turning it upright and reading its colours …' }}</p>
          <progress :value="progress < 1 ? progress : undefined" max="1" aria-label="Bringing the photo over" />
        </div>
      </div>
      <Callout v-if="trouble" data-test="trouble">{{ trouble }}</Callout>
      <Callout v-if="binned" tone="calm" class="binned"><span>“{{ binned.title }}” is in the bin.</span><button type="button" class="button" @click="putBack">Put it back</button></Callout>
      <p v-if="entries?.length === 0" class="soft">The shelf is empty. A first photo can be any snapshot; nothing done here alters it.</p>
      <ul v-if="entries" class="boards">
        <li v-for="entry in entries" :key="entry.id">
          <div v-if="entry.trouble" class="damaged" data-test="damaged">
            <div class="board"><Callout>{{ entry.trouble }}</Callout></div>
            <h2>{{ entry.title }}</h2>
            <p class="soft">It cannot be opened as it stands. Nothing is lost: take the last change back, or export it.</p>
            <button v-if="entry.undo" type="button" class="button" @click="takeBack(entry)">take back: {{ entry.undo }}</button>
          </div>
          <router-link v-else :to="route(entry.id, entry.rung as RungKey)">
            <div class="board"><SmallBoard :entry="entry" /></div>
            <h2>{{ entry.title }}</h2>
            <p class="soft"><Num :text="entry.decision" /></p>
            <p class="rungs" :title="`${entry.done} of ${entry.cells} cells done`"><span :style="{ width: `${(100 * (entry.done + entry.empty)) / entry.cells}%` }" /></p>
            <p>{{ entry.next }}</p>
          </router-link>
          <span class="acts">
            <a class="button bare" :href="`/api/drawings/${entry.id}/drawing.zip`" :aria-label="`export: ${entry.title}`">export</a>
            <button type="button" class="button bare" :aria-label="`to the bin: ${entry.title}`" @click="bin(entry)">to the bin</button>
          </span>
        </li>
      </ul>
      <p v-if="inBin > 0" class="soft bin" data-test="bin">
        {{ inBin === 1 ? 'One drawing is' : `${inBin} drawings are` }} in the bin.
        <button type="button" class="button" @click="emptyBin">{{ asksToEmpty ? 'Yes, throw them away for good' : 'Empty the bin' }}</button>
        <button v-if="asksToEmpty" type="button" class="button bare" @click="asksToEmpty = false">Keep them</button>
      </p>
      <button v-if="more && entries" type="button" class="button more" @click="load(entries.length)">Show older drawings</button>
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
  font-size: 24px;
}

header .button {
  margin-left: auto;
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
  justify-content: center;
  gap: 8px;
  width: 100%;
}

.sizes .el-input {
  width: 92px;
}

.drop {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: center;
  gap: 12px 20px;
  min-height: 92px;
  padding: 18px;
  border: 2px dashed var(--tick);
}

.drop.over {
  border: 2px solid var(--guide-ink);
  background: var(--panel);
}

.drop label:has(:focus-visible) {
  outline: 2px solid var(--guide-ink);
  outline-offset: 2px;
}

.progress {
  width: min(420px, 100%);
}

progress {
  width: 100%;
  accent-color: var(--done);
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

li > .acts {
  position: absolute;
  right: -8px;
  bottom: -6px;
  font-weight: 400;
  font-size: 14px;
  color: var(--soft);
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

@media (max-width: 500px) {
  header span {
    display: none;
  }
}

.acts .button {
  font-size: 14px;
  font-weight: 400;
  color: var(--soft);
}
</style>
