<script setup lang="ts">
import TopLine from "../components/frame/TopLine.vue";
</script>

<template>
  <TopLine />
  <main class="nowhere">
    <h1>Page not found</h1>
    <p>Check the address. The job may be in another data folder.</p>
    <RouterLink class="btn pri" :to="{ name: 'jobs' }">All jobs</RouterLink>
  </main>
</template>

<style scoped>
.nowhere {
  max-width: 560px;
  margin: 15vh auto 0;
  display: grid;
  gap: 14px;
  justify-items: start;
  padding: 0 20px;
}
</style>
