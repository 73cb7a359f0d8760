<template>
  <main class="lost">
    <h1>{{ $t('shelf.nothingLiesHere') }}</h1>
    <p>{{ $t('shelf.thisPageOrDrawing') }}</p>
    <router-link class="button strong" to="/">{{ $t('shelf.toTheShelf') }}</router-link>
  </main>
</template>

<style scoped>
.lost {
  display: grid;
  gap: 14px;
  justify-items: start;
  max-width: 480px;
  margin: 0 auto;
  padding: 18vh 20px 0;
}
</style>
