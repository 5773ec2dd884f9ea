<script setup lang="ts">
/** What many circuits have in common, said once over the list instead of at every row. */
import type { SharedHazard } from "@trevin/core";

defineProps<{ common: readonly SharedHazard[] }>();
</script>

<template>
  <p v-for="one in common" :key="one.key" class="common">
    <b>CAUTION on {{ one.rows }} circuits: {{ one.hazard.title }}.</b> {{ one.hazard.cure }}
  </p>
</template>

<style scoped>
.common {
  padding: 4px 0 4px 12px;
  border-left: 6px solid;
  border-image: repeating-linear-gradient(135deg, var(--ink) 0 2px, var(--sheet) 2px 6px) 6;
  font-size: 14px;
  line-height: 18px;
}
</style>
