<script setup lang="ts">
/** The locks over the terminals in the order in which they are opened; one field more than there are. */
import Select from "primevue/select";
import { computed } from "vue";
import { SECONDARY_LOCKS, type SecondaryLock } from "@trevin/core";
import { SECONDARY_WORDS } from "./terminalWords.ts";

const locks = defineModel<readonly SecondaryLock[]>({ required: true });
const MOST = 5;
const options = SECONDARY_LOCKS.map((value) => ({ value, label: SECONDARY_WORDS[value] }));
const shown = computed(() => [...locks.value, "none" as const].slice(0, MOST));
const set = (at: number, lock: SecondaryLock): void => {
  locks.value = [...locks.value.slice(0, at), lock, ...locks.value.slice(at + 1)].filter(
    (one) => one !== "none",
  );
};
</script>

<template>
  <ol class="locks">
    <li v-for="(lock, i) in shown" :key="i">
      <Select
        :model-value="lock"
        :options="options"
        option-label="label"
        option-value="value"
        :aria-label="i === 0 ? 'Secondary lock opened first' : `Secondary lock opened ${i + 1}.`"
        @update:model-value="set(i, $event)"
      />
    </li>
  </ol>
</template>

<style scoped>
.locks {
  margin: 0;
  padding: 0 0 0 20px;
  display: grid;
  gap: 6px;
}
</style>
