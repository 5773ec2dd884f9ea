<script setup lang="ts">
/** Above the pin table: find, filter, columns, where typed values come from, and the keys that are worth knowing. */
import { computed, ref } from "vue";
import Select from "primevue/select";
import type { Source, SourceId } from "@trevin/core";
import { COLUMN_TITLES, COLUMNS, type Column } from "../../grid/cells.ts";
import type { PinoutsDialog } from "./PinoutsDialogs.vue";
import { FILTERS, type Filter } from "../../grid/rows.ts";

const filter = defineModel<Filter>("filter", { required: true });
const find = defineModel<string>("find", { required: true });
const hidden = defineModel<Column[]>("hidden", { required: true });
const source = defineModel<SourceId | null>("source", { required: true });
const props = defineProps<{
  sources: readonly Source[];
  shown: number;
  total: number;
  facts: {
    readonly known: number;
    readonly identified: number;
    readonly wires: number;
    readonly all: number;
  };
}>();
const emit = defineEmits<{ open: [dialog: PinoutsDialog]; leave: [] }>();

const columnsOpen = ref(false);
const filters = FILTERS.map((value) => ({ value, label: value === "all" ? "all cavities" : value }));
const sourceOptions = computed(() => [
  { value: "none", label: "typed: source not stated" },
  ...props.sources.map((one) => ({ value: one.id as string, label: `typed: ${one.title}` })),
]);
const toggle = (column: Column): void => {
  hidden.value = hidden.value.includes(column)
    ? hidden.value.filter((one) => one !== column)
    : [...hidden.value, column];
};
const optional = COLUMNS.filter(
  (column) => column !== "cavity" && column !== "function" && column !== "colour",
);
</script>

<template>
  <div class="tools" role="toolbar" aria-label="Pin table">
    <input
      id="find-pin"
      v-model="find"
      class="inp"
      type="search"
      placeholder="Find"
      aria-label="Find in the pin table"
      @keydown.enter.prevent="emit('leave')"
      @keydown.esc.stop="
        find = '';
        emit('leave');
      "
    />
    <Select v-model="filter" :options="filters" option-label="label" option-value="value" aria-label="Show" />
    <span v-if="shown !== total" class="count" role="status">{{ shown }} of {{ total }}</span>
    <span class="menu">
      <button
        type="button"
        class="btn quiet"
        :aria-expanded="columnsOpen"
        aria-controls="grid-columns"
        @click="columnsOpen = !columnsOpen"
      >
        Columns
      </button>
      <span v-if="columnsOpen" id="grid-columns" class="pop" @keydown.esc.stop="columnsOpen = false"
        ><label v-for="column in optional" :key="column"
          ><input type="checkbox" :checked="!hidden.includes(column)" @change="toggle(column)" />
          {{ COLUMN_TITLES[column] }}</label
        ></span
      >
    </span>
    <Select
      :model-value="source ?? 'none'"
      class="from"
      :options="sourceOptions"
      option-label="label"
      option-value="value"
      aria-label="Typed values come from"
      @update:model-value="source = $event === 'none' ? null : $event"
    />
    <button type="button" class="btn quiet" @click="emit('open', 'sources')">
      Sources <kbd class="letter">S</kbd>
    </button>
    <button type="button" class="btn quiet" @click="emit('open', 'alike')">
      Look-alikes <kbd class="letter">L</kbd>
    </button>
  </div>
  <p class="keys lab">
    <kbd>Enter</kbd> next cavity <kbd>'</kbd> same as above <kbd>Ctrl D</kbd> fill <kbd>Space</kbd> identified
    <kbd>F2</kbd> edit <kbd>Esc</kbd> out
    <span class="all"
      >{{ facts.known }} of {{ facts.all }} known, {{ facts.identified }} of
      {{ facts.wires }} identified</span
    >
  </p>
</template>

<style scoped>
.tools {
  display: flex;
  gap: 6px 8px;
  align-items: center;
  flex-wrap: wrap;
  padding-top: 4px;
}
.tools :deep(.inp) {
  min-height: 30px;
  padding: 2px 8px;
  font: 500 14px/16px var(--f-label);
  width: auto;
}
.tools .btn {
  min-height: 30px;
  font-size: 14px;
  padding: 0 8px;
  gap: 6px;
}
#find-pin {
  width: 96px;
}
.from {
  max-width: 190px;
}
.all {
  margin-left: auto;
  color: var(--ink2);
}
.count {
  font-weight: 650;
}
.menu {
  position: relative;
}
.pop {
  position: absolute;
  top: 100%;
  left: 0;
  z-index: 6;
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: 8px 12px;
  display: grid;
  gap: 6px;
  width: 130px;
  font: 500 15px/18px var(--f-label);
}
.pop input {
  width: 16px;
  height: 16px;
  accent-color: var(--ink);
  vertical-align: -3px;
}
.keys {
  color: var(--ink2);
  display: flex;
  gap: 2px 6px;
  align-items: center;
  flex-wrap: wrap;
}
.keys kbd:not(:first-child) {
  margin-left: 8px;
}
@media (max-width: 1000px) {
  .keys kbd {
    display: none;
  }
  .keys {
    font-size: 0;
  }
  .all {
    font-size: 14px;
    margin-left: 0;
  }
}
</style>
