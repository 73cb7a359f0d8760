<script setup lang="ts">
import Fold from '@/ui/Fold.vue'
import Sums from '@/ui/Sums.vue'

/** How what is said was worked out: the last heading of a step. */
defineProps<{ lines: string[] }>()
</script>

<template>
  <Fold group="worked out" :name="$t('table.howItIsWorkedOut')"><Sums :lines /><slot /></Fold>
</template>
