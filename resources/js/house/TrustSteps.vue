<script setup lang="ts">
/** Three pictures of how a phone comes to trust the house's certificate; the page that pairs shows the same. */
defineProps<{ fingerprint: string }>()
</script>

<template>
  <div class="trust">
    <p>{{ $t('house.trust') }}</p>
    <ol>
      <li>
        <i style="--picture: url(/icon-trust-fetch.svg)" />
        <span>{{ $t('house.fetch') }}</span>
      </li>
      <li>
        <i style="--picture: url(/icon-trust-install.svg)" />
        <span>{{ $t('house.install') }}</span>
      </li>
      <li>
        <i style="--picture: url(/icon-trust-switch.svg)" />
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

i {
  flex: none;
  width: 72px;
  height: 72px;
  background: var(--graphite);
  mask: var(--picture);
}

.print {
  font-size: 0.875rem;
  overflow-wrap: anywhere;
}
</style>
