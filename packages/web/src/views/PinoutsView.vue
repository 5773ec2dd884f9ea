<script setup lang="ts">
/** The pin tables of both sides, with the face of the connector in hand. */
import { computed, nextTick, onBeforeUnmount, onMounted, ref, shallowRef, watch } from "vue";
import {
  COLOUR_SYSTEM_NAMES, connectorsInOrder, locate, locatorWords, parseTable, pinId, pinsInOrder, rankSystems, tableProblemWords,
  type Connector, type ConnectorHead, type ConnectorId, type FaceView, type Pin, type PinFacts, type PinId, type ReadTable,
} from "@trevin/core";
import ConnectorFace from "../components/parts/ConnectorFace.vue";
import ConnectorForm from "../components/pinouts/ConnectorForm.vue";
import PastePanel from "../components/pinouts/PastePanel.vue";
import PinGrid from "../components/pinouts/PinGrid.vue";
import CavityLabel from "../components/parts/CavityLabel.vue";
import { useCommands } from "../composables/useCommands.ts";
import { useCavitiesNow } from "../composables/useFaces.ts";
import { useJob } from "../stores/job.ts";

const store = useJob();
const now = useCavitiesNow();
const connectors = computed(() => (store.dossier === null ? [] : connectorsInOrder(store.dossier)));
const chosen = ref<ConnectorId | null>(null);
const connector = computed<Connector | undefined>(() => connectors.value.find((one) => one.id === chosen.value) ?? connectors.value[0]);
const selected = ref<PinId | null>(null);
const view = ref<FaceView>("wire");
const formOpen = ref(false);
const editing = ref<Connector | null>(null);
const table = shallowRef<ReadTable | null>(null);
const tableText = ref("");
const pasteProblem = ref("");
const grid = ref<InstanceType<typeof PinGrid> | null>(null);
const pasteBox = ref<HTMLTextAreaElement | null>(null);
const panel = ref<HTMLElement | null>(null);

watch(() => connector.value?.id, () => drop(""));
watch(connector, (next) => {
  if (next !== undefined && !next.pins.some((pin) => pin.id === selected.value)) selected.value = pinsInOrder(next)[0]?.id ?? null;
}, { immediate: true });

const known = (one: Connector): string => `${one.pins.filter((pin) => pin.content === "empty" || pin.function !== "").length} of ${one.pins.length}`;
const pin = computed(() => connector.value?.pins.find((one) => one.id === selected.value));
const where = computed(() => (connector.value === undefined || pin.value === undefined ? null : locate(connector.value, pin.value.id, view.value)));
const otherView = computed<FaceView>(() => (view.value === "wire" ? "mating" : "wire"));
const whereElse = computed(() => (connector.value === undefined || pin.value === undefined ? null : locate(connector.value, pin.value.id, otherView.value)));
const systems = computed(() => {
  const codes = connector.value?.pins.map((one) => one.colour).filter((code) => code !== "") ?? [];
  return { total: codes.length, ranks: rankSystems(codes) };
});
const better = computed(() => {
  const declared = systems.value.ranks.find((rank) => rank.system === connector.value?.colourSystem);
  const [best] = systems.value.ranks;
  return best !== undefined && declared !== undefined && best.read > declared.read ? best : null;
});

const FACT_FIELDS = ["function", "colour", "size", "signal", "note"] as const;
async function put(pins: readonly Pin[]): Promise<void> {
  const target = connector.value;
  if (target === undefined) return;
  if (!store.begun) return void (await store.changePins(target.id, pins));
  for (const next of pins) {
    const before = target.pins.find((one) => one.id === next.id);
    if (before === undefined) continue;
    const facts: PinFacts = Object.fromEntries(FACT_FIELDS.filter((field) => before[field] !== next[field]).map((field) => [field, next[field]]));
    await store.record({ kind: "found", pin: next.id, facts, note: "corrected in the pin table" });
  }
}
async function saveConnector(head: ConnectorHead): Promise<void> {
  if (await store.putConnector(head)) {
    chosen.value = head.id;
    void nextTick(() => grid.value?.focusCell(0, "cavity"));
  }
}
function readText(text: string): void {
  const target = connector.value;
  if (target === undefined || store.begun) return;
  const declared = target.pins.some((one) => one.colour !== "") ? target.colourSystem : null;
  const read = parseTable(text, declared);
  pasteProblem.value = read.ok ? "" : tableProblemWords(read.error);
  table.value = read.ok ? read.value : null;
  tableText.value = text;
  void nextTick(() => panel.value?.scrollIntoView({ block: "nearest" }));
}
/** Lines with a cavity that is there already change it; the others are added after the last. */
async function take(): Promise<void> {
  const target = connector.value;
  const read = table.value;
  if (target === undefined || read === null) return;
  const byLabel = new Map(target.pins.map((one) => [one.cavity, one]));
  let order = Math.max(-1, ...target.pins.map((one) => one.order));
  const pins = read.lines.filter((line) => line.problems.every((problem) => problem.weight !== "error")).map((line): Pin => {
    const before = byLabel.get(line.cavity);
    const { cavity, function: name, colour, size, signal, note, content } = line;
    return { id: before?.id ?? pinId(crypto.randomUUID()), order: before?.order ?? ++order, cavity, function: name.slice(0, 200), colour: colour.slice(0, 60), size, signal, note: note.slice(0, 1000), content };
  });
  if (target.pins.every((one) => one.colour === "") && read.system !== target.colourSystem) {
    const { pins: _pins, ...head } = target;
    await store.putConnector({ ...head, colourSystem: read.system });
  }
  const left = read.lines.filter((line) => line.problems.some((problem) => problem.weight === "error")).map((line) => line.raw);
  if (await store.changePins(target.id, pins)) drop(left.join("\n"));
}
/** Back to the text: what was not put in stays there, to be mended. */
function drop(text = tableText.value): void {
  table.value = null;
  tableText.value = text;
  pasteProblem.value = "";
}
/** A paste is read at once; what is typed is read when the hand asks for it. */
function onPasteBox(event: ClipboardEvent): void {
  const text = event.clipboardData?.getData("text/plain") ?? "";
  if (text.trim() === "" || tableText.value.trim() !== "") return;
  event.preventDefault();
  readText(text);
}
function useSystem(system: ConnectorHead["colourSystem"]): void {
  if (connector.value === undefined) return;
  const { pins: _pins, ...head } = connector.value;
  void store.putConnector({ ...head, colourSystem: system });
}
function onKey(event: KeyboardEvent): void {
  if (table.value === null || document.querySelector("[aria-modal='true']") !== null) return;
  const inText = event.target instanceof HTMLElement && ["INPUT", "TEXTAREA", "BUTTON"].includes(event.target.tagName);
  if (event.key === "Escape") drop();
  else if (event.key === "Enter" && !inText) void take();
  else return;
  event.preventDefault();
}
/** A table pasted anywhere on the page goes to the preview. */
function onPaste(event: ClipboardEvent): void {
  if (event.target instanceof HTMLElement && ["INPUT", "TEXTAREA"].includes(event.target.tagName)) return;
  const text = event.clipboardData?.getData("text/plain") ?? "";
  if (text.trim() !== "") readText(text);
}
onMounted(() => {
  window.addEventListener("keydown", onKey);
  window.addEventListener("paste", onPaste);
});
onBeforeUnmount(() => {
  window.removeEventListener("keydown", onKey);
  window.removeEventListener("paste", onPaste);
});
const turn = (): void => { view.value = otherView.value; };
const add = (): void => { editing.value = null; formOpen.value = true; };
useCommands([
  { id: "turn", title: "Turn the face over", keys: "V", run: turn },
  { id: "add-connector", title: "Add a connector", keys: "C", enabled: () => !store.begun, run: add },
  { id: "paste", title: "Paste a table into this connector", keys: "P", enabled: () => !store.begun, run: () => pasteBox.value?.focus() },
  { id: "next-connector", title: "Next connector", keys: "]", run: () => step(1) },
  { id: "prev-connector", title: "Connector before", keys: "[", run: () => step(-1) },
]);
function step(by: number): void {
  const index = connectors.value.findIndex((one) => one.id === connector.value?.id);
  chosen.value = connectors.value[(index + by + connectors.value.length) % connectors.value.length]?.id ?? null;
}
const nextSide = computed(() => (connectors.value.some((one) => one.side === "vehicle") ? "incoming" : "vehicle"));
const existing = computed(() => new Set(connector.value?.pins.map((one) => one.cavity) ?? []));
const sideWords = { vehicle: "stays", incoming: "comes in" } as const;
</script>

<template>
  <main v-if="connectors.length === 0" class="start">
    <h1>Two connectors to begin with</h1>
    <p>Add the vehicle's connector first, then the one of the incoming part. Their pin tables can be typed or pasted; everything after this follows from them.</p>
    <button type="button" class="btn pri" @click="add">Add the vehicle's connector <kbd>C</kbd></button>
  </main>
  <main v-else class="split">
    <section class="left">
      <div class="tabs">
        <div role="tablist" aria-label="Connectors">
          <button v-for="one in connectors" :key="one.id" type="button" role="tab" :aria-selected="one.id === connector?.id" @click="chosen = one.id">
            <b>{{ one.name }}</b> <span>{{ one.place }}</span> <span class="mut">{{ known(one) }}</span>
          </button>
        </div>
        <button v-if="!store.begun" type="button" class="link lab" @click="add">Add a connector</button>
        <span class="keys lab"><kbd>Enter</kbd> next cavity <kbd>'</kbd> same as above</span>
      </div>
      <template v-if="connector">
        <p v-if="store.begun" class="bad frozen">Work on the car has begun: cavities are fixed, and what you change here is recorded in the ledger as found.</p>
        <div class="gridbox"><PinGrid ref="grid" :connector="connector" :selected="selected" :frozen="store.begun" @select="selected = $event" @put="put" @remove="(id) => connector && store.changePins(connector.id, [], [id])" @paste="readText" /></div>
        <p v-if="systems.total" class="systems">
          <b>{{ COLOUR_SYSTEM_NAMES[connector.colourSystem] }}:</b> {{ systems.ranks.find((rank) => rank.system === connector?.colourSystem)?.read }} of {{ systems.total }} codes fit.
          <template v-if="better"> {{ COLOUR_SYSTEM_NAMES[better.system] }} would read {{ better.read }}. <button type="button" class="link" @click="useSystem(better.system)">Read them so</button></template>
        </p>
        <div v-if="!store.begun && table === null" class="pastebox">
          <textarea ref="pasteBox" v-model="tableText" class="inp" :rows="tableText === '' ? 2 : 6" :aria-label="`Paste a table into ${connector.name}`" placeholder="Paste a table or a list here: cavity, colour, size, function, one cavity a line" @paste="onPasteBox" @keydown.ctrl.enter.prevent="readText(tableText)" />
          <button v-if="tableText.trim() !== ''" type="button" class="btn" @click="readText(tableText)">Read these lines <kbd>Ctrl Enter</kbd></button>
          <p v-if="pasteProblem" class="bad" role="alert">{{ pasteProblem }} The pin table is as it was.</p>
        </div>
        <div ref="panel"><PastePanel v-if="table" :table="table" :connector="connector.name" :existing="existing" :busy="store.busy > 0" @take="take" @drop="drop()" /></div>
      </template>
    </section>
    <aside v-if="connector" class="right">
      <header><b>{{ connector.name }}, {{ view === "wire" ? "wire side" : "mating face" }}</b><span v-if="connector.layout">, lock up</span><button type="button" class="btn quiet" @click="turn">Turn over <kbd>V</kbd></button></header>
      <ConnectorFace :connector="connector" :view="view" :width="406" :in-hand="selected" :now="now" pickable :max-pitch="52" @pick="selected = $event" />
      <section v-if="pin" class="pin">
        <CavityLabel :label="pin.cavity" state="hand" />
        <p v-if="where"><b>{{ locatorWords(where, view).split(": ")[1] }}</b><br><span class="mut">{{ view === "wire" ? "wire side" : "mating face" }}, lock up</span></p>
        <p v-else class="mut">No layout is known, so no place is claimed. Count on the part.</p>
      </section>
      <p v-if="whereElse && pin" class="else">The same {{ pin.cavity }} on the {{ otherView === "wire" ? "wire side" : "mating face" }}: <b>{{ locatorWords(whereElse, otherView).split(": ")[1] }}</b></p>
      <p v-if="pin?.note" class="note"><b>Note</b> {{ pin.note }}</p>
      <dl class="facts lab">
        <dt>side</dt><dd>{{ connector.side }}, {{ sideWords[connector.side] }}</dd>
        <dt>behind the plug</dt><dd>{{ connector.leads === "loom" ? "runs on into a loom" : "pigtail with free ends" }}</dd>
        <dt>sealed</dt><dd>{{ connector.sealed ? "yes: open cavities get a plug" : "no" }}</dd>
      </dl>
      <button type="button" class="btn quiet edit" @click="editing = connector; formOpen = true">Change this connector</button>
    </aside>
  </main>
  <ConnectorForm v-model:open="formOpen" :start="editing" :side="nextSide" :frozen="store.begun" @save="saveConnector" @remove="editing && store.removeConnector(editing.id)" />
</template>

<style scoped>
.start { max-width: 560px; margin: 12vh auto 0; display: grid; gap: 14px; justify-items: start; padding: 0 20px; }
.split { flex: 1; display: grid; grid-template-columns: minmax(0, 1fr) 446px; min-height: 0; }
.left { padding: 0 16px 24px 20px; min-width: 0; display: flex; flex-direction: column; gap: 8px; }
.tabs { display: flex; align-items: stretch; gap: 8px 16px; border-bottom: 1px solid var(--ink); min-height: 40px; flex-wrap: wrap; }
.tabs [role="tablist"] { display: flex; gap: 16px; flex-wrap: wrap; }
.tabs [role="tab"] { border: 0; background: none; padding: 8px 0 5px; cursor: pointer; font: 500 14px/1.2 var(--f-label); border-bottom: 4px solid transparent; }
.tabs [role="tab"] b { font: 700 16px/1 var(--f-code); margin-right: 4px; }
.tabs [aria-selected="true"] { border-bottom-color: var(--ink); }
.tabs .link { align-self: center; }
.keys { margin-left: auto; align-self: center; color: var(--ink2); }
.keys kbd { margin-left: 8px; }
.systems { padding-top: 4px; }
.pastebox { display: grid; gap: 6px; }
.pastebox .btn { justify-self: start; }
.pastebox textarea { resize: vertical; font: 500 13px/1.4 var(--f-code); }
.frozen { margin: 4px 0; }
.right { border-left: 1px solid var(--ink); padding: 8px 20px 20px; display: flex; flex-direction: column; gap: 10px; }
.right header { display: flex; align-items: center; }
.right header .btn { margin-left: auto; }
.pin { display: flex; gap: 12px; align-items: center; }
.pin .cav { height: 40px; min-width: 44px; font-size: 20px; flex: none; }
.else { border-top: 1px solid var(--rule); padding-top: 8px; }
.note { border-top: 1px solid var(--rule); padding-top: 8px; }
.note b { font: 600 14px/1 var(--f-label); margin-right: 6px; }
.facts { display: grid; grid-template-columns: auto 1fr; gap: 4px 14px; border-top: 2px solid var(--ink); padding-top: 10px; }
.facts dt { color: var(--ink2); }
.edit { align-self: start; }
@media (max-width: 1100px) { .split { grid-template-columns: 1fr; } .right { border-left: 0; border-top: 2px solid var(--ink); } .gridbox { overflow-x: auto; } .gridbox :deep(table) { min-width: 780px; } .keys { display: none; } }
</style>
