<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { api, Refused } from '@/api/client'
import { t } from '@/lang'
import { useCatalogue } from '@/stores/catalogue'
import { usePrinting } from '@/stores/printing'
import RungPage from '../RungPage.vue'
import { useOpenDrawing } from '../useOpenDrawing'
import { useSitting } from '../useSitting'
import MakeSheet from './MakeSheet.vue'
import PrintPanel from './PrintPanel.vue'

/** Everything that can be printed instead of measured, seen before it is printed. */
const props = defineProps<{ id: string; sheet?: string }>()
const store = useOpenDrawing(
  () => props.id,
  () => t('print.print'),
)
useSitting(() => 'print')
const shelf = useCatalogue()
const printing = usePrinting()

const kind = computed(() => shelf.catalogue.printed.find((one) => one.key === (props.sheet ?? 'plan')) ?? shelf.catalogue.printed[0])
const query = refDebounced(
  computed(() => printing.query(kind.value?.takes ?? [])),
  250,
)
const pages = ref(0)
const fault = ref('')
const spacing = shallowRef<string[]>([])
const leaf = ref(1)
const loading = ref(true)
const wanted = shallowRef('')

watch(
  [() => kind.value?.key, () => query.value, () => store.drawing?.version],
  async ([key, asked, version]) => {
    if (!key || version === undefined) return
    const mine = (wanted.value = `${key}?${asked}&v=${version}`)
    try {
      const about = await api.aboutSheet(props.id, key, Object.fromEntries(new URLSearchParams(asked)))
      if (wanted.value !== mine) return
      pages.value = about.pages
      fault.value = ''
      spacing.value = about.spacing
      leaf.value = Math.min(leaf.value, about.pages)
    } catch (error) {
      if (!(error instanceof Refused)) throw error
      if (wanted.value !== mine) return
      pages.value = 0
      fault.value = error.message
    }
  },
  { immediate: true },
)
watch(
  () => props.sheet,
  () => (leaf.value = 1),
)
watch(
  () => store.draft?.unit,
  (unit) => unit && void printing.load(unit),
  { immediate: true },
)
onMounted(() => (store.rung = null))

const shown = computed(() =>
  pages.value === 0 || !kind.value
    ? null
    : `/api/drawings/${props.id}/sheets/${kind.value.key}.svg?${query.value}&leaf=${leaf.value}&v=${store.drawing?.version}`,
)

watch(shown, () => (loading.value = true))

function turn(by: number) {
  leaf.value = Math.min(pages.value, Math.max(1, leaf.value + by))
}
</script>

<template>
  <RungPage :id="id" rung="marks" :name="$t('print.print')">
    <template #default>
      <section class="bench" :aria-label="$t('print.theSheet')">
        <p v-if="fault" class="fault" role="alert" data-test="sheet-fault">{{ fault }}</p>
        <template v-else-if="shown">
          <img
            :key="shown"
            :src="shown"
            :alt="$t('print.sheetPageOf', { name: kind?.name, leaf, pages })"
            data-test="sheet"
            @load="loading = false"
            @error="loading = false"
          />
          <p v-if="loading" class="making" role="status">{{ $t('print.layingOutThePage') }}</p>
        </template>
      </section>
    </template>
    <template #workings="{ drawing, choices }">
      <PrintPanel v-if="kind" :drawing="drawing" :choices="choices" :kind="kind" :spacing="spacing">
        <MakeSheet :drawing="drawing" :kind="kind" :query="query" :pages="pages" others />
      </PrintPanel>
    </template>
    <template #next>
      <span class="hint">{{ $t('print.printAt100NeverFitted') }}</span>
      <template v-if="pages > 1">
        <button type="button" class="button" :disabled="leaf <= 1" :aria-label="$t('print.thePageBefore')" @click="turn(-1)">‹</button>
        <span class="leaf" data-test="leaf">{{ $t('print.pageOf', { leaf, pages }) }}</span>
        <button type="button" class="button" :disabled="leaf >= pages" :aria-label="$t('print.theNextPage')" @click="turn(1)">›</button>
      </template>
      <MakeSheet v-if="kind && store.drawing" :drawing="store.drawing" :kind="kind" :query="query" :pages="pages" />
    </template>
  </RungPage>
</template>

<style scoped>
.bench {
  position: relative;
  display: grid;
  place-items: center;
  min-height: 0;
  padding: 20px;
  overflow: hidden;
}

img {
  max-width: 100%;
  max-height: 100%;
  min-height: 0;
  background: #fff;
  box-shadow: 0 2px 14px var(--shade);
}

.fault {
  max-width: 40ch;
  font-size: 1.125rem;
}

.making {
  position: absolute;
  padding: 8px 14px;
  background: var(--panel);
}

.leaf {
  white-space: nowrap;
}
</style>
