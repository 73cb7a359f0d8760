<script setup lang="ts">
import type { Compared } from '@/api/types'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'

/** A thing and its parts, as a face: placement and expression as two verdicts, the shares beside each other. */
defineProps<{ features: Compared['features'] }>()
/** What was measured; the sentence above says what was not. */
const told = (one: Compared['features'][number]) => [...one.small, ...one.shares].filter((share) => share.drawing !== null)
</script>

<template>
  <Fold v-for="one in features" :key="one.whole" :name="$t('shots.partsOf', { whole: one.whole })" :decided="one.placed && one.expressed ? $t('shots.bothHold') : ''" open>
    <p :class="{ passes: one.placed }" data-test="placement"><Num :text="one.placement" /></p>
    <p :class="{ passes: one.expressed }" data-test="expression"><Num :text="one.expression" /></p>
    <table v-if="told(one).length > 0" class="listed" data-test="shares">
      <thead>
        <tr><td /><th scope="col">{{ $t('shots.onThePhoto') }}</th><th scope="col">{{ $t('shots.onTheDrawing') }}</th></tr>
      </thead>
      <tbody>
        <tr v-for="share in told(one)" :key="share.name" :class="{ fault: share.drawing !== null && !share.passes }">
          <th scope="row">{{ share.name }}</th>
          <td>{{ share.photo }}</td>
          <td>{{ share.drawing }} {{ share.passes ? '✓' : '✗' }}</td>
        </tr>
      </tbody>
    </table>
  </Fold>
</template>

<style scoped>
td {
  white-space: nowrap;
}

.passes {
  color: var(--done);
}
</style>
