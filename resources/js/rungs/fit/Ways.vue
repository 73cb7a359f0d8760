<script setup lang="ts">
import { api } from '@/api/client'
import type { Choices } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import Num from '@/ui/Num.vue'
import { useAsked } from '../useAsked'

/** What each way costs: size, scale, what goes at each edge, what is left, how much it stretches. */
defineProps<{ way: Choices['fit']['way'] }>()
const store = useDrawing()
const ways = useAsked(api.ways)
void ways.ask()
</script>

<template>
  <p v-if="ways.fault.value" class="fault">{{ ways.fault.value }}</p>
  <div v-for="one in ways.answer.value ?? []" :key="one.way" class="offer" :class="{ on: one.way === way }" data-test="way">
    <button type="button" class="button bare" :aria-pressed="one.way === way" @click="store.adjust('way', { way: one.way })">
      {{ one.name }}
    </button>
    <p v-if="one.trouble" class="fault">{{ one.trouble }}</p>
    <template v-else>
      <p><b><Num :text="one.size" /></b> · <Num :text="one.scale" /> · <span :class="{ red: one.verdict === 'visible' }">{{ one.stretch }}</span></p>
      <p class="soft"><Num :text="one.trimmed" /></p>
      <p class="soft"><Num :text="one.leftover" /></p>
    </template>
  </div>
</template>

<style scoped>
.red {
  color: var(--red);
}
</style>
