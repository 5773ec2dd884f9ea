<script setup lang="ts">
/** Headings of the pin table; a click sorts by a column, a second turns the order round, a third ends it. */
import { COLUMN_TITLES, type Column } from "../../grid/cells.ts";
import type { Sorting } from "../../grid/rows.ts";

defineProps<{ columns: readonly Column[]; template: string }>();
const sorting = defineModel<Sorting | null>("sorting", { required: true });
const sortBy = (column: Column): void => {
  if (sorting.value?.column !== column) sorting.value = { column, down: false };
  else sorting.value = sorting.value.down ? null : { column, down: true };
};
const sortWord = (column: Column): "ascending" | "descending" | "none" => {
  if (sorting.value?.column !== column) return "none";
  return sorting.value.down ? "descending" : "ascending";
};
</script>

<template>
  <div class="row head" role="row" aria-rowindex="1" :style="{ gridTemplateColumns: template }">
    <span role="columnheader"><span class="sr">identified</span></span>
    <template v-for="column in columns" :key="column">
      <span role="columnheader" :aria-sort="sortWord(column)"
        ><button type="button" tabindex="-1" :class="{ num: column === 'size' }" @click="sortBy(column)">
          {{ COLUMN_TITLES[column]
          }}<i v-if="sorting?.column === column" aria-hidden="true">{{ sorting.down ? " ↓" : " ↑" }}</i>
        </button></span
      >
      <span v-if="column === 'colour'" role="columnheader">wire</span>
    </template>
    <span role="columnheader">source</span>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  height: 30px;
  border-bottom: 1px solid var(--rule);
  width: 100%;
  background: var(--bench);
}
.head {
  position: sticky;
  top: 0;
  z-index: 4;
  border-bottom: 1px solid var(--ink);
  align-items: end;
  font: 500 14px/16px var(--f-label);
  color: var(--ink2);
}
.head > span {
  padding: 0 6px 4px 4px;
}
.head button {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  color: inherit;
  cursor: pointer;
  width: 100%;
  text-align: left;
}
.head button:hover {
  text-decoration: underline;
}
.head i {
  font-style: normal;
  color: var(--ink);
}
.head .num {
  text-align: right;
}
.row > span {
  min-width: 0;
  align-self: stretch;
  display: flex;
  align-items: center;
}
</style>
