<script setup lang="ts">
/** Safe to power or not, what will work, what will not, and why: the job's circuit solved for every position of the key. */
import { computed, ref, shallowRef, watch } from "vue";
import {
  circuitFindingWords,
  indexPins,
  KEYS,
  pathOf,
  pinName,
  solverOf,
  undecidedPins,
  voltsAcross,
  type CircuitFinding,
  type Key,
  type LoadRow,
  type PinId,
  type Proof,
} from "@trevin/core";
import AskedFor from "../components/proof/AskedFor.vue";
import StandbyLine from "../components/proof/StandbyLine.vue";
import FuseChart from "../components/proof/FuseChart.vue";
import FindingList from "../components/proof/FindingList.vue";
import KeyDial from "../components/proof/KeyDial.vue";
import LiveFace from "../components/proof/LiveFace.vue";
import LoadTable from "../components/proof/LoadTable.vue";
import PathDrawing from "../components/proof/PathDrawing.vue";
import SwitchList from "../components/proof/SwitchList.vue";
import NoProof from "../components/proof/NoProof.vue";
import UnderWay from "../components/parts/UnderWay.vue";
import WhatIfLine from "../components/proof/WhatIfLine.vue";
import VerdictBar from "../components/proof/VerdictBar.vue";
import { useCommands } from "../composables/useCommands.ts";
import { useJob } from "../stores/job.ts";
import { useProof } from "../stores/proof.ts";

const job = useJob();
const store = useProof();
const proof = computed(() => store.shown);
const key = ref<Key>("run");
const on = ref<ReadonlySet<string>>(new Set());
const chosen = shallowRef<LoadRow | null>(null);
const charted = ref(false);

const bench = computed(() => job.analysis!.bench);
const pins = computed(() => indexPins(bench.value.dossier));
const name = (pin: PinId): string => {
  const placed = pins.value.get(pin);
  if (placed === undefined) return pin;
  const { function: text } = placed.pin;
  return text === "" ? pinName(placed) : `${pinName(placed)} (${text})`;
};
/** The network that is in sight, ready for any position. */
const solve = computed(() => (proof.value === null ? null : solverOf(proof.value.network)));
const across = computed(() => (proof.value === null ? null : voltsAcross(proof.value.network)));
const point = computed(() => solve.value?.(key.value, { some: on.value }) ?? null);
const now = (row: LoadRow): number =>
  point.value === null || across.value === null ? 0 : across.value(point.value, row.port);
const path = computed(() =>
  proof.value === null || point.value === null || chosen.value === null
    ? []
    : pathOf(proof.value.network, point.value, chosen.value),
);
const devices = computed(
  () => new Map(proof.value?.network.devices.map(({ device, what }) => [device, what]) ?? []),
);
/** The positions that the key has in this job. */
const positions = computed(() => proof.value?.network.positions ?? KEYS);
const RANK = { stop: 0, caution: 1, note: 2 };
const marked = computed(() => {
  const found = new Map<PinId, CircuitFinding["severity"]>();
  for (const { severity, pins: about } of proof.value?.findings ?? [])
    for (const pin of about) {
      const known = found.get(pin);
      if (known === undefined || RANK[severity] < RANK[known]) found.set(pin, severity);
    }
  return found;
});
/** What fails first, then in the order of the plugs. */
const loads = computed(() => {
  const rank = ({ pin }: LoadRow): number => RANK[marked.value.get(pin) ?? "note"];
  return [...(proof.value?.loads ?? [])].sort((a, b) => rank(a) - rank(b));
});
/** The position in which a part should work: its supply's, and what works it thrown. */
function look(row: LoadRow): void {
  chosen.value = row;
  const live = positions.value.find((one) => Math.abs(row.atRest[one]) > 1) ?? "run";
  if (row.rail !== null) key.value = live === "off" ? "run" : live;
  if (row.workedBy[0] !== undefined && on.value.size === 0) on.value = new Set(row.workedBy.slice(0, 1));
}
const isRow = (one: LoadRow | null, other: LoadRow): boolean =>
  one?.pin === other.pin && one.port.end === other.port.end;
watch(
  proof,
  (next: Proof | null) => {
    if (next === null) return;
    if (!next.network.positions.includes(key.value)) key.value = "run";
    const known = new Set(next.network.drivers.map(({ element }) => element));
    on.value = new Set([...on.value].filter((element) => known.has(element)));
    const again = loads.value.find((row) => isRow(chosen.value, row)) ?? loads.value[0];
    if (again === undefined) chosen.value = null;
    else if (isRow(chosen.value, again)) chosen.value = again;
    else look(again);
  },
  { immediate: true },
);
function show({ pins: about }: Pick<CircuitFinding, "pins">): void {
  const row = loads.value.find(({ pin }) => about.includes(pin));
  if (row !== undefined) look(row);
}
const summary = computed(() => {
  if (proof.value === null) return "";
  const { states, assumed, findings, loads: all } = proof.value;
  const parts = all.filter(({ port }) => port.kind.kind !== "signal");
  const works = parts.filter(({ fares }) => fares === "full").length;
  const say = [
    `${works} of ${parts.length} parts work`,
    `${states} positions solved`,
    ...(assumed > 0 ? [`${assumed} usual values taken where nobody stated one`] : []),
  ];
  return findings.length === 0
    ? `No short, no back-feed, no fuse blown. ${say.join(" · ")}`
    : say.join(" · ");
});
const undecided = computed(() => undecidedPins(bench.value.dossier).length);
const first = computed(() => {
  const finding = proof.value?.findings[0];
  return finding === undefined ? null : circuitFindingWords(finding, name);
});
useCommands([
  ...KEYS.map((one, i) => ({
    id: `key-${one}`,
    title: `Turn the key to ${one}`,
    keys: String(i + 1),
    enabled: () => positions.value.includes(one),
    run: () => (key.value = one),
  })),
  { id: "print", title: "Print", keys: "Ctrl+P", run: () => window.print() },
]);
</script>

<template>
  <NoProof v-if="proof === null || proof.verdict === 'nothing'" :proof="proof" />
  <main v-else>
    <VerdictBar :proof="proof" :first="first" :summary="summary" :undecided="undecided" />
    <div class="body">
      <aside class="left no-print">
        <h3>Key</h3>
        <KeyDial v-model="key" :positions="positions" />
        <SwitchList v-model="on" :proof="proof" />
        <LiveFace
          v-if="chosen && point"
          :connector="chosen.port.read.placed.connector"
          :network="proof.network"
          :point="point"
          :pin="chosen.pin"
          :nominal-volts="bench.dossier.head.nominalVolts"
          @pick="show({ pins: [$event] })"
        />
      </aside>
      <section class="middle">
        <template v-if="chosen">
          <h2>
            {{ name(chosen.pin) }} <span class="lab mut">{{ Math.abs(now(chosen)).toFixed(1) }} V now</span>
          </h2>
          <PathDrawing
            :path="path"
            :pins="pins"
            :devices="devices"
            :key-at="key"
            :battery="proof.network.battery"
          />
        </template>
        <WhatIfLine
          v-if="chosen"
          :key="chosen.pin"
          :proof="proof"
          :dossier="bench.dossier"
          :pin="chosen.pin"
          :plug="chosen.port.read.placed.connector"
          :title="pinName(chosen.port.read.placed)"
          :nominal="bench.dossier.head.nominalVolts"
          :name="name"
        />
        <div class="table">
          <LoadTable
            :model-value="chosen"
            :loads="loads"
            :key-at="key"
            :positions="positions"
            :now="now"
            :marked="marked"
            @update:model-value="$event && look($event)"
          />
        </div>
        <p v-if="store.progress" class="foot" role="status">
          <UnderWay :progress="store.progress" what="Solving" stop="Stop" @stop="store.stop()" />
        </p>
        <p v-if="first" class="why foot">{{ summary }}</p>
        <section class="currents" :class="{ 'no-print': !charted }">
          <h3>
            <button type="button" class="link" :aria-expanded="charted" @click="charted = !charted">
              Current against fuse
            </button>
          </h3>
          <FuseChart v-if="charted" :network="proof.network" />
        </section>
      </section>
      <FindingList
        class="right"
        :class="{ first: proof.findings.length > 0 }"
        :proof="proof"
        :undecided="undecided"
        :name="name"
        :dossier="store.moment === 'done' && bench.fold === null ? bench.dossier : null"
        @show="show"
        @cure="job.decide([$event])"
      >
        <AskedFor :proof="proof" :dossier="bench.dossier" :name="name" @show="show" />
        <StandbyLine :proof="proof" :name="name" />
      </FindingList>
    </div>
  </main>
</template>

<style scoped>
main {
  display: flex;
  flex-direction: column;
  min-height: 0;
}
.body {
  display: grid;
  grid-template-columns: 262px minmax(0, 1fr) 312px;
  align-items: start;
}
.left {
  padding: 12px 16px 20px 20px;
  border-right: 1px solid var(--ink);
  align-self: stretch;
}
.middle {
  padding: 10px 16px 20px;
  min-width: 0;
}
.middle h2 .lab {
  margin-left: 8px;
}
.table {
  margin-top: 14px;
  overflow-x: auto;
}
.foot {
  margin-top: 10px;
}
.currents {
  margin-top: 14px;
}
.right {
  padding: 12px 20px 20px 16px;
  border-left: 1px solid var(--ink);
  align-self: stretch;
  display: grid;
  gap: 10px;
  align-content: start;
}
@media (max-width: 1100px) {
  .body {
    grid-template-columns: 240px minmax(0, 1fr);
  }
  .right {
    grid-column: 1 / -1;
    border-left: 0;
    border-bottom: 1px solid var(--ink);
    padding-left: 20px;
  }
}
@media print {
  .body {
    display: block;
  }
  .right {
    border-left: 0;
  }
  .table {
    overflow: visible;
  }
}
@media (max-width: 1100px) {
  .right.first {
    grid-row: 1;
  }
}
@media (max-width: 700px) {
  .body {
    grid-template-columns: minmax(0, 1fr);
  }
  .left {
    border-right: 0;
    border-bottom: 1px solid var(--ink);
  }
}
</style>
