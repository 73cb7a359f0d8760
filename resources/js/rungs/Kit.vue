<script setup lang="ts">
import { useSessionStorage } from '@vueuse/core'
import { onMounted } from 'vue'
import type { Workings } from '@/api/types'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'

/** What is laid ready for a sitting: open where one sits down to this drawing, folded away from then on. */
const props = defineProps<{ workings: Workings; drawing: string }>()
const seen = useSessionStorage<string[]>('inch-ladder.kit', [])
const isNew = !seen.value.includes(props.drawing)
onMounted(() => isNew && (seen.value = [...seen.value, props.drawing]))
</script>

<template>
  <Fold :name="$t('paper.kit')" :open="isNew">
    <ul class="kit" data-test="kit"><li v-for="one in workings.sheet_care.kit" :key="one"><Num :text="one" /></li></ul>
  </Fold>
</template>

<style scoped>
.kit {
  margin: 0;
  padding-left: 20px;
}
</style>
