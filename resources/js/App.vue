<script setup lang="ts">
import { useScheme } from './ui/useScheme'

useScheme()
</script>

<template>
  <router-view />
</template>
