<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, Refused } from '@/api/client'
import type { Drawing } from '@/api/types'
import { choice } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import Num from '@/ui/Num.vue'

/** The sheets of this drawing: a trial, the good one, a second size; each with its own plan, marks and cells. */
const props = defineProps<{ drawing: Drawing }>()
const store = useDrawing()
const route = useRoute()
const router = useRouter()
const fault = ref('')
const asks = ref(false)
const others = computed(() => props.drawing.sheets.filter((one) => one.id !== props.drawing.id))
const named = (purpose: string | null) => (purpose ? choice(purpose) : choice('a sheet'))

async function tried(act: () => Promise<void>) {
  fault.value = ''
  try {
    await act()
  } catch (error) {
    if (!(error instanceof Refused)) throw error
    fault.value = error.message
  }
}

const another = (purpose: 'trial' | 'good') =>
  tried(async () => {
    // It starts from this one as it stands, with what was typed a moment ago.
    await store.keep()
    await store.settleHand()
    const { id } = await api.anotherSheet(props.drawing.id, purpose)
    await router.push({ name: 'rung', params: { id, rung: 'paper' } })
  })

const takeAway = () =>
  tried(async () => {
    if (!asks.value) {
      asks.value = true
      return
    }
    asks.value = false
    await api.takeSheetAway(props.drawing.id)
    const [next] = others.value
    await router.push(next ? { name: 'rung', params: { id: next.id, rung: 'paper' } } : { name: 'shelf' })
  })
</script>

<template>
  <div data-test="sheets-of">
    <p v-if="drawing.sheets.length">
      <router-link v-for="one in drawing.sheets" :key="one.id" class="button sheet" :class="{ here: one.id === drawing.id }" :aria-current="one.id === drawing.id ? 'page' : undefined" :to="{ name: 'rung', params: { id: one.id, rung: route.params.rung ?? 'paper' } }">{{ named(one.purpose) }} <small><Num :text="one.size" /></small></router-link>
    </p>
    <div class="two">
      <button type="button" class="button" data-test="another-good" @click="another('good')">{{ $t('paper.aGoodSheetOfIt') }}</button>
      <button type="button" class="button" data-test="another-trial" @click="another('trial')">{{ $t('paper.aTrialSheetOfIt') }}</button>
    </div>
    <p class="soft">{{ $t('paper.anotherSheetStarts') }}</p>
    <button v-if="drawing.sheets.length" type="button" class="button bare" data-test="take-sheet-away" @click="takeAway">{{ asks ? $t('paper.yesTakeItAway') : $t('paper.takeThisSheetAway') }}</button>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
  </div>
</template>

<style scoped>
.sheet {
  margin: 0 6px 6px 0;
}

.sheet.here {
  background: var(--chosen);
  color: var(--on-chosen);
}
</style>
