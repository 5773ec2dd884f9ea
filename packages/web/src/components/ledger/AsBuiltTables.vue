<script setup lang="ts">
/** The pin tables as they are now: what is in each cavity, where it was, what it is joined to, where loose ends lie. */
import { computed } from "vue";
import { asBuilt, pinColour, pluggedNow, type Dossier, type HarnessState } from "@trevin/core";
import CavityLabel from "../parts/CavityLabel.vue";
import DrawnWire from "../parts/DrawnWire.vue";

const props = defineProps<{ dossier: Dossier; state: HarnessState; begun: boolean }>();
const rows = computed(() => asBuilt(props.dossier, props.state));
const plugged = computed(() => pluggedNow(props.dossier, props.state));
const connectors = computed(() => [...new Set(rows.value.map((row) => row.connector))]);
const systems = computed(
  () =>
    new Map(
      props.dossier.connectors.flatMap((connector) =>
        connector.pins.map((pin) => [pin.id, connector] as const),
      ),
    ),
);
const colourOf = (pin: (typeof rows.value)[number]["wire"]) => {
  const connector = pin === null ? undefined : systems.value.get(pin.pin.id);
  return pin === null || connector === undefined ? null : pinColour(pin.pin, connector);
};
</script>

<template>
  <section class="built">
    <div v-for="connector in connectors" :key="connector">
      <h2>
        {{ connector }}, {{ begun ? "as built" : "as found" }}
        <span class="lab mut">plugged into {{ plugged.get(connector) }}</span>
      </h2>
      <table>
        <thead>
          <tr>
            <th>cavity</th>
            <th>wire</th>
            <th>function</th>
            <th>was at</th>
            <th>joined to, loose ends</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows.filter((one) => one.connector === connector)" :key="row.cavity">
            <td><CavityLabel :label="row.cavity" :state="row.wire ? 'plain' : 'off'" /></td>
            <td class="wire">
              <template v-if="row.wire"
                ><DrawnWire :colour="colourOf(row.wire)" :size="row.wire.pin.size" :length="56" />{{ " "
                }}<span class="code">{{ row.wire.pin.colour }}</span></template
              ><span v-else class="mut">{{ row.state === "blank" ? "empty, closed" : row.state }}</span>
            </td>
            <td>
              <b v-if="row.wire">{{ row.wire.function }}</b><span
                v-if="row.wire && row.wire.function !== row.wire.pin.function"
                class="mut lab"
              >
                was {{ row.wire.pin.function || "not named" }}</span
              >
            </td>
            <td class="code">
              {{ row.wire && row.wire.was !== `${row.connector}.${row.cavity}` ? row.wire.was : "" }}
            </td>
            <td class="lab">{{ [...row.joinedTo, ...row.loose].join("; ") }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
th {
  padding: 6px 8px 5px 0;
  border-bottom: 1px solid var(--ink);
}
td {
  padding: 3px 10px 3px 0;
  height: 31px;
  border-bottom: 1px solid var(--rule);
  vertical-align: middle;
}
.built {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 28px;
  padding-top: 10px;
  align-items: start;
}
.wire {
  white-space: nowrap;
}
.wire svg {
  display: inline-block;
  vertical-align: middle;
  margin-right: 4px;
}
.built td.lab {
  white-space: normal;
}
@media (max-width: 1000px) {
  .built {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .built {
    display: block;
  }
}
</style>
