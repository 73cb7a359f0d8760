<script setup lang="ts">
import { ref, useId } from 'vue'
import { api } from '@/api/client'
import type { Workings } from '@/api/types'
import Num from '@/ui/Num.vue'
import { useAsked } from '../useAsked'

/** A grid that is on the paper already, with other counts: told line by line, never blended into this one. */
const props = defineProps<{ workings: Workings }>()
const id = useId()
const columns = ref(String(props.workings.grid.columns))
const rows = ref(String(props.workings.grid.rows))
const ruled = useAsked((photo, choices) => api.ruled(photo, choices, Number(columns.value) || 0, Number(rows.value) || 0))
</script>

<template>
  <p class="soft">{{ $t('grid.partsThatAreRuled') }}</p>
  <div class="two">
    <div class="field"><label :for="`${id}-c`">{{ $t('grid.ruledAcross') }}</label><el-input :id="`${id}-c`" v-model="columns" inputmode="numeric" autocomplete="off" /></div>
    <div class="field"><label :for="`${id}-r`">{{ $t('grid.ruledDown') }}</label><el-input :id="`${id}-r`" v-model="rows" inputmode="numeric" autocomplete="off" /></div>
  </div>
  <button type="button" class="button" @click="ruled.ask">{{ $t('grid.compare') }}</button>
  <p v-if="ruled.fault.value" class="fault" role="alert">{{ ruled.fault.value }}</p>
  <ul v-else-if="ruled.answer.value" data-test="ruled">
    <li v-for="line in ruled.answer.value.sentences" :key="line"><Num :text="line" /></li>
  </ul>
</template>

<style scoped>
ul {
  margin: 0;
  padding-left: 18px;
}
</style>
