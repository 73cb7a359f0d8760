<script setup lang="ts">
import { useTitle } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, Refused } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { Preset, Printer } from '@/api/types'
import { t } from '@/lang'
import { useCatalogue } from '@/stores/catalogue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import SidePage from '@/ui/SidePage.vue'
import { useShelfEvents } from '@/together/useShelfEvents'
import Check from '@/ui/Check.vue'
import { useHand } from '@/ui/useHand'
import { useKeys } from '@/ui/useKeys'
import { useScheme } from '@/ui/useScheme'
import AboutPanel from './AboutPanel.vue'
import OwnPencils from './OwnPencils.vue'
import { useOwn } from './useOwn'

/** What the artist owns and how they work, in one place: hand, unit, pencils, papers, rulers, dividers, grids, printers. Each is also there where it is used. */
const route = useRoute()
const shelf = useCatalogue()
const hand = useHand()
const own = useOwn()
const scheme = useScheme()
const letters = useKeys()
/** Only where it is wanted: it brings what draws the code to scan. */
const HousePanel = defineAsyncComponent(() => import('@/house/HousePanel.vue'))
const housing = ref(false)
const told = useShelfEvents()
useTitle(t('settings.settings'))

/** The drawing one came from: swatches are printed and read with it. */
const of = computed(() => (typeof route.query.of === 'string' ? route.query.of : null))
const back = computed(() => (of.value ? { name: 'rung', params: { id: of.value, rung: 'tone' } } : { name: 'shelf' }))

const printers = shallowRef<Printer[]>([])
const latest = useLatest()
const load = () => latest(api.printers(own.value.unit), (fresh) => (printers.value = fresh)).catch(() => undefined)
watch(() => own.value.unit, load, { immediate: true })
const faults = ref<Record<string, string>>({})
/** What is forgotten asks first: it is for good. */
const asks = ref<string | null>(null)

async function count(paper: Preset, typed: string) {
  faults.value = {}
  try {
    // Whether it is a count is for the server to say.
    await api.countSheets(paper.id, typed.trim() === '' ? null : Number.isNaN(Number(typed)) ? typed : Number(typed))
    await shelf.load()
  } catch (error) {
    if (!(error instanceof Refused)) throw error
    faults.value = { [paper.id]: error.trouble.errors?.count?.[0] ?? error.message }
  }
}

async function forget(id: string, really: () => Promise<unknown>) {
  if (asks.value !== id) {
    asks.value = id
    return
  }
  asks.value = null
  await really()
}

const forgetPrinter = (one: Printer) =>
  forget(one.id, async () => {
    await api.forgetPrinter(one.id)
    await load()
  })
</script>

<template>
  <SidePage :title="$t('settings.settings')" :back="back" :back-to="of ? $t('settings.backToTheDrawing') : $t('shelf.shelf')">
    <section class="instrument" data-test="you">
      <h2>{{ $t('settings.howYouWork') }}</h2>
      <Pick
        v-model="hand"
        :label="$t('settings.theHandYouDrawWith')"
        :options="{ right: $t('settings.right'), left: $t('settings.left') }"
      />
      <Pick
        v-model="own.unit"
        :label="$t('settings.newDrawingsAreIn')"
        :options="{ in: $t('paper.in'), cm: $t('paper.cm'), mm: $t('paper.mm') }"
      />
      <Pick
        :model-value="scheme === 'dark' ? 'dark' : 'light'"
        :label="$t('settings.light')"
        :options="{ light: $t('settings.lightMode'), dark: $t('settings.darkMode') }"
        @update:model-value="scheme = $event"
      />
      <Check v-model="letters">{{ $t('settings.singleKeys') }}</Check>
      <div class="field">
        <label for="dividers">{{ $t('settings.dividersTipToTip') }}</label>
        <el-input id="dividers" v-model="own.dividers" autocomplete="off" />
      </div>
      <p class="soft">{{ $t('settings.keptOnThisDevice') }}</p>
    </section>
    <section class="instrument" data-test="devices">
      <h2>{{ $t('settings.devices') }}</h2>
      <button type="button" class="button" :aria-expanded="housing" @click="housing = !housing">{{ $t('house.letIn') }}</button>
      <HousePanel v-if="housing" :told />
    </section>
    <OwnPencils :of="of" />
    <section class="instrument" data-test="papers">
      <h2>{{ $t('settings.papers') }}</h2>
      <p v-if="shelf.of('paper').length === 0" class="soft">{{ $t('settings.noPapers') }}</p>
      <table v-else class="listed">
        <thead>
          <tr>
            <th>{{ $t('settings.paper') }}</th>
            <th>{{ $t('settings.sheetsLeft') }}</th>
            <th />
          </tr>
        </thead>
        <tbody>
          <tr v-for="paper in shelf.of('paper')" :key="paper.id">
            <th scope="row">
              {{ paper.name }} <small class="soft"><Num :text="size(paper)" /></small>
            </th>
            <td>
              <el-input
                class="count"
                :model-value="paper.left === null ? '' : String(paper.left)"
                inputmode="numeric"
                :aria-label="$t('settings.sheetsOf', { name: paper.name })"
                :placeholder="$t('settings.notCounted')"
                @change="(typed: string) => count(paper, typed)"
              />
              <p v-if="faults[paper.id]" class="fault" role="alert">{{ faults[paper.id] }}</p>
              <p v-else-if="paper.low" class="fault" data-test="low">{{ paper.low }}</p>
            </td>
            <td>
              <button
                type="button"
                class="button bare"
                :aria-label="$t('table.forgetName', { name: paper.name })"
                @click="forget(paper.id, () => shelf.forgetPreset(paper.id))"
              >
                {{ asks === paper.id ? $t('settings.yesForgetIt') : '✕' }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <p class="soft">{{ $t('settings.papersAreKeptOnPaper') }}</p>
    </section>
    <section v-for="kind in ['ruler', 'grid'] as const" :key="kind" class="instrument" :data-test="`${kind}s`">
      <h2>{{ kind === 'ruler' ? $t('settings.rulers') : $t('settings.grids') }}</h2>
      <ul class="own">
        <li v-for="one in shelf.of(kind)" :key="one.id">
          {{ one.name }} <small v-if="kind === 'ruler'" class="soft">{{ one.content.ruler }}</small>
          <button
            type="button"
            class="button bare"
            :aria-label="$t('table.forgetName', { name: one.name })"
            @click="forget(one.id, () => shelf.forgetPreset(one.id))"
          >
            {{ asks === one.id ? $t('settings.yesForgetIt') : '✕' }}
          </button>
        </li>
      </ul>
      <p class="soft">{{ kind === 'ruler' ? $t('settings.rulersAreKeptOnPaper') : $t('settings.gridsAreKeptOnGrid') }}</p>
    </section>
    <section class="instrument" data-test="printers">
      <h2>{{ $t('settings.printers') }}</h2>
      <ul class="own">
        <li v-for="one in printers" :key="one.id">
          <span>{{ one.name }} <small class="soft"><Num :text="one.says" /></small></span>
          <button type="button" class="button bare" :aria-label="$t('table.forgetName', { name: one.name })" @click="forgetPrinter(one)">
            {{ asks === one.id ? $t('settings.yesForgetIt') : '✕' }}
          </button>
        </li>
      </ul>
      <p class="soft">{{ $t('settings.printersAreKeptOnPrint') }}</p>
    </section>
    <section class="instrument">
      <AboutPanel />
    </section>
  </SidePage>
</template>

<script lang="ts">
/** As it was measured. */
const size = (paper: Preset) => {
  const { width, height } = (paper.content.paper ?? {}) as { width?: string; height?: string }
  return width && height ? `${width} × ${height}` : ''
}
</script>

<style scoped>
.own {
  margin: 0;
  padding: 0;
  list-style: none;
}

.own li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  min-height: 40px;
  border-bottom: 1px solid var(--rule);
}

.count {
  max-width: 120px;
}
</style>
