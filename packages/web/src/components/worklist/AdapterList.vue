<script setup lang="ts">
/** The adapter as a list to cut and crimp by: each wire with its colour, size and length, and what goes on at each end. */
import InputNumber from "primevue/inputnumber";
import AdapterDrawing from "./AdapterDrawing.vue";
import { computed } from "vue";
import {
  adapterLoom,
  deviceWords,
  pinName,
  type AdapterEnd,
  type ConnectorId,
  type Dossier,
} from "@trevin/core";

const props = defineProps<{ dossier: Dossier; job: string }>();
const emit = defineEmits<{ length: [between: readonly [ConnectorId, ConnectorId], mm: number | null] }>();
const loom = computed(() => adapterLoom(props.dossier));
const end = (one: AdapterEnd): string => {
  if (one.at === "part") return deviceWords(one.device);
  if (one.at === "joint") return `joint with ${one.with.map(pinName).join(" and ")}`;
  if (one.at === "pigtail") return `lead of ${pinName(one.lead)}`;
  return `${pinName(one.meets)}: ${one.terminal}, strip ${one.strip === null ? "about 5" : `${one.strip[0]} to ${one.strip[1]}`} mm${one.seal === null ? "" : ", wire seal"}`;
};
</script>

<template>
  <section v-if="loom.wires.length" class="adapter">
    <h2><span>Adapter loom</span></h2>
    <AdapterDrawing :loom="loom" :job="job" :points="dossier.points" />
    <h3>Cut list</h3>
    <p v-if="loom.runs.length" class="runs no-print">
      <label v-for="{ between: [a, b], mm } in loom.runs" :key="a.id + b.id" class="lab"
        >{{ a.name }} to {{ b.name }}, mm
        <InputNumber
          :model-value="mm"
          :min="10"
          :max="20000"
          input-class="len"
          :aria-label="`Length from ${a.name} to ${b.name} in mm`"
          @update:model-value="emit('length', [a.id, b.id], $event)"
      /></label>
    </p>
    <p class="why">
      Shells:
      {{
        loom.shells
          .map(
            ({ name, sealed, pins }) =>
              `one that meets ${name} (${pins.length}-way${sealed ? ", sealed" : ""})`,
          )
          .join("; ") || "none; the leads are joined"
      }}. Neither loom is cut; the original part plugs straight back in.
    </p>
    <table>
      <thead>
        <tr>
          <th>wire</th>
          <th>mm²</th>
          <th>mm</th>
          <th>one end</th>
          <th>other end</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(wire, i) in loom.wires" :key="i">
          <td>{{ wire.own === null ? "the pigtail's own lead" : wire.colour }}</td>
          <td>{{ wire.size ?? "measure" }}</td>
          <td>{{ wire.own === null ? "" : (wire.length ?? "measure") }}</td>
          <td>{{ end(wire.ends[0]) }}</td>
          <td>{{ end(wire.ends[1]) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
h2 {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 12px;
  flex-wrap: wrap;
  border-bottom: 1px solid var(--ink);
  padding: 14px 0 6px;
}
h3 {
  font: 600 17px/22px var(--f-label);
}
table {
  border-collapse: collapse;
  width: 100%;
  font-size: 13.5px;
}
th {
  text-align: left;
  font: 500 14px/16px var(--f-label);
  color: var(--ink2);
}
th,
td {
  border-bottom: 1px solid var(--rule);
  padding: 4px 8px 4px 0;
  vertical-align: top;
}
.runs {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  padding: 8px 0 4px;
}
.adapter :deep(.len) {
  width: 90px;
}
</style>
