<script setup lang="ts">
/** How many lines at the top of a table are headings. */
const rows = defineModel<number>("rows", { required: true });
</script>

<template>
  <div class="field">
    <span class="label">Header rows</span
    ><span class="pair"
      ><button
        type="button"
        class="btn quiet"
        aria-label="One header row fewer"
        :disabled="rows === 0"
        @click="rows--"
      >
        −</button
      ><b>{{ rows }}</b
      ><button type="button" class="btn quiet" aria-label="One header row more" @click="rows++">
        +
      </button></span
    >
  </div>
</template>

<style scoped>
.pair {
  display: flex;
  gap: 8px;
  align-items: center;
}
.pair .btn {
  min-height: 32px;
  min-width: 34px;
  font-size: 14px;
}
</style>
