<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { useKeys } from '@/ui/useKeys'
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

const letters = useKeys()
useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.target instanceof HTMLElement && event.target.closest('input:not([readonly]), textarea, select')) return
  if (!letters.value || event.ctrlKey || event.metaKey || event.altKey) return
  const toggle = toggles.find((one) => one.key === event.key)
  if (toggle) look.value[toggle.of] = !look.value[toggle.of]
  if (event.key === 's') look.value.simple = look.value.simple === 0 ? 2 : 0
})
</script>

<template>
  <div class="look" :class="{ open }">
    <div v-if="open" class="strip" role="group" :aria-label="$t('boards.howToLookAtThePhoto')">
      <button
        v-for="toggle in toggles"
        :key="toggle.key"
        type="button"
        class="button"
        :aria-pressed="look[toggle.of]"
        :aria-keyshortcuts="toggle.key"
        @click="look[toggle.of] = !look[toggle.of]"
      >
        {{ $t(`boards.looks.${toggle.of}`) }}
      </button>
      <div class="slide">
        <span>{{ $t('boards.simplified') }}</span>
        <el-slider v-model="look.simple" :min="0" :max="4" :show-tooltip="false" :aria-label="$t('boards.simplifiedFromEveryDetail')" />
      </div>
      <HowStraight v-if="look.masses" class="slide" />
      <slot />
    </div>
    <button type="button" class="button bare" :aria-expanded="open" @click="open = !open">
      {{ open ? $t('boards.close') : $t('boards.changeLook') }}
    </button>
  </div>
</template>

<style scoped>
.look {
  position: absolute;
  right: 8px;
  top: 6px;
  z-index: 4;
  display: grid;
  justify-items: end;
  gap: 6px;
}

/* Over the boards: what is looked at stays as large as it is. */
.strip {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
  order: 1;
  width: min(330px, calc(100vw - 24px));
  max-height: calc(100vh - 200px);
  padding: 12px;
  background: var(--panel);
  border: 1px solid var(--tick);
  box-shadow: 0 6px 18px var(--shade);
  overflow-y: auto;
}

.strip > :deep(:not(.button)) {
  grid-column: 1 / -1;
}

.slide {
  display: flex;
  align-items: center;
  gap: 12px;
}

.slide .el-slider {
  flex: 1;
}
</style>
