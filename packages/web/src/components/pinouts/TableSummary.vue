<script setup lang="ts">
/** How the colours of a table were read, and which columns it lacks. */
import { computed } from "vue";
import { COLOUR_SYSTEM_NAMES, type ReadTable } from "@trevin/core";

const props = defineProps<{ table: ReadTable }>();
const missing = computed(() =>
  (["function", "colour"] as const).filter((field) => !props.table.columns.includes(field)),
);
const unread = computed(
  () =>
    props.table.lines.filter((line) =>
      line.problems.some((one) => one.code === "colour-other-system" || one.code === "colour-unread"),
    ).length,
);
</script>

<template>
  <p class="why">
    Colours read as {{ COLOUR_SYSTEM_NAMES[table.system]
    }}<template v-if="table.ranks[0] && table.ranks[0].total > 0"
      >: {{ table.ranks.find((rank) => rank.system === table.system)?.read }} of
      {{ table.ranks[0].total }} codes match<template v-if="!table.systemSure"
        >, not certain ({{ Math.round(100 * (table.ranks[0].probability ?? 0)) }} %): choose a
        system</template
      ></template
    >.
    <template v-if="unread">
      {{ unread }} {{ unread === 1 ? "code does" : "codes do" }} not match it.</template
    >
    <template v-if="missing.length"> No column found for {{ missing.join(" or ") }}.</template>
  </p>
</template>
