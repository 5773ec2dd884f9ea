<script setup lang="ts">
/** Which circuits are listed, and what can be done with the whole list. */
import { SHOWN, type Shown } from "@trevin/core";
import Select from "primevue/select";
import { LISTS } from "./useCircuits.ts";

defineProps<{
  counts: Readonly<Record<Shown, number>>;
  /** Connectors and branches to choose from; none where there is one of each side. */
  places: { readonly value: string; readonly label: string }[];
  sure: number;
}>();
const shown = defineModel<Shown>("shown", { required: true });
const where = defineModel<string>("where", { required: true });
const overlay = defineModel<boolean>("overlay", { required: true });
const emit = defineEmits<{ side: []; print: []; takeSure: [] }>();
</script>

<template>
  <header class="tools">
    <span class="lists" role="group" aria-label="List"
      ><button
        v-for="one in SHOWN"
        :key="one"
        type="button"
        :aria-pressed="shown === one"
        @click="shown = one"
      >
        {{ LISTS[one] }} <b>{{ counts[one] }}</b>
      </button></span
    >
    <Select
      v-if="places.length > 0"
      v-model="where"
      class="where"
      :options="places"
      option-label="label"
      option-value="value"
      aria-label="Where"
    />
    <span class="grow" />
    <button type="button" class="btn quiet" :aria-pressed="overlay" @click="overlay = !overlay">
      By colour <kbd>C</kbd>
    </button>
    <button type="button" class="btn quiet" @click="emit('side')">Side <kbd>O</kbd></button>
    <button type="button" class="btn quiet" @click="emit('print')">Print</button>
    <button v-if="sure > 0" type="button" class="btn" @click="emit('takeSure')">
      Accept {{ sure }} sure {{ sure === 1 ? "match" : "matches" }} <kbd>A</kbd>
    </button>
  </header>
</template>

<style scoped>
.tools {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  padding: 4px 0;
  flex-wrap: wrap;
}
.tools .btn {
  min-height: 32px;
  font-size: 15px;
  padding: 0 9px;
}
.btn[aria-pressed="true"] {
  background: var(--ink);
  color: var(--on-ink);
}
.btn[aria-pressed="true"] kbd {
  background: transparent;
  color: var(--on-ink);
  border-color: var(--on-ink);
}
.grow {
  flex: 1;
}
.lists {
  display: flex;
  border: 1.5px solid var(--rule2);
  border-radius: 2px;
}
.lists button {
  border: 0;
  border-right: 1px solid var(--rule2);
  background: none;
  padding: 0 10px;
  min-height: 30px;
  font: 500 15px/1 var(--f-label);
  cursor: pointer;
}
.lists button:last-child {
  border-right: 0;
}
.lists button[aria-pressed="true"] {
  background: var(--ink);
  color: var(--on-ink);
}
.lists b {
  font: 700 13px/1 var(--f-text);
  margin-left: 3px;
}
.where {
  width: 168px;
  min-height: 32px;
  padding: 2px 8px;
}
</style>
