<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'
import HowStraight from './HowStraight.vue'
import { useLook } from './useLook'

/** Other ways to look at the photo, a key each. */
const { look } = useLook()
const open = ref(false)

const toggles = [
  { key: 'g', of: 'grey' },
  { key: 'k', of: 'contrast' },
  { key: 'u', of: 'strong' },
  { key: 'm', of: 'mirrored' },
  { key: 'o', of: 'loupe' },
  { key: 'l', of: 'lifted' },
  { key: 't', of: 'things' },
  { key: 'v', of: 'shapes' },
  { key: 'p', of: 'gaps' },
  { key: 'b', of: 'masses' },
] as const

useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.target instanceof HTMLElement && event.target.closest('input:not([readonly]), textarea, select')) return
  if (event.ctrlKey || event.metaKey || event.altKey) return
  const toggle = toggles.find((one) => one.key === event.key)
  if (toggle) look.value[toggle.of] = !look.value[toggle.of]
  if (event.key === 's') look.value.simple = look.value.simple === 0 ? 2 : 0
})
</script>

<template>
  <div class="look" :class="{ open }">
    <div v-if="open" class="strip" role="group" :aria-label="$t('boards.howToLookAtThePhoto')">
      <button v-for="toggle in toggles" :key="toggle.key" type="button" class="button" :aria-pressed="look[toggle.of]" @click="look[toggle.of] = !look[toggle.of]"><kbd>{{ toggle.key.toUpperCase() }}</kbd>{{ $t(`boards.looks.${toggle.of}`) }}</button>
      <div class="slide">
        <span><kbd>S</kbd> {{ $t('boards.simplified') }}</span>
        <el-slider v-model="look.simple" :min="0" :max="4" :show-tooltip="false" :aria-label="$t('boards.simplifiedFromEveryDetail')" />
      </div>
      <HowStraight v-if="look.masses" class="slide" />
    </div>
    <button type="button" class="button bare" :aria-expanded="open" @click="open = !open">{{ open ? $t('boards.putAway') : $t('boards.look') }}</button>
  </div>
</template>

<style scoped>
.look > .button {
  flex: none;
  align-self: flex-start;
}

.look {
  position: absolute;
  right: 8px;
  top: 4px;
  display: flex;
  justify-content: flex-end;
  gap: 6px;
  max-width: calc(100% - 16px);
}

/* Open it takes its room: nothing of the boards lies under it. */
.look.open {
  position: static;
  flex: none;
  order: -1;
  max-width: none;
  padding: 4px 8px;
}

.strip {
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  gap: 4px;
  padding: 4px;
  background: var(--panel);
  border: 1px solid var(--rule);
}

.slide {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 0 8px;
}

.slide .el-slider {
  width: 96px;
}
</style>
