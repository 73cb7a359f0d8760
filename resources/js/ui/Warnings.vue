<script setup lang="ts">
import Callout from './Callout.vue'
import Num from './Num.vue'

/** What needs the eye: said, never in the way. */
defineProps<{ lines: string[] }>()
</script>

<template>
  <Callout v-if="lines.length" data-test="warnings">
    <p v-for="line in lines" :key="line"><Num :text="line" /></p>
  </Callout>
</template>
