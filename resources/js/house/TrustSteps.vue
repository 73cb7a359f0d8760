<script setup lang="ts">
/** Three pictures of how a phone comes to trust the house's certificate; the page that pairs shows the same (resources/views/pair.blade.php). */
defineProps<{ fingerprint: string }>()
</script>

<template>
  <div class="trust">
    <p>{{ $t('house.trust') }}</p>
    <ol>
      <li>
        <svg viewBox="0 0 42 42" aria-hidden="true"><path d="M11 2h20v38H11zM19 36.5h4M21 9v14m-5-5 5 5 5-5M16 28h10" /></svg>
        <span>{{ $t('house.fetch') }}</span>
      </li>
      <li>
        <svg viewBox="0 0 42 42" aria-hidden="true"><path d="M11 2h20v38H11zM19 36.5h4M15 9h12v14H15zM18 13h6M18 16h6M24 23v6l-1.5-1.5L21 29v-6" /></svg>
        <span>{{ $t('house.install') }}</span>
      </li>
      <li>
        <svg viewBox="0 0 42 42" aria-hidden="true"><path d="M11 2h20v38H11zM19 36.5h4M16 10h10M16 14h7M14.5 20h13v7h-13z" /><path class="on" d="M21 20h6.5v7H21z" /></svg>
        <span>{{ $t('house.switchOn') }}</span>
      </li>
    </ol>
    <p class="soft print">{{ $t('house.fingerprint', { fingerprint }) }}</p>
  </div>
</template>

<style scoped>
.trust {
  display: grid;
  gap: 10px;
  align-content: start;
}

ol {
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  align-items: center;
  gap: 12px;
}

svg {
  flex: none;
  width: 72px;
  height: 72px;
  fill: none;
  stroke: var(--graphite);
  stroke-width: 1.3;
}

.on {
  fill: var(--graphite);
}

.print {
  font-size: 14px;
  overflow-wrap: anywhere;
}
</style>
