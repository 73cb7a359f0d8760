<script setup lang="ts">
import Callout from './Callout.vue'
import Num from './Num.vue'

/** Something that would suit better: taken, or left as it is. Nothing changes before one is pressed. */
defineProps<{ sentence: string; take: string; keep: string }>()
const emit = defineEmits<{ take: []; keep: [] }>()
</script>

<template>
  <Callout tone="calm">
    <p><Num :text="sentence" /></p>
    <div class="choice">
      <button type="button" class="button" @click="emit('take')">{{ take }}</button>
      <button type="button" class="button" @click="emit('keep')">{{ keep }}</button>
    </div>
  </Callout>
</template>

<style scoped>
.choice {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
