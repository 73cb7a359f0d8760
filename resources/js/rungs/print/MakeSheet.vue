<script setup lang="ts">
import { computed, onUnmounted, ref, watch } from 'vue'
import { makeSheet, Refused, type Making } from '@/api/client'
import type { Drawing, PrintableSheet } from '@/api/types'
import { t } from '@/lang'

/** The sheet as a file. A few pages open at once; many are made first, and how far that is can be seen. */
const props = defineProps<{ drawing: Drawing; kind: PrintableSheet; query: string; pages: number; others?: boolean }>()
const AT_ONCE = 3
const formats = ['png', 'svg'] as const

const path = computed(() => `/api/drawings/${props.drawing.id}/sheets/${props.kind.key}`)
const asked = computed(() => `${props.query}&v=${props.drawing.version}`)
const making = ref<Making | null>(null)
const ready = ref('')
const fault = ref('')
let stop: AbortController | null = null

function end() {
  stop?.abort()
  stop = null
  making.value = null
}

watch([path, asked], () => {
  end()
  ready.value = ''
  fault.value = ''
})
onUnmounted(end)

async function make(format: string) {
  end()
  ready.value = ''
  fault.value = ''
  making.value = { page: 0, of: props.pages }
  const mine = (stop = new AbortController())
  try {
    ready.value = await makeSheet(`${path.value}.${format}?${asked.value}`, (line) => (making.value = line), mine.signal)
  } catch (error) {
    if (mine.signal.aborted) return
    fault.value = error instanceof Refused ? error.message : t('print.theSheetCouldNotBeMade')
  }
  making.value = null
}
</script>

<template>
  <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
  <div v-if="making" class="progress" role="status" data-test="making">
    <el-progress
      :percentage="Math.round((100 * (making.page ?? 0)) / (making.of ?? 1))"
      :show-text="false"
      :aria-label="$t('print.pagesMade')"
    />
    <span>{{ $t('print.pageBeingMade', { page: making.page, of: making.of }) }}</span>
    <button type="button" class="button bare" @click="end">{{ $t('print.stop') }}</button>
  </div>
  <a v-else-if="ready" class="button strong" :href="ready" target="_blank" rel="noopener" data-test="ready">{{
    $t('print.openThePages', { pages })
  }}</a>
  <div v-else-if="pages > 0" class="make">
    <template v-if="pages <= AT_ONCE">
      <template v-if="others">
        <a v-for="format in formats" :key="format" class="button" :href="`${path}.${format}?${asked}`" target="_blank" rel="noopener">{{
          format.toUpperCase()
        }}</a>
      </template>
      <a v-else class="button strong" :href="`${path}.pdf?${asked}`" target="_blank" rel="noopener" data-test="print-pdf">{{
        $t('print.openThePdf')
      }}</a>
    </template>
    <template v-else-if="others">
      <button v-for="format in formats" :key="format" type="button" class="button" @click="make(format)">
        {{ format.toUpperCase() }}
      </button>
    </template>
    <button v-else type="button" class="button strong" data-test="make-pdf" @click="make('pdf')">
      {{ $t('print.pdfOfPages', { pages }) }}
    </button>
  </div>
</template>

<style scoped>
.make {
  display: flex;
  gap: 6px;
}

.make .strong {
  min-width: 96px;
}

.progress {
  display: flex;
  align-items: center;
  gap: 10px;
  white-space: nowrap;
}
</style>
