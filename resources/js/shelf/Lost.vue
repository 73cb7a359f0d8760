<template>
  <main class="lost">
    <h1>Nothing lies here</h1>
    <p>This page or drawing is not on the shelf; it may have been put in the bin.</p>
    <router-link class="button strong" to="/">To the shelf</router-link>
  </main>
</template>

<style scoped>
.lost {
  display: grid;
  gap: 14px;
  justify-items: start;
  max-width: 480px;
  margin: 18vh auto 0;
  padding: 0 20px;
}
</style>
