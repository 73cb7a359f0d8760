<script setup lang="ts">
import Num from '@/ui/Num.vue'

/** One thing on the table: what it is called, what is done with it, and what it says. */
withDefaults(defineProps<{ name: string; title: string; lines?: string[]; wrong?: boolean }>(), { lines: () => [] })
</script>

<template>
  <section class="instrument" :data-test="name">
    <h2>{{ title }}</h2>
    <slot />
    <p v-for="line in lines" :key="line" :class="{ fault: wrong }"><Num :text="line" /></p>
  </section>
</template>
