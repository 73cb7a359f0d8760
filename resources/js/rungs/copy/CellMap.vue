<script setup lang="ts">
import { keyOf, useCopying, type Place } from '@/stores/copying'
import { useTogether } from '@/together/together'

/** Place and progress at a glance; a tap goes to that cell. */
defineProps<{ at: Place }>()
defineEmits<{ go: [place: Place] }>()
const cells = useCopying()
const together = useTogether()
</script>

<template>
  <div class="map" :style="{ gridTemplateColumns: `repeat(${cells.columns}, minmax(0, 1fr))`, aspectRatio: `${cells.columns} / ${cells.rows}` }" data-test="map">
    <button
      v-for="place in cells.all"
      :key="keyOf(place)"
      type="button"
      tabindex="-1"
      :class="[cells.isSettled(place) && cells.stateOf(place) === 'open' ? 'done' : cells.stateOf(place), { begun: cells.isBegun(place) && !cells.isSettled(place), here: keyOf(place) === keyOf(at), theirs: together.theirs?.cell && keyOf(together.theirs.cell) === keyOf(place), spared: cells.isSpared(place), doubtful: cells.isDoubtful(place) }]"
      :aria-label="[cells.address(place), $t(`copy.states.${cells.isSpared(place) ? 'spared' : cells.isBegun(place) ? 'begun' : cells.stateOf(place)}`), ...(cells.isDoubtful(place) ? [$t('copy.isDoubtful')] : [])].join(', ')"
      @click="$emit('go', place)"
    />
  </div>
</template>

<style scoped>
.map {
  display: grid;
  gap: 1px;
  grid-auto-rows: minmax(0, 1fr);
  max-width: 190px;
}

button {
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

/* Half of it is done: the lower half. */
.begun {
  background: linear-gradient(to top, var(--done) 40%, transparent 40%) var(--sheet);
}

/* Colour is never the only sign: an empty cell is crossed out. */
.empty {
  background: linear-gradient(to top right, transparent 44%, var(--soft) 44% 56%, transparent 56%) var(--empty);
}

.here {
  outline: 3px solid var(--red);
  z-index: 1;
}

.theirs {
  outline: 3px dashed #1f7a6b;
  z-index: 1;
}

.doubtful::after {
  content: '?';
  position: absolute;
  inset: 0;
  display: grid;
  place-items: center;
  color: var(--red);
  background: var(--sheet);
  font-size: 0.6875rem;
  font-weight: 700;
  line-height: 1;
}

.spared {
  opacity: 0.35;
}
</style>
