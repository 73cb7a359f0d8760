<script setup lang="ts">
/** Three pictures of how a phone comes to trust the house's certificate; the page that pairs shows the same (resources/views/pair.blade.php). */
defineProps<{ fingerprint: string }>()
</script>

<template>
  <div class="trust">
    <p>{{ $t('house.trust') }}</p>
    <ol>
      <li>
        <svg viewBox="0 0 42 42" aria-hidden="true"><path d="M12 3h18v36H12zM18 36h6M21 9v14m-5-5 5 5 5-5M16 28h10" /></svg>
        <span>{{ $t('house.fetch') }}</span>
      </li>
      <li>
        <svg viewBox="0 0 42 42" aria-hidden="true"><path d="M12 3h18v36H12zM18 36h6M16 10h10M16 15h10M15 20h12v9H15zM18 24.5h6" /></svg>
        <span>{{ $t('house.install') }}</span>
      </li>
      <li>
        <svg viewBox="0 0 42 42" aria-hidden="true"><path d="M12 3h18v36H12zM18 36h6M16 11h10M17 17h8a4 4 0 0 1 0 8h-8a4 4 0 0 1 0-8zM25 18.5a2.5 2.5 0 0 1 0 5 2.5 2.5 0 0 1 0-5M16 30l3 2 6-4" /></svg>
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
  stroke-width: 2;
}

.print {
  font-size: 14px;
  overflow-wrap: anywhere;
}
</style>
