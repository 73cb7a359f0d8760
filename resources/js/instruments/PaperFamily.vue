<script setup lang="ts">
import { computed } from 'vue'
import type { components } from '@/api/schema'
import Num from '@/ui/Num.vue'

/** The sheets of a standard laid into one another, at one scale, and as a list. */
const props = defineProps<{ family: components['schemas']['PaperFamilyJson'] }>()
const scale = computed(() => 300 / Math.max(...props.family.sheets.flatMap((sheet) => [sheet.width_mm, sheet.height_mm])))
</script>

<template>
  <div class="family">
    <svg viewBox="0 0 304 304" role="img" :aria-label="family.sheets.map((sheet) => sheet.name).join(', ')">
      <rect v-for="sheet in family.sheets" :key="sheet.name" class="sheet" x="2" y="2" :width="sheet.width_mm * scale" :height="sheet.height_mm * scale" />
    </svg>
    <table>
      <tbody>
        <tr v-for="sheet in family.sheets" :key="sheet.name"><th scope="row">{{ sheet.name }}</th><td><Num :text="sheet.inches" /></td><td><Num :text="sheet.centimetres" /></td><td class="soft">{{ sheet.shape }}</td></tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.family {
  display: grid;
  grid-template-columns: minmax(120px, 220px) 1fr;
  gap: 16px;
  align-items: start;
}

svg {
  width: 100%;
}

.sheet {
  fill: var(--sheet);
  fill-opacity: 0.6;
  stroke: var(--graphite);
  stroke-width: 1;
}

th {
  text-align: left;
}

th,
td {
  padding: 2px 10px 2px 0;
  font-size: 0.9375rem;
}

@media (max-width: 600px) {
  .family {
    grid-template-columns: 1fr;
  }
}
</style>
