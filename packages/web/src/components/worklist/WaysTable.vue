<script setup lang="ts">
/** The ways of working side by side, each planned in full; any of them can be taken for the whole job. */
import { computed } from "vue";
import { allBy, type Decision, type Dossier, type MethodChoice } from "@trevin/core";
import CostTable from "../parts/CostTable.vue";

const props = defineProps<{ dossier: Dossier; ways: readonly MethodChoice[]; frozen: boolean }>();
const emit = defineEmits<{ use: [decisions: readonly Decision[]] }>();

const WAYS: Readonly<Record<MethodChoice["method"], string>> = {
  "as-decided": "as decided",
  move: "de-pin",
  splice: "splice",
  adapter: "adapter",
};
/** The decisions that another way of working would change. */
const changed = (method: MethodChoice["method"]): readonly Decision[] =>
  method === "as-decided"
    ? []
    : allBy(props.dossier, method).decisions.filter((decision, i) => decision !== props.dossier.decisions[i]);
const choices = computed(() =>
  props.ways.map(({ method, cost }) => ({
    key: method,
    name: WAYS[method],
    cost,
    chosen: method === "as-decided",
    changed: changed(method),
  })),
);
const changedBy = (key: string): readonly Decision[] =>
  choices.value.find((way) => way.key === key)?.changed ?? [];
</script>

<template>
  <CostTable :ways="choices">
    <template v-if="!frozen" #default="{ way }">
      <button
        v-if="changedBy(way.key).length"
        type="button"
        class="btn quiet"
        :aria-label="`Do all by ${way.name}`"
        @click="emit('use', changedBy(way.key))"
      >
        all
      </button>
      <span v-else-if="!way.chosen" class="mut lab">current</span>
    </template>
  </CostTable>
  <p class="why">
    A device in between always needs a joint, and a wire for an empty cavity always moves. To treat one wire
    differently, press <kbd>M</kbd> in the crosswalk.
  </p>
</template>
