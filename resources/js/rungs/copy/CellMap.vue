<script setup lang="ts">
import { keyOf, useCells, type Place } from './useCells'

/** Place and progress at a glance; a tap goes to that cell. */
defineProps<{ at: Place }>()
defineEmits<{ go: [place: Place] }>()
const { route, columns, stateOf, isSpared, address } = useCells()
</script>

<template>
  <div class="map" :style="{ gridTemplateColumns: `repeat(${columns}, 1fr)` }" data-test="map">
    <button
      v-for="place in route"
      :key="keyOf(place)"
      type="button"
      tabindex="-1"
      :class="[stateOf(place), { here: keyOf(place) === keyOf(at), spared: isSpared(place) }]"
      :aria-label="`${address(place)}, ${isSpared(place) ? 'not to be drawn' : stateOf(place)}`"
      @click="$emit('go', place)"
    />
  </div>
</template>

<style scoped>
.map {
  display: grid;
  gap: 1px;
  width: 100%;
}

button {
  aspect-ratio: 1;
  min-width: 0;
  padding: 0;
  border: 0;
  background: var(--sheet);
  cursor: pointer;
  position: relative;
}

.done {
  background: var(--done);
}

/* Colour is never the only sign: an empty cell is crossed out. */
.empty {
  background: linear-gradient(to top right, transparent 44%, var(--soft) 44% 56%, transparent 56%) var(--empty);
}

.here {
  outline: 3px solid var(--red);
  z-index: 1;
}

.spared {
  opacity: 0.35;
}
</style>
