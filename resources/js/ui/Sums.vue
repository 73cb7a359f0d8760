<script setup lang="ts">
import Num from './Num.vue'

/** The sum as a careful person would write it beside the drawing. */
defineProps<{ lines: string[] }>()
</script>

<template>
  <div class="sums" data-test="sums">
    <p v-for="line in lines" :key="line"><Num :text="line" /></p>
  </div>
</template>

<style scoped>
.sums {
  border-left: 3px solid var(--guide);
  padding-left: 11px;
  display: flex;
  flex-direction: column;
  gap: 6px;
  line-height: 1.32;
}
</style>
