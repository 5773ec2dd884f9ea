<script setup lang="ts">
/** Where the numbers of a housing begin that is given by its rows, and the side that they are printed for. */
import type { RowsNumbering } from "../../shells/byRows.ts";

const numbered = defineModel<RowsNumbering>({ required: true });
defineProps<{ ways: number }>();
const VIEWS = [
  { value: "mating", label: "mating face" },
  { value: "wire", label: "wire side" },
] as const;
const CORNERS = [
  { from: "left", first: "top", label: "top left" },
  { from: "right", first: "top", label: "top right" },
  { from: "left", first: "bottom", label: "bottom left" },
  { from: "right", first: "bottom", label: "bottom right" },
] as const;
const SCHEMES = [
  { value: "rows", label: "row by row" },
  { value: "serpentine", label: "back and forth" },
  { value: "columns", label: "down the columns" },
] as const;
const valueOf = (event: Event): string => (event.target as HTMLSelectElement).value;
const set = (change: Partial<RowsNumbering>): void => {
  numbered.value = { ...numbered.value, ...change };
};
function setCorner(label: string): void {
  const corner = CORNERS.find((one) => one.label === label);
  if (corner !== undefined) set({ from: corner.from, first: corner.first });
}
</script>

<template>
  <p class="numbers">
    <label
      >Seen from the
      <select
        class="inp"
        :value="numbered.view"
        @change="set({ view: valueOf($event) as RowsNumbering['view'] })"
      >
        <option v-for="one in VIEWS" :key="one.value" :value="one.value">{{ one.label }}</option>
      </select></label
    >
    <label
      >cavity 1 is
      <select class="inp" :value="`${numbered.first} ${numbered.from}`" @change="setCorner(valueOf($event))">
        <option v-for="one in CORNERS" :key="one.label" :value="one.label">{{ one.label }}</option>
      </select></label
    >
    <label
      >numbered
      <select
        class="inp"
        :value="numbered.scheme"
        @change="set({ scheme: valueOf($event) as RowsNumbering['scheme'] })"
      >
        <option v-for="one in SCHEMES" :key="one.value" :value="one.value">{{ one.label }}</option>
      </select></label
    >
    <span class="mut">{{ ways ? `${ways} cavities, lock up` : "" }}</span>
  </p>
</template>

<style scoped>
.numbers {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}
label {
  white-space: nowrap;
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
</style>
