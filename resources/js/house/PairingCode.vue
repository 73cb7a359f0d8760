<script setup lang="ts">
import { asyncComputed } from '@vueuse/core'
import { computed } from 'vue'

/** How a phone gets in: an address to scan or to type, and six large digits. */
const props = defineProps<{ code: string; links: string[]; left: number; time: string }>()
const link = computed(() => props.links[0] ?? '')
const plain = (one: string) => one.replace(/\?.*$/, '')
/** The dark squares as one path, with the margin of four that scanners need (ISO/IEC 18004, 5.3.8). */
const squares = asyncComputed(async () => {
  const { create } = await import('qrcode')
  const { modules } = create(link.value, { errorCorrectionLevel: 'M' })
  const path = Array.from(modules.data, (dark, i) => (dark ? `M${(i % modules.size) + 4} ${Math.floor(i / modules.size) + 4}h1v1h-1z` : '')).join('')
  return { path, size: modules.size + 8 }
}, null)
</script>

<template>
  <div class="code" :class="{ over: left === 0 }">
    <p>{{ $t('house.scan') }}</p>
    <div class="scan">
      <svg v-if="squares" :viewBox="`0 0 ${squares.size} ${squares.size}`" role="img" :aria-label="$t('house.qr', { link })" shape-rendering="crispEdges"><path :d="squares.path" /></svg>
      <p class="address" data-test="address">
        <b>{{ plain(link) }}</b>
        <span v-if="links.length > 1" class="soft">{{ $t('house.otherAddresses', { addresses: links.slice(1).map(plain).join(', ') }) }}</span>
      </p>
    </div>
    <p>{{ left > 0 ? $t('house.digits', { time }) : $t('house.over') }}</p>
    <p class="digits" data-test="digits">{{ code.slice(0, 3) }} {{ code.slice(3) }}</p>
  </div>
</template>

<style scoped>
.code {
  display: grid;
  gap: 10px;
  align-content: start;
}

.over .digits,
.over .scan {
  opacity: 0.25;
}

.scan {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  align-items: center;
}

svg {
  width: 190px;
  height: 190px;
  background: #fff;
}

path {
  fill: #000;
}

.address {
  display: grid;
  gap: 4px;
  flex: 1;
  min-width: 200px;
  overflow-wrap: anywhere;
}

.digits {
  font-size: 4rem;
  line-height: 1;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
  letter-spacing: 0.06em;
}
</style>
