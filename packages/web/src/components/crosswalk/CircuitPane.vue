<script setup lang="ts">
/** The chosen circuit: its plugs as they are held, what is wrong with it, what can be done, and why. */
import Select from "primevue/select";
import { computed, shallowRef, toRaw, watch } from "vue";
import {
  decisionId,
  isLeftOpen,
  methodOf,
  OPEN_EFFECTS,
  OPEN_WORDS,
  METHOD_NAMES,
  nextMethod,
  otherHalf,
  tapOrCut,
  sameAnswer,
  hazardKey,
  isOpenHazard,
  leadOf,
  pinsOfRow,
  type CavityLook,
  type ConnectorId,
  type Decision,
  type DecisionId,
  type Dossier,
  type Fix,
  type Part,
  type Hazard,
  type WayOfWire,
  type OpenEffect,
  type PinId,
  type Side,
  type CircuitRow,
} from "@trevin/core";
import HoldControls from "../faces/HoldControls.vue";
import CavityLabel from "../parts/CavityLabel.vue";
import type { ActName } from "./actNames.ts";
import CircuitActs from "./CircuitActs.vue";
import CircuitDevice from "./CircuitDevice.vue";
import CircuitNotes from "./CircuitNotes.vue";
import CircuitReasons from "./CircuitReasons.vue";
import CutPlace from "./CutPlace.vue";
import CostTable from "../parts/CostTable.vue";
import ConnectorFace from "../parts/ConnectorFace.vue";
import { usePrefs } from "../../stores/prefs.ts";
import { computeWorker } from "../../workers/client.ts";
import HazardCard from "./HazardCard.vue";

const props = defineProps<{
  row: CircuitRow;
  dossier: Dossier;
  hazards: readonly Hazard[];
  ofJob: readonly Hazard[];
  now: ReadonlyMap<PinId, CavityLook>;
  offer: string;
  whyOpen: boolean;
}>();
const answering = defineModel<string | null>("answering", { required: true });
const emit = defineEmits<{
  pick: [pin: PinId];
  act: [name: ActName];
  why: [];
  fix: [fix: Fix];
  accept: [hazards: readonly Hazard[], reason: string, by: string];
  withdraw: [decision: Decision, rule: string];
  open: [effect: OpenEffect | null];
  /** Where the wire is cut, mm behind its plug; null for where the worklist says. */
  cutAt: [mm: number | null];
  remove: [id: DecisionId];
}>();
const prefs = usePrefs();

/** Each plug once, with the cavities of this circuit in it; while one side has none, its first plug keeps its place. */
const faces = computed(() => {
  const pins = pinsOfRow(props.row);
  const ids: readonly ConnectorId[] = [...new Set(pins.map(({ connector }) => connector.id))];
  const other =
    pins.every(({ connector }) => connector.side === pins[0]?.connector.side) && ids.length === 1
      ? props.dossier.connectors.find(({ side }) => side !== pins[0]?.connector.side)
      : undefined;
  const shown = [
    ...ids.flatMap((id) => props.dossier.connectors.find((one) => one.id === id) ?? []),
    ...(other === undefined ? [] : [other]),
  ].sort((a, b) => {
    if (a.side === b.side) return 0;
    return a.side === "vehicle" ? -1 : 1;
  });
  return shown.map((connector) => {
    const own = pins.filter((placed) => placed.connector.id === connector.id).map(({ pin }) => pin.id);
    return { connector, pin: own[0] ?? null, also: own.slice(1) };
  });
});

const graded = computed(() =>
  [...props.row.hazards]
    .filter(({ severity }) => severity !== "note")
    .sort(
      (a, b) =>
        Number(isOpenHazard(b)) - Number(isOpenHazard(a)) ||
        Number(b.severity === "stop") - Number(a.severity === "stop"),
    ),
);
const notes = computed(() => props.row.hazards.filter(({ severity }) => severity === "note"));
const alike = (hazard: Hazard): readonly Hazard[] => sameAnswer(props.hazards, hazard);
function accept(hazard: Hazard, reason: string, all: boolean, by: string): void {
  emit("accept", all ? alike(hazard) : [hazard], reason, by);
  answering.value = null;
}
function withdraw(hazard: Hazard): void {
  const decision = props.dossier.decisions.find((one) => decisionId(one) === hazard.decision);
  if (decision !== undefined) emit("withdraw", decision, hazard.rule);
}

const decision = computed(() => props.row.decision);
/** What each way of working would cost for this wire; it comes a moment later, from the worker. */
const ways = shallowRef<readonly WayOfWire[]>([]);
watch(
  decision,
  async (now) => {
    const answer =
      now !== null && methodOf(now) !== null
        ? await computeWorker().ways(toRaw(props.dossier), toRaw(now))
        : [];
    if (decision.value === now) ways.value = answer;
  },
  { immediate: true },
);
const halfOf = (side: Side): Part | null =>
  decision.value === null ? null : (otherHalf(decision.value, props.dossier, side)?.half ?? null);
const half = computed(() => halfOf("vehicle"));
const theirHalf = computed(() => halfOf("incoming"));
const otherWay = computed(() => (decision.value === null ? null : nextMethod(decision.value, props.dossier)));
const openEffect = computed(() =>
  decision.value !== null && isLeftOpen(decision.value) ? (decision.value.open ?? "unsaid") : null,
);
const effects = [
  { value: "unsaid", label: "not said" },
  ...OPEN_EFFECTS.map((value) => ({ value: value as string, label: OPEN_WORDS[value] })),
];
</script>

<template>
  <aside class="pane" aria-label="The chosen circuit">
    <header><HoldControls small :mark="faces[0]?.connector.shell?.mark" /></header>
    <div v-for="face in faces" :key="face.connector.id" class="face">
      <p class="lab">
        <b class="code">{{ face.connector.name }}</b> {{ face.connector.place }}
      </p>
      <ConnectorFace
        :connector="face.connector"
        :hold="prefs.hold"
        :width="300"
        :in-hand="face.pin"
        :also="face.also"
        :now="now"
        pickable
        :max-pitch="40"
        :max-height="faces.length > 2 ? 120 : 200"
        @pick="emit('pick', $event)"
      />
    </div>
    <section class="detail">
      <h2>
        <template v-if="row.act === 'mate'"
          >{{ row.vehicle[0]?.connector.name }} into {{ row.incoming[0]?.connector.name }}</template
        >
        <template v-else
          ><CavityLabel
            v-for="placed in row.vehicle"
            :key="placed.pin.id"
            :label="placed.pin.cavity"
          /><template v-if="row.vehicle.length && row.incoming.length"> to </template
          ><CavityLabel v-for="placed in row.incoming" :key="placed.pin.id" :label="placed.pin.cavity" />
          {{ leadOf(row)?.pin.function }}</template
        >
      </h2>
      <HazardCard
        v-for="(hazard, i) in graded"
        :key="hazardKey(hazard)"
        :hazard="hazard"
        :alike="alike(hazard).length"
        :first="i === 0 && isOpenHazard(hazard) && decision !== null"
        :person="prefs.person"
        :answering="answering === hazardKey(hazard)"
        @update:answering="answering = $event ? hazardKey(hazard) : null"
        @fix="emit('fix', $event)"
        @accept="(reason, all, by) => accept(hazard, reason, all, by)"
        @withdraw="withdraw(hazard)"
      />
      <CircuitDevice :row="row" :nominal-volts="dossier.head.nominalVolts" :points="dossier.points" />
      <CircuitActs
        :row="row"
        :decision="decision"
        :offer="offer"
        :other-way="otherWay"
        :tap-or-cut="decision !== null && tapOrCut(decision, dossier) !== null"
        :half="half"
        :their-half="theirHalf"
        @act="emit('act', $event)"
      />
      <CutPlace v-if="decision" :decision="decision" @set="emit('cutAt', $event)" />
      <div v-if="openEffect" class="field effect">
        <span id="open-effect" class="label">If left open</span
        ><Select
          :model-value="openEffect"
          :options="effects"
          option-label="label"
          option-value="value"
          aria-labelledby="open-effect"
          @update:model-value="emit('open', $event === 'unsaid' ? null : $event)"
        />
      </div>
      <CircuitReasons
        :row="row"
        :dossier="dossier"
        :why-open="whyOpen"
        @why="emit('why')"
        @remove="emit('remove', $event)"
      />
      <CostTable
        v-if="decision && ways.length"
        :ways="
          ways.map(({ method, cost }) => ({
            key: method,
            name: METHOD_NAMES[method],
            cost,
            chosen: methodOf(decision!) === method,
          }))
        "
      />
      <CircuitNotes :circuit="row.key" :notes="notes" :of-job="ofJob" />
    </section>
  </aside>
</template>

<style scoped>
.pane {
  border-left: 1px solid var(--ink);
  padding: 6px 18px 20px 16px;
  display: flex;
  flex-direction: column;
  gap: 8px;
  overflow: auto;
  min-height: 0;
}
.face {
  display: grid;
  gap: 3px;
  flex: none;
}
.face .code {
  font-weight: 700;
}
.detail {
  border-top: 2px solid var(--ink);
  padding-top: 10px;
  display: grid;
  gap: 10px;
}
.detail h2 {
  display: flex;
  align-items: center;
  gap: 8px;
  flex-wrap: wrap;
}
.effect :deep(.sel) {
  min-height: 34px;
}
@media (max-width: 1000px) {
  .pane {
    border-left: 0;
    border-top: 2px solid var(--ink);
    overflow: visible;
  }
}
</style>
