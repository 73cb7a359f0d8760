<template><p>soon</p></template>
<script setup lang="ts">
defineProps<{ id: string; board: string; step?: string }>()
</script>
