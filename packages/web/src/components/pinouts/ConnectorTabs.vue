<script setup lang="ts">
/** The connectors of the job, grouped by side, leg of the loom or end, each with how much of it is known. */
import { computed, ref } from "vue";
import Select from "primevue/select";
import { cavityCount, compareNatural, isKnown, type Connector, type ConnectorId } from "@trevin/core";

const props = defineProps<{
  connectors: readonly Connector[];
  chosen: ConnectorId | null;
  frozen: boolean;
}>();
const emit = defineEmits<{ choose: [connector: ConnectorId]; add: []; supplies: [] }>();

type Grouping = "side" | "leg" | "end";
const grouping = ref<Grouping>("side");
const options = [
  { value: "side", label: "by side" },
  { value: "leg", label: "by branch" },
  { value: "end", label: "module end, other end" },
];

const titleOf = (one: Connector): string => {
  switch (grouping.value) {
    case "side":
      return one.side === "vehicle" ? "stays" : "comes in";
    case "leg":
      return one.branch || "no branch entered";
    case "end":
      return one.module === "" ? "other end" : `at ${one.module}`;
  }
};
const groups = computed(() => {
  const found = new Map<string, Connector[]>();
  for (const one of props.connectors) found.set(titleOf(one), [...(found.get(titleOf(one)) ?? []), one]);
  const list = [...found];
  return grouping.value === "side" ? list : list.sort(([a], [b]) => compareNatural(a, b));
});
/** A plug that is recorded in part says so: what is not in the table stays as it is, and the plug is never taken for empty. */
const known = (one: Connector): string => {
  const all = cavityCount(one);
  return all > one.pins.length
    ? `${one.pins.length} of ${all} recorded`
    : `${one.pins.filter(isKnown).length} of ${all}`;
};
const identified = (one: Connector): boolean =>
  one.pins.length > 0 && one.pins.every((pin) => pin.content === "empty" || pin.identified);
</script>

<template>
  <div class="tabs" :class="{ many: connectors.length > 2 }">
    <div role="tablist" aria-label="Connectors">
      <template v-for="[title, list] in groups" :key="title">
        <span v-if="connectors.length > 2 || grouping !== 'side'" class="group" role="presentation">{{
          title
        }}</span>
        <button
          v-for="one in list"
          :key="one.id"
          type="button"
          role="tab"
          :aria-selected="one.id === chosen"
          @click="emit('choose', one.id)"
        >
          <b>{{ one.name }}</b> <span v-if="connectors.length <= 4">{{ one.place }}</span>{{ " "
          }}<span class="mut">{{ known(one) }}<template v-if="identified(one)"> ✓</template></span>
        </button>
      </template>
    </div>
    <button v-if="!frozen" type="button" class="link lab" @click="emit('add')">Add a connector</button>
    <button type="button" class="link lab" @click="emit('supplies')">
      Supplies and grounds <kbd class="letter">U</kbd>
    </button>
    <Select
      v-if="connectors.length > 2"
      v-model="grouping"
      class="by"
      :options="options"
      option-label="label"
      option-value="value"
      aria-label="Group the connectors"
    />
  </div>
</template>

<style scoped>
.tabs {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 16px;
  border-bottom: 1px solid var(--ink);
  min-height: 40px;
}
[role="tablist"] {
  flex: 1;
  display: flex;
  gap: 0 16px;
  flex-wrap: wrap;
  max-height: 148px;
  overflow-y: auto;
  align-items: center;
}
/* More than two have a row of their own, and what is done with them the next one. */
.many [role="tablist"] {
  flex-basis: 100%;
}
[role="tab"] {
  border: 0;
  background: none;
  padding: 8px 0 5px;
  cursor: pointer;
  font: 500 14px/1.2 var(--f-label);
  border-bottom: 4px solid transparent;
  white-space: nowrap;
}
[role="tab"] b {
  font: 700 16px/1 var(--f-code);
  margin-right: 4px;
}
[aria-selected="true"] {
  border-bottom-color: var(--ink);
}
.group {
  font: 500 14px/16px var(--f-label);
  color: var(--ink2);
  border-left: 2px solid var(--rule2);
  padding-left: 8px;
}
.link {
  white-space: nowrap;
}
.by {
  margin-left: auto;
  width: 190px;
  flex: none;
  min-height: 30px;
  padding: 2px 8px;
  font: 500 14px/16px var(--f-label);
}
</style>
