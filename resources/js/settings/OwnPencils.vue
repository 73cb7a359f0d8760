<script setup lang="ts">
import { reactive, ref, shallowRef } from 'vue'
import { api, readSwatches, Refused } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { Pencil, PencilBox, Swatch } from '@/api/types'
import { labels, t } from '@/lang'
import Callout from '@/ui/Callout.vue'
import Choose from '@/ui/Choose.vue'
import FilePick from '@/ui/FilePick.vue'

/** The pencils one owns: named, and what they leave read off a page of swatches, or picked by eye. */
const props = defineProps<{ of: string | null }>()
const kinds = labels('graphite', 'coloured pencil', 'pastel')
const pencils = shallowRef<Pencil[]>([])
const fresh = reactive({ name: '', kind: 'graphite' as Pencil['kind'] })
const fault = ref('')
/** What was put on the list last. */
const added = shallowRef<PencilBox | null>(null)
const asks = ref<string | null>(null)
/** What was read, until it is kept or let go. */
const read = shallowRef<Swatch[] | null>(null)
const rehearsed = ref(false)
const progress = ref<number | null>(null)

const [latest, latestRead, latestAdded] = [useLatest(), useLatest(), useLatest()]
const load = () => latest(api.pencils(), (fresh) => (pencils.value = fresh)).catch(() => undefined)
void load()

/** What is refused stands under the list. */
async function tried(act: () => Promise<unknown>) {
  fault.value = ''
  try {
    await act()
    return true
  } catch (error) {
    if (!(error instanceof Refused)) throw error
    fault.value = Object.values(error.trouble.errors ?? {})[0]?.[0] ?? error.message
    return false
  } finally {
    await load()
  }
}

/** One, or a whole box. */
async function add() {
  const kept = await tried(() => latestAdded(api.keepPencilBox(fresh.name, fresh.kind), (box) => (added.value = box)))
  if (kept) fresh.name = ''
}

async function takeOffAgain() {
  const kept = added.value?.kept ?? []
  added.value = null
  await tried(() => Promise.all(kept.map((one) => api.forgetPencil(one.id))))
}

const change = (one: Pencil, by: Partial<Pencil>) => tried(() => api.keepPencil({ id: one.id, name: one.name, kind: one.kind, firm: one.firm, soft: one.soft, ...by }))

async function forget(one: Pencil) {
  if (asks.value !== one.id) {
    asks.value = one.id
    return
  }
  asks.value = null
  await tried(() => api.forgetPencil(one.id))
}

async function take(photo: File | undefined) {
  if (!photo || !props.of) return
  progress.value = 0
  rehearsed.value = false
  await tried(async () => (read.value = await readSwatches(props.of!, photo, (share) => (progress.value = share))))
  progress.value = null
}

async function rehearse() {
  if (!props.of) return
  progress.value = 1
  rehearsed.value = true
  await tried(() => latestRead(api.rehearseSwatches(props.of!), (fresh) => (read.value = fresh)))
  progress.value = null
}

async function keepRead() {
  for (const one of read.value ?? []) {
    const own = pencils.value.find((pencil) => pencil.id === one.id)
    if (own && one.firm && !(await change(own, { firm: one.firm, soft: one.soft }))) return
  }
  read.value = null
}
const spot = (colour: string | null) => ({ background: colour ?? undefined })
const named = (name: string) => t('settings.colourOf', { name })
</script>

<template>
  <section class="instrument" data-test="pencils">
    <h2>{{ $t('settings.yourPencils') }}</h2>
    <ul class="pencils">
      <li v-for="one in pencils" :key="one.id" data-test="pencil">
        <label class="spot" :class="{ none: !one.firm }" :style="spot(one.firm)" :title="named(one.name)">
          <!-- A native field: the browser's own picker is the one that is known. -->
          <input type="color" :value="one.firm ?? '#808080'" :aria-label="named(one.name)" @change="change(one, { firm: ($event.target as HTMLInputElement).value })" />
        </label>
        <span class="spot small" :class="{ none: !one.soft }" :style="spot(one.soft)" />
        <span class="name">{{ one.name }} <small class="soft">{{ kinds[one.kind] }}. {{ one.says }}</small></span>
        <button type="button" class="button bare" :aria-label="$t('table.forgetName', { name: one.name })" @click="forget(one)">{{ asks === one.id ? $t('settings.yesForgetIt') : '✕' }}</button>
      </li>
    </ul>
    <form class="add" @submit.prevent="add">
      <div class="field">
        <label for="pencil-name">{{ $t('settings.aPencil') }}</label>
        <el-input id="pencil-name" v-model="fresh.name" type="textarea" :autosize="{ minRows: 1, maxRows: 8 }" maxlength="6000" autocomplete="off" :placeholder="$t('settings.asPrintedOnIt')" aria-describedby="pencil-how" />
      </div>
      <Choose v-model="fresh.kind" :label="$t('settings.ofWhichKind')" :options="kinds" />
      <button type="submit" class="button">{{ $t('settings.putItOnTheList') }}</button>
    </form>
    <p id="pencil-how" class="soft">{{ $t('settings.aWholeBox') }}</p>
    <p v-if="fault" class="fault" role="alert" data-test="pencil-fault">{{ fault }}</p>
    <Callout v-if="added" tone="calm" data-test="pencils-added">
      <p v-for="line in added.says" :key="line">{{ line }}</p>
      <button v-if="added.kept.length" type="button" class="button bare" @click="takeOffAgain">{{ $t('settings.takeThemOffAgain') }}</button>
    </Callout>
    <template v-if="of && pencils.length">
      <div class="swatches">
        <router-link class="button" :to="{ name: 'print', params: { id: of, sheet: 'swatches' } }">{{ $t('settings.printTheirSwatches') }}</router-link>
        <FilePick accept="image/*" data-test="swatch-file" @file="take">{{ $t('settings.readTheFilledPage') }}</FilePick>
        <button type="button" class="button bare" data-test="rehearse-swatches" @click="rehearse">{{ $t('settings.tryItWithoutACamera') }}</button>
      </div>
      <el-progress v-if="progress !== null" :percentage="Math.round(progress * 100)" :indeterminate="progress >= 1" :show-text="false" :aria-label="$t('settings.readTheFilledPage')" />
      <Callout v-if="read" tone="calm" data-test="read">
        <p v-if="rehearsed" class="soft">{{ $t('settings.inventedColours') }}</p>
        <ul class="pencils">
          <li v-for="one in read" :key="one.id"><span class="spot" :class="{ none: !one.firm }" :style="spot(one.firm)" /><span class="spot small" :class="{ none: !one.soft }" :style="spot(one.soft)" /><span class="name">{{ one.name }} <small class="soft">{{ one.says }}</small></span></li>
        </ul>
        <button type="button" class="button" @click="keepRead">{{ $t('settings.keepThese') }}</button>
        <button type="button" class="button bare" @click="read = null">{{ $t('settings.letThemGo') }}</button>
      </Callout>
    </template>
    <p v-else-if="pencils.length" class="soft">{{ $t('settings.swatchesFromTone') }}</p>
    <p class="soft">{{ $t('settings.aScreenIsNotAPrint') }}</p>
  </section>
</template>

<style scoped>
.pencils {
  margin: 0;
  padding: 0;
  list-style: none;
}

.pencils li {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
  border-bottom: 1px solid var(--rule);
}

.name {
  flex: 1;
}

.spot {
  position: relative;
  flex: none;
  width: 44px;
  height: 32px;
  border: 1px solid var(--tick);
}

.spot.small {
  width: 28px;
}

.spot.none {
  background: repeating-linear-gradient(45deg, transparent 0 5px, var(--rule) 5px 7px);
}

.spot input {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  opacity: 0;
  cursor: pointer;
}

.spot:focus-within {
  outline: 2px solid var(--guide-ink);
  outline-offset: 2px;
}

.add {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  align-items: end;
  gap: 8px;
}

.swatches {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}

@media (max-width: 500px) {
  .add {
    grid-template-columns: 1fr;
  }
}
</style>
