<script setup lang="ts">
/** A connector's name, place, side, colour system, leads, counterpart, and whether it is kept out. */
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import { computed } from "vue";
import {
  COLOUR_SYSTEM_NAMES,
  COLOUR_SYSTEMS,
  type ColourSystem,
  type Connector,
  type ConnectorId,
} from "@trevin/core";
import type { ConnectorFacts } from "./connectorFacts.ts";

const form = defineModel<ConnectorFacts>("form", { required: true });
const props = defineProps<{
  own: ConnectorId | null;
  branches: readonly string[];
  modules: readonly string[];
  connectors: readonly Connector[];
}>();
const EXAMPLES: Readonly<Record<ColourSystem, string>> = {
  iec: "BK, RD, GN/YE",
  german: "SW, RT, BR/GE",
  japanese: "B, R, L/W",
  "north-american": "BLK, RED, DK GRN/WHT",
};
const systems = COLOUR_SYSTEMS.map((value) => ({
  value,
  label: `${EXAMPLES[value]} (${COLOUR_SYSTEM_NAMES[value]})`,
}));
const sides = [
  { value: "vehicle", label: "Vehicle: stays in the car" },
  { value: "incoming", label: "Incoming: part, donor or module" },
];
const leads = [
  { value: "loom", label: "Wires continue into a loom" },
  { value: "flying", label: "Pigtail with free ends" },
];
const mates = computed(() => [
  { value: "", label: "not in this job" },
  ...props.connectors
    .filter((one) => one.id !== props.own)
    .map((one) => ({ value: one.id, label: one.name })),
]);
const KEEP_OUT = [
  { value: "", label: "No" },
  { value: "restraint system", label: "Yes: restraint system" },
  { value: "high voltage", label: "Yes: high voltage" },
  { value: "other", label: "Yes: other reason" },
];
const keepOut = computed({
  get: () =>
    ["", "restraint system", "high voltage"].includes(form.value.keepOut) ? form.value.keepOut : "other",
  set: (value) => {
    form.value.keepOut = value === "other" ? "stays shut" : value;
  },
});
</script>

<template>
  <div class="two">
    <div class="field">
      <label for="c-name">Name (as on the tag)</label
      ><InputText id="c-name" v-model="form.name" autofocus maxlength="40" />
    </div>
    <div class="field">
      <label for="c-place">Place</label
      ><InputText id="c-place" v-model="form.place" maxlength="120" placeholder="body, left sill" />
    </div>
  </div>
  <div class="two">
    <div class="field">
      <label for="c-branch">Branch of the loom</label
      ><InputText
        id="c-branch"
        v-model="form.branch"
        maxlength="80"
        placeholder="engine, left bank"
        list="c-branches"
      />
    </div>
    <div class="field">
      <label for="c-module">Module it belongs to</label
      ><InputText
        id="c-module"
        v-model="form.module"
        maxlength="80"
        placeholder="engine controller"
        list="c-modules"
      />
    </div>
  </div>
  <datalist id="c-branches"><option v-for="one in branches" :key="one" :value="one" /></datalist>
  <datalist id="c-modules"><option v-for="one in modules" :key="one" :value="one" /></datalist>
  <div class="two">
    <div class="field">
      <span id="c-side" class="label">Side</span
      ><Select
        v-model="form.side"
        :options="sides"
        option-label="label"
        option-value="value"
        aria-labelledby="c-side"
      />
    </div>
    <div class="field">
      <span id="c-system" class="label">Which letters do the codes use?</span
      ><Select
        v-model="form.colourSystem"
        :options="systems"
        option-label="label"
        option-value="value"
        aria-labelledby="c-system"
      />
    </div>
  </div>
  <div class="two">
    <div class="field">
      <span id="c-leads" class="label">Wires</span
      ><Select
        v-model="form.leads"
        :options="leads"
        option-label="label"
        option-value="value"
        aria-labelledby="c-leads"
      />
    </div>
    <div class="field">
      <span id="c-keep" class="label">Keep out</span
      ><Select
        v-model="keepOut"
        :options="KEEP_OUT"
        placeholder="No"
        option-label="label"
        option-value="value"
        aria-labelledby="c-keep"
      />
    </div>
  </div>
  <div class="two">
    <div class="field">
      <span id="c-mate" class="label">Plugs into</span
      ><Select
        v-model="form.matesWith"
        :options="mates"
        placeholder="not in this job"
        option-label="label"
        option-value="value"
        aria-labelledby="c-mate"
      />
    </div>
    <div v-if="keepOut === 'other'" class="field">
      <label for="c-keepwhy">Reason</label><InputText id="c-keepwhy" v-model="form.keepOut" maxlength="120" />
    </div>
  </div>
</template>

<style scoped></style>
