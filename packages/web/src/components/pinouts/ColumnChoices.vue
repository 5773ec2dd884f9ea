<script setup lang="ts">
/** What each column of a table holds, with a few of its cells. */
import Select from "primevue/select";
import { computed } from "vue";
import { FIELDS, type Field, type ReadTable } from "@trevin/core";

const props = defineProps<{ table: ReadTable }>();
const emit = defineEmits<{ choose: [columns: readonly (Field | null)[]] }>();
const samples = computed(() =>
  props.table.columns.map((field, index) => ({
    field: field ?? "none",
    index,
    sample:
      props.table.sample
        .slice(props.table.headerLines)
        .map((row) => row[index] ?? "")
        .filter((cell) => cell !== "")
        .slice(0, 3)
        .join(" · ") || "(empty)",
  })),
);
function setColumn(index: number, field: Field | "none"): void {
  const current = [...props.table.columns];
  const before = current.indexOf(field === "none" ? null : field);
  if (field !== "none" && before >= 0) current[before] = null;
  current[index] = field === "none" ? null : field;
  emit("choose", current);
}
const fieldOptions = [
  ...FIELDS.map((value) => ({ value, label: value })),
  { value: "none", label: "goes into the note" },
];
</script>

<template>
  <div class="columns" role="group" aria-label="Column meanings">
    <div v-for="one in samples" :key="one.index" class="column">
      <Select
        :model-value="one.field"
        :options="fieldOptions"
        option-label="label"
        option-value="value"
        :aria-label="`Column ${one.index + 1} is`"
        @update:model-value="setColumn(one.index, $event)"
      /><span class="code" :title="one.sample">{{ one.sample }}</span>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: flex;
  gap: 8px;
  overflow-x: auto;
  border-top: 1px solid var(--rule);
  padding-top: 8px;
  flex: none;
}
.column {
  flex: 1 0 96px;
  max-width: 190px;
  display: grid;
  gap: 2px;
}
.column :deep(.inp) {
  min-height: 30px;
  padding: 2px 6px;
  font: 600 14px/1 var(--f-label);
}
.column .code {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  color: var(--ink2);
  font-size: 12px;
}
</style>
