<script setup lang="ts">
import { ref, watch } from 'vue'
import { api } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { Drawing, Shares } from '@/api/types'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'

/** Halves, thirds and quarters of every side and cell, so that none is worked out in the head. */
const props = defineProps<{ drawing: Drawing }>()
const rows = ref<Shares[]>([])
const latest = useLatest()
const open = ref(false)

async function ask() {
  open.value = true
  await latest(api.shares(props.drawing.id), (fresh) => (rows.value = fresh)).catch(() => undefined)
}

watch(
  () => props.drawing.version,
  () => open.value && void ask(),
)
</script>

<template>
  <Fold :name="$t('marks.halvesThirdsQuarters')" @opened="ask">
    <table data-test="shares">
      <thead>
        <tr>
          <th v-for="share in rows[0]?.shares" :key="share" scope="col"><Num :text="share" /></th>
        </tr>
      </thead>
      <tbody v-for="row in rows" :key="row.of">
        <tr>
          <th :colspan="row.readings.length" scope="rowgroup" class="soft">{{ row.of }}, <Num :text="row.length" /></th>
        </tr>
        <tr>
          <td v-for="(reading, i) in row.readings" :key="i"><Num :text="reading" /></td>
        </tr>
      </tbody>
    </table>
    <i18n-t keypath="marks.asPrintedScales" tag="p" class="soft">
      <router-link :to="{ name: 'print', params: { id: drawing.id, sheet: 'viewfinder' } }">{{ $t('marks.aCardWithAWindow') }}</router-link>
      <router-link :to="{ name: 'print', params: { id: drawing.id, sheet: 'folding' } }">{{ $t('marks.stripsToFold') }}</router-link>
    </i18n-t>
  </Fold>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 2px 4px;
  text-align: right;
  font-weight: 400;
  white-space: nowrap;
}

tbody th {
  padding-top: 8px;
  border-top: 1px solid var(--rule);
  text-align: left;
  white-space: normal;
}
</style>
