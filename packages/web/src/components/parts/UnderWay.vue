<script setup lang="ts">
/** How far a long computation is, and the way to end it. */
import type { Progress } from "@trevin/core";

defineProps<{ progress: Progress; what: string; stop: string }>();
const emit = defineEmits<{ stop: [] }>();
</script>

<template>
  <span class="bar"
    ><progress :value="progress.done" :max="progress.total" :aria-label="what" /><button
      type="button"
      class="btn quiet"
      @click="emit('stop')"
    >
      {{ stop }}
    </button></span
  >
</template>

<style scoped>
.bar {
  display: flex;
  gap: 12px;
  align-items: center;
  flex: 1;
}
progress {
  flex: 1;
  max-width: 420px;
  height: 10px;
  appearance: none;
  border: 1.5px solid var(--ink);
  background: var(--sheet);
}
progress::-webkit-progress-bar {
  background: var(--sheet);
}
progress::-webkit-progress-value {
  background: var(--ink);
}
progress::-moz-progress-bar {
  background: var(--ink);
}
</style>
