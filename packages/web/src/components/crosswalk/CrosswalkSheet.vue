<script setup lang="ts">
/** The crosswalk on paper: every circuit with cavities, colours in words and codes, what is done, and what to mind. Black and white. */
import { computed } from "vue";
import {
  blockWords,
  colourInWords,
  doneWords,
  pinColour,
  pinNamer,
  proposalWords,
  isOpenHazard,
  lineWords,
  type Block,
  type ColourJoin,
  type Dossier,
  type PlacedPin,
  type CircuitRow,
} from "@trevin/core";
import DrawnWire from "../parts/DrawnWire.vue";
import { colourVerdict } from "./colourVerdict.ts";

const props = defineProps<{
  rows: readonly CircuitRow[];
  dossier: Dossier;
  verdict: readonly ColourJoin[];
  blocks: readonly Block[];
}>();
const name = computed(() => pinNamer(props.dossier));
const wire = ({ pin, connector }: PlacedPin): string => {
  const colour = pinColour(pin, connector);
  return [
    pin.colour,
    colour === null ? "" : colourInWords(colour),
    pin.size === null ? "" : `${pin.size} mm²`,
  ]
    .filter((part) => part !== "")
    .join(", ");
};
const what = (row: CircuitRow): string => {
  if (row.decision !== null) return doneWords(row.decision, name.value);
  return row.alone !== null ? `open: ${proposalWords(row.alone)}?` : `${lineWords(row).above}?`;
};
const minded = (row: CircuitRow) => row.hazards.filter(({ severity }) => severity !== "note");
</script>

<template>
  <article class="sheet">
    <h1>{{ dossier.head.name }}: crosswalk</h1>
    <p>
      {{ dossier.head.vehicle }} + {{ dossier.head.incoming }}, {{ dossier.head.nominalVolts }} V.
      {{ rows.length }} circuits.
      <template v-if="verdict.length > 0"
        >By colour alone, {{ colourVerdict(verdict) }}. Go by cavity.</template
      >
    </p>
    <table>
      <thead>
        <tr>
          <th>Vehicle</th>
          <th>Wire and function</th>
          <th>Decision</th>
          <th>Incoming</th>
          <th>Wire and function</th>
          <th>Sure</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.key">
          <td class="code">
            <p v-for="placed in row.vehicle" :key="placed.pin.id">
              <b>{{ placed.connector.name }}.{{ placed.pin.cavity }}</b>
            </p>
          </td>
          <td>
            <p v-for="placed in row.vehicle" :key="placed.pin.id">
              {{ placed.pin.function }}<br /><DrawnWire
                class="w"
                :colour="pinColour(placed.pin, placed.connector)"
                :size="placed.pin.size"
                :length="40"
              />{{ " " }}<span class="small">{{ wire(placed) }}</span>
            </p>
          </td>
          <td>
            {{ what(row) }}
            <p v-for="hazard in minded(row)" :key="hazard.rule + hazard.title" class="small">
              <b
                >{{
                  isOpenHazard(hazard) ? hazard.severity.toUpperCase() : hazard.cured ? "cured" : "accepted"
                }}:</b
              >
              {{ hazard.title
              }}<template v-if="hazard.answered">
                ({{ hazard.answered.reason
                }}<template v-if="hazard.answered.by">, {{ hazard.answered.by }}</template
                >)</template
              >
            </p>
          </td>
          <td class="code">
            <p v-for="placed in row.incoming" :key="placed.pin.id">
              <b>{{ placed.connector.name }}.{{ placed.pin.cavity }}</b>
            </p>
          </td>
          <td>
            <p v-for="placed in row.incoming" :key="placed.pin.id">
              {{ placed.pin.function }}<br /><DrawnWire
                class="w"
                :colour="pinColour(placed.pin, placed.connector)"
                :size="placed.pin.size"
                :length="40"
              />{{ " " }}<span class="small">{{ wire(placed) }}</span>
            </p>
          </td>
          <td>{{ row.alone ? "" : row.sure }}</td>
        </tr>
      </tbody>
    </table>
    <template v-if="blocks.length"
      ><h2>Blockers</h2>
      <ul>
        <li v-for="(block, i) in blocks" :key="i">{{ blockWords(block, name) }}</li>
      </ul></template
    >
    <p class="small">
      Battery off before you cut or unpin anything. Leave restraint and high-voltage connectors closed. Local
      codes and licensed practice decide.
    </p>
  </article>
</template>

<style scoped>
.sheet {
  color: #000;
  background: #fff;
  font-size: 11px;
  line-height: 1.3;
}
.sheet h1 {
  font-size: 18px;
}
.sheet > p {
  padding: 4px 0 8px;
}
td,
th {
  border-bottom: 0.6px solid #777;
  padding: 3px 8px 3px 0;
  vertical-align: top;
  color: #000;
  text-align: left;
}
thead {
  display: table-header-group;
}
tr {
  break-inside: avoid;
}
th {
  border-bottom: 1.4px solid #000;
}
.small {
  font-size: 10px;
}
.w {
  display: inline-block;
  vertical-align: middle;
  height: 8px;
}
td p + p {
  margin-top: 3px;
}
ul {
  padding-left: 14px;
  list-style: disc;
}
</style>
