<script setup lang="ts">
/** Every part that takes, with its voltage in each position of the key at rest, with everything on, and now. */
import {
  FARES_WORDS,
  isUsualDraw,
  KEY_WORDS,
  pinColour,
  pinName,
  type Key,
  type LoadRow,
  type PinId,
} from "@trevin/core";
import CavityLabel from "../parts/CavityLabel.vue";
import DrawnWire from "../parts/DrawnWire.vue";

const props = defineProps<{
  loads: readonly LoadRow[];
  keyAt: Key;
  /** The positions that the key has. */
  positions: readonly Key[];
  now: (row: LoadRow) => number;
  /** Pins that a finding is about. */
  marked: ReadonlyMap<PinId, "stop" | "caution" | "note">;
}>();
const chosen = defineModel<LoadRow | null>({ required: true });
const volts = (value: number): string => {
  const size = Math.abs(value);
  return size < 0.05 ? "0" : size.toFixed(1);
};
const mostOn = (row: LoadRow): number => Math.max(...props.positions.map((key) => Math.abs(row.on[key])));
function walk(event: KeyboardEvent, by: number): void {
  event.preventDefault();
  const at = chosen.value === null ? -1 : props.loads.indexOf(chosen.value);
  const next = props.loads[Math.min(props.loads.length - 1, Math.max(0, at + by))];
  if (next !== undefined) chosen.value = next;
}
</script>

<template>
  <table
    tabindex="0"
    aria-label="Volts at each part"
    @keydown.down="walk($event, 1)"
    @keydown.up="walk($event, -1)"
  >
    <thead>
      <tr>
        <th>at</th>
        <th>wire</th>
        <th>part</th>
        <th v-for="key in positions" :key="key" class="num wide" :class="{ here: key === keyAt }">
          {{ KEY_WORDS[key] }}
        </th>
        <th class="num wide">all on</th>
        <th class="num now">now</th>
        <th>result</th>
        <th class="paper">measured</th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="row in loads"
        :key="`${row.port.end} ${row.pin}`"
        :class="[marked.get(row.pin) ?? '', { at: row === chosen }]"
        :aria-selected="row === chosen"
        @click="chosen = row"
      >
        <td class="place">
          <span class="lab">{{ row.port.read.placed.connector.name }}</span>
          <CavityLabel :label="row.port.read.placed.pin.cavity" :state="row === chosen ? 'hand' : 'plain'" />
        </td>
        <td>
          <DrawnWire
            :colour="pinColour(row.port.read.placed.pin, row.port.read.placed.connector)"
            :size="row.port.read.placed.pin.size"
            :length="40"
          />
        </td>
        <td class="fn">
          {{ row.port.read.placed.pin.function || pinName(row.port.read.placed) }}
          <abbr v-if="isUsualDraw(row.port)" title="usual draw: nobody stated what it takes">≈</abbr>
        </td>
        <td v-for="key in positions" :key="key" class="num code wide" :class="{ here: key === keyAt }">
          {{ volts(row.atRest[key]) }}
        </td>
        <td class="num code wide">{{ volts(mostOn(row)) }}</td>
        <td class="num code now">{{ volts(now(row)) }}</td>
        <td class="lab result">{{ FARES_WORDS[row.fares] }}</td>
        <td class="paper" />
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
th {
  padding: 4px 8px 4px 0;
  border-bottom: 1px solid var(--ink);
  position: sticky;
  top: 0;
  background: var(--bench);
  white-space: nowrap;
}
td {
  padding: 0 8px 0 0;
  height: 31px;
  border-bottom: 1px solid var(--rule);
}
tr {
  cursor: pointer;
}
.place {
  white-space: nowrap;
  padding-left: 8px;
}
.place .lab {
  margin-right: 6px;
}
.fn {
  font-weight: 650;
  line-height: 16px;
}
abbr {
  text-decoration: none;
  font-weight: 450;
  color: var(--ink2);
}
.result {
  white-space: nowrap;
}
.num {
  text-align: right;
  width: 62px;
}
.code.num {
  font-size: 14px;
}
.here {
  background: var(--well);
}
.now {
  font-weight: 700;
}
/* On paper it is the sheet to measure by. */
.paper {
  display: none;
}
@media print {
  .paper {
    display: table-cell;
    min-width: 90px;
    border-left: 1px solid var(--rule);
    padding-left: 6px;
  }
}
@media (max-width: 700px) {
  .wide {
    display: none;
  }
}
tr.at td {
  background: var(--sheet);
  box-shadow:
    inset 0 1px 0 var(--ink),
    inset 0 -1px 0 var(--ink);
}
tr.stop td:first-child {
  box-shadow: inset 6px 0 0 var(--stop);
}
tr.caution td:first-child {
  box-shadow: inset 6px 0 0 var(--ink);
}
tr.stop .result,
tr.caution .result {
  font-weight: 700;
}
</style>
