<script setup lang="ts">
/** The table under a printed face: what is in each cavity, and where it goes. */
import { computed } from "vue";
import { flagsOf, goesTo, pinsInOrder, type Connector, type Dossier } from "@trevin/core";

const props = defineProps<{ dossier: Dossier; connector: Connector }>();
/** Where the job takes each wire, beside where the loom behind does. */
const decided = computed(
  () => new Map(flagsOf(props.dossier).map(({ pin, to }) => [pin.pin.id, to === "" ? "" : `job: ${to}`])),
);
const rows = computed(() =>
  pinsInOrder(props.connector).map((pin) => ({
    pin,
    to: [goesTo(props.dossier, pin.id), decided.value.get(pin.id) ?? ""]
      .filter((text) => text !== "")
      .join("; "),
  })),
);
</script>

<template>
  <table class="pins">
    <thead>
      <tr>
        <th>Cavity</th>
        <th>Wire</th>
        <th>mm²</th>
        <th>Function</th>
        <th>Goes to</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="{ pin, to } in rows" :key="pin.id">
        <td class="code">{{ pin.cavity }}</td>
        <td>{{ pin.content === "empty" ? "empty" : pin.colour }}</td>
        <td>{{ pin.size ?? "" }}</td>
        <td>{{ pin.function }}</td>
        <td>{{ to }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.pins {
  display: none;
}
@media print {
  .pins {
    display: table;
    margin: 16px 20px;
    width: calc(100% - 40px);
    font-size: 12px;
  }
  .pins td,
  .pins th {
    border-bottom: 1px solid #999;
    padding: 2px 6px;
    text-align: left;
  }
}
</style>
