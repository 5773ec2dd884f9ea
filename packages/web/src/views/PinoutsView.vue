<script setup lang="ts">
/** The pin tables of both sides, with the face and the sources of the pin in hand. */
import { computed, nextTick, onBeforeUnmount, onMounted, ref, shallowRef, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { useLocalStorage } from "@vueuse/core";
import {
  blankPin,
  canGoIn,
  COLOUR_SYSTEM_NAMES,
  connectorsInOrder,
  faceOf,
  factsBetween,
  holdWords,
  indexSources,
  isKnown,
  landmarks,
  landmarkWords,
  lineProblemWords,
  locate,
  pinId,
  pinsInOrder,
  placeWords,
  rankSystems,
  readFunction,
  slotsOf,
  takeTable,
  valueOf,
  viewWords,
  type Connector,
  type ConnectorHead,
  type ConnectorId,
  type Hold,
  type Pin,
  type PinId,
  type ReadTable,
  type Shell,
  type ShelfShell,
  type Source,
  type SourceId,
  type TableFile,
  type TakeMode,
} from "@trevin/core";
import { api, ApiProblem } from "../api/client.ts";
import CavityLabel from "../components/parts/CavityLabel.vue";
import ConnectorFace from "../components/parts/ConnectorFace.vue";
import ConnectorForm from "../components/pinouts/ConnectorForm.vue";
import ConnectorTabs from "../components/pinouts/ConnectorTabs.vue";
import GridTools from "../components/pinouts/GridTools.vue";
import ImportPanel from "../components/pinouts/ImportPanel.vue";
import LookAlikesDialog from "../components/pinouts/LookAlikesDialog.vue";
import PinGrid from "../components/pinouts/PinGrid.vue";
import PinInspector from "../components/pinouts/PinInspector.vue";
import SourcesDialog from "../components/pinouts/SourcesDialog.vue";
import { holdCommands } from "../composables/holdCommands.ts";
import { useCommands } from "../composables/useCommands.ts";
import { useCavitiesNow } from "../composables/useFaces.ts";
import type { Column } from "../grid/cells.ts";
import { readOtherwise } from "../grid/readings.ts";
import type { Filter } from "../grid/rows.ts";
import { shellLine } from "../shells/draft.ts";
import { useJob } from "../stores/job.ts";
import { usePrefs } from "../stores/prefs.ts";

const store = useJob();
const route = useRoute();
const router = useRouter();
const now = useCavitiesNow();
const dossier = computed(() => store.live);
const connectors = computed(() => (dossier.value === null ? [] : connectorsInOrder(dossier.value)));
const chosen = ref<ConnectorId | null>(null);
const connector = computed<Connector | undefined>(
  () => connectors.value.find((one) => one.id === chosen.value) ?? connectors.value[0],
);
const selected = ref<PinId | null>(null);
const range = shallowRef<readonly Pin[]>([]);
const prefs = usePrefs();
const formOpen = ref(false);
const editing = ref<Connector | null>(null);
const grid = ref<InstanceType<typeof PinGrid> | null>(null);
const panel = ref<InstanceType<typeof ImportPanel> | null>(null);
const picker = ref<HTMLInputElement | null>(null);
const pasteBox = ref<HTMLTextAreaElement | null>(null);

const sources = computed(() => indexSources(dossier.value?.sources ?? []));
const documents = computed(() => [...sources.value.values()]);
const source = ref<SourceId | null>(null);
const sourcesOpen = ref(false);
const alikeOpen = ref(false);
const filter = ref<Filter>("all");
const find = ref("");
const shown = ref(0);
const hidden = useLocalStorage<Column[]>("trevin.hidden-columns", ["circuit", "condition", "note"]);

watch(
  () => connector.value?.id,
  () => {
    drop();
    filter.value = "all";
    find.value = "";
    range.value = [];
  },
);
watch(
  connector,
  (next) => {
    if (next !== undefined && !next.pins.some((pin) => pin.id === selected.value))
      selected.value = pinsInOrder(next)[0]?.id ?? null;
  },
  { immediate: true },
);
/** A link to one pin, as the wire finder gives it. */
watch(
  () => route.query["pin"],
  (id) => {
    const at = connectors.value.find((one) => one.pins.some((pin) => pin.id === id));
    if (at !== undefined && typeof id === "string") show(at.id, pinId(id));
  },
  { immediate: true },
);
const toFaces = computed(() => ({
  name: "faces",
  query: {
    ...(connector.value === undefined ? {} : { connector: connector.value.id }),
    ...(selected.value === null ? {} : { pin: selected.value }),
  },
}));
/** A link that asks for the connector's form opens it. */
watch(
  () => route.query["change"],
  (ask) => {
    if (ask === undefined) return;
    void nextTick(() => {
      editing.value = connector.value ?? null;
      formOpen.value = editing.value !== null;
      void router.replace({ query: {} });
    });
  },
  { immediate: true },
);
function show(at: ConnectorId, id: PinId): void {
  chosen.value = at;
  void nextTick(() => {
    selected.value = id;
  });
}

const pin = computed(() => connector.value?.pins.find((one) => one.id === selected.value));
const inRange = computed(() => {
  const ids = new Set(range.value.map((one) => one.id));
  const pins = connector.value?.pins.filter((one) => ids.has(one.id)) ?? [];
  if (pins.length > 0) return pins;
  return pin.value === undefined ? [] : [pin.value];
});
const face = computed(() => (connector.value === undefined ? null : faceOf(connector.value)));
const where = computed(() => (pin.value === undefined ? null : locate(face.value, pin.value.id, prefs.hold)));
const marks = computed(() =>
  face.value === null || where.value === null
    ? ""
    : landmarkWords(landmarks(face.value, where.value, prefs.hold)),
);
const otherHold = computed<Hold>(() => ({
  ...prefs.hold,
  view: prefs.hold.view === "wire" ? "mating" : "wire",
}));
const whereElse = computed(() =>
  pin.value === undefined ? null : locate(face.value, pin.value.id, otherHold.value),
);
const systems = computed(() => {
  const ranks = rankSystems(
    connector.value?.pins.filter((one) => one.colourSystem === null).map((one) => one.colour) ?? [],
  );
  const declared = ranks.find((rank) => rank.system === connector.value?.colourSystem);
  const [best] = ranks;
  return {
    declared,
    elsewhere: connector.value === undefined ? [] : readOtherwise(connector.value),
    better: best !== undefined && declared !== undefined && best.read > declared.read ? best : null,
  };
});

async function put(pins: readonly Pin[]): Promise<void> {
  const target = connector.value;
  if (target === undefined) return;
  if (!store.begun) return void (await store.changePins(target.id, pins));
  for (const next of pins) {
    const before = target.pins.find((one) => one.id === next.id);
    if (before === undefined) continue;
    const facts = factsBetween(before, next);
    if (Object.keys(facts).length > 0)
      await store.record({ kind: "found", pin: next.id, facts, note: "corrected in the pin table" });
  }
}
/** The cavities of a shell as lines of the pin table, with what the standard says of each. */
const cavitiesOf = (shell: Shell, contacts: ShelfShell["contacts"]): readonly Pin[] =>
  slotsOf(shell).flatMap(({ label }, order) => {
    if (label === null) return [];
    const usual = contacts[label];
    return [
      {
        ...blankPin(pinId(crypto.randomUUID()), label, order),
        ...(usual === undefined
          ? {}
          : {
              content: "occupied" as const,
              function: usual.function,
              colour: usual.colour,
              colourSystem: usual.colour === "" ? null : ("iec" as const),
              signal: readFunction(usual.function).term?.signal ?? "unknown",
            }),
      },
    ];
  });
const removePins = (pins: readonly PinId[]): void => {
  if (connector.value !== undefined) void store.changePins(connector.value.id, [], pins);
};
async function saveConnector(head: ConnectorHead, fill: ShelfShell["contacts"] | null): Promise<void> {
  if (!(await store.putConnector(head))) return;
  if (fill !== null && head.shell !== null) await store.changePins(head.id, cavitiesOf(head.shell, fill));
  chosen.value = head.id;
  void nextTick(() => grid.value?.focus({ row: 0, column: "cavity" }));
}

const table = shallowRef<{ readonly file: TableFile; readonly name: string } | null>(null);
const tableText = ref("");
const fileProblem = ref("");
const opening = ref(false);
function readText(text: string): void {
  if (connector.value === undefined || store.begun || text.trim() === "") return;
  fileProblem.value = "";
  table.value = { file: { kind: "text", text, notes: [] }, name: "Pasted table" };
  tableText.value = text;
}
async function readFile(file: File | undefined): Promise<void> {
  if (file === undefined || connector.value === undefined || store.begun) return;
  opening.value = true;
  fileProblem.value = "";
  try {
    table.value = { file: await api.readTable(file), name: file.name };
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error;
    fileProblem.value = `${file.name}: ${error.message}`;
  } finally {
    opening.value = false;
    if (picker.value !== null) picker.value.value = "";
  }
}
async function take(read: ReadTable, from: SourceId | null, mode: TakeMode): Promise<void> {
  const target = connector.value;
  if (target === undefined) return;
  let current = target;
  if (target.pins.every((one) => one.colour === "") && read.system !== target.colourSystem) {
    current = { ...target, colourSystem: read.system };
    await declareSystem(target, read.system);
  }
  const pins = takeTable(read, current, {
    source: from,
    mode,
    newId: () => pinId(crypto.randomUUID()),
    say: lineProblemWords,
  });
  const left = read.turned ? [] : read.lines.filter((line) => !canGoIn(line)).map((line) => line.raw);
  if (pins.length > 0 && !(await store.changePins(target.id, pins))) return;
  store.said = `${pins.length} pins put into ${target.name}`;
  drop(left.join("\n"));
  void nextTick(() => grid.value?.focus({ row: 0, column: "function" }));
}
/** Away with the preview: what was not put in stays in the box, to be mended. */
function drop(text = ""): void {
  table.value = null;
  tableText.value = text;
  fileProblem.value = "";
}
/** A paste is read at once; what is typed is read when the hand asks for it. */
function onPasteBox(event: ClipboardEvent): void {
  const text = event.clipboardData?.getData("text/plain") ?? "";
  if (text.trim() === "" || tableText.value.trim() !== "") return;
  event.preventDefault();
  readText(text);
}
function declareSystem(
  { pins: _pins, ...head }: Connector,
  colourSystem: ConnectorHead["colourSystem"],
): Promise<boolean> {
  return store.putConnector({ ...head, colourSystem });
}
function onKey(event: KeyboardEvent): void {
  if (table.value === null || document.querySelector("[aria-modal='true']") !== null) return;
  const busy =
    event.target instanceof HTMLElement &&
    (["INPUT", "TEXTAREA", "BUTTON"].includes(event.target.tagName) ||
      event.target.getAttribute("role") === "combobox");
  if (event.key === "Escape") drop(tableText.value);
  else if (event.key === "Enter" && !busy) panel.value?.take();
  else return;
  event.preventDefault();
}
/** A table pasted anywhere on the page goes to the preview. */
function onPaste(event: ClipboardEvent): void {
  if (event.target instanceof HTMLElement && ["INPUT", "TEXTAREA"].includes(event.target.tagName)) return;
  readText(event.clipboardData?.getData("text/plain") ?? "");
}
function onDrop(event: DragEvent): void {
  event.preventDefault();
  void readFile(event.dataTransfer?.files[0]);
}
onMounted(() => {
  window.addEventListener("keydown", onKey);
  window.addEventListener("paste", onPaste);
});
onBeforeUnmount(() => {
  window.removeEventListener("keydown", onKey);
  window.removeEventListener("paste", onPaste);
});
const add = (): void => {
  editing.value = null;
  formOpen.value = true;
};
const mayEnter = (): boolean => !store.begun && connector.value !== undefined;
useCommands([
  ...holdCommands(),
  {
    id: "faces",
    title: "The face in large, wires behind, photos",
    keys: "F",
    enabled: () => connector.value !== undefined,
    run: () => router.push(toFaces.value),
  },
  { id: "add-connector", title: "Add a connector", keys: "C", enabled: () => !store.begun, run: add },
  {
    id: "paste",
    title: "Paste a table into this connector",
    keys: "P",
    enabled: mayEnter,
    run: () => pasteBox.value?.focus(),
  },
  {
    id: "open-table",
    title: "Open a table file (XLSX, CSV, text)",
    keys: "O",
    enabled: mayEnter,
    run: () => picker.value?.click(),
  },
  {
    id: "find-pin",
    title: "Find in the pin table",
    keys: "Ctrl+F",
    run: () => document.getElementById("find-pin")?.focus(),
  },
  { id: "grid", title: "Go into the pin table", keys: "G", run: () => grid.value?.focus() },
  { id: "fill", title: "Fill down (Ctrl D in the table)", run: () => grid.value?.fill(false) },
  {
    id: "count",
    title: "Fill down, counting on (Ctrl Shift D in the table)",
    run: () => grid.value?.fill(true),
  },
  {
    id: "doubt",
    title: "Mark the chosen values as doubtful, or not any more",
    keys: "D",
    run: () => grid.value?.doubt(),
  },
  { id: "identify", title: "Tick as identified (Space in the table)", run: () => grid.value?.identify() },
  {
    id: "remove-rows",
    title: "Remove these cavities (Ctrl Delete in the table)",
    enabled: () => !store.begun,
    run: () => grid.value?.removeRows(),
  },
  {
    id: "sources",
    title: "Sources of the values",
    keys: "S",
    run: () => {
      sourcesOpen.value = true;
    },
  },
  {
    id: "look-alikes",
    title: "Look-alikes: wires and names",
    keys: "L",
    run: () => {
      alikeOpen.value = true;
    },
  },
  { id: "next-connector", title: "Next connector", keys: "]", run: () => step(1) },
  { id: "prev-connector", title: "Connector before", keys: "[", run: () => step(-1) },
]);
function step(by: number): void {
  const index = connectors.value.findIndex((one) => one.id === connector.value?.id);
  chosen.value =
    connectors.value[(index + by + connectors.value.length) % connectors.value.length]?.id ?? null;
}
const nextSide = computed(() =>
  connectors.value.some((one) => one.side === "vehicle") ? "incoming" : "vehicle",
);
const distinct = (texts: readonly string[]): readonly string[] => [
  ...new Set(texts.filter((text) => text !== "")),
];
const sideWords = { vehicle: "stays", incoming: "comes in" } as const;
const putSource = (next: Source): void => void store.putSource(next);
const facts = computed(() => {
  const pins = connectors.value.flatMap((one) => one.pins);
  return {
    known: pins.filter(isKnown).length,
    identified: pins.filter((one) => one.identified && one.content !== "empty").length,
    wires: pins.filter((one) => one.content !== "empty").length,
    all: pins.length,
  };
});
</script>

<template>
  <main v-if="connectors.length === 0" class="start">
    <h1>Two connectors to begin with</h1>
    <p>
      Add the vehicle's connector first, then the one of the incoming part. Their pin tables can be typed,
      pasted or opened from a file; everything after this follows from them.
    </p>
    <button type="button" class="btn pri" @click="add">Add the vehicle's connector <kbd>C</kbd></button>
  </main>
  <main v-else class="split" @dragover.prevent @drop="onDrop">
    <section class="left">
      <h1 class="sr">Pinouts</h1>
      <ConnectorTabs
        :connectors="connectors"
        :chosen="connector?.id ?? null"
        :frozen="store.begun"
        @choose="chosen = $event"
        @add="add"
      />
      <template v-if="connector">
        <p v-if="store.begun" class="bad frozen">
          Work on the car has begun: cavities are fixed, and what you change here is recorded in the ledger as
          found.
        </p>
        <ImportPanel
          v-if="table"
          ref="panel"
          :file="table.file"
          :name="table.name"
          :connector="connector"
          :sources="documents"
          :source="source"
          :words="store.words"
          :busy="store.busy > 0"
          @take="take"
          @drop="drop(tableText)"
          @new-source="sourcesOpen = true"
        />
        <template v-else>
          <GridTools
            v-model:filter="filter"
            v-model:find="find"
            v-model:hidden="hidden"
            v-model:source="source"
            :sources="documents"
            :shown="shown"
            :total="connector.pins.length"
            :facts="facts"
            @sources="sourcesOpen = true"
            @alike="alikeOpen = true"
            @leave="grid?.focus()"
          />
          <PinGrid
            ref="grid"
            :connector="connector"
            :selected="selected"
            :frozen="store.begun"
            :words="store.words"
            :sources="sources"
            :source="source"
            :filter="filter"
            :text="find"
            :hidden="hidden"
            @select="selected = $event"
            @range="range = $event"
            @put="put"
            @remove="removePins"
            @paste="readText"
            @learn="store.learnWord"
            @shown="shown = $event"
          />
          <p v-if="systems.declared && systems.declared.total > 0" class="systems">
            <b>{{ COLOUR_SYSTEM_NAMES[connector.colourSystem] }}:</b> {{ systems.declared.read }} of
            {{ systems.declared.total }} codes fit.
            <template v-if="systems.better">
              {{ COLOUR_SYSTEM_NAMES[systems.better.system] }} would read {{ systems.better.read }}.
              <button type="button" class="link" @click="declareSystem(connector, systems.better.system)">
                Read them so
              </button></template
            >
            <template v-if="systems.elsewhere.length > 0">
              Would read otherwise elsewhere:
              <span class="code">{{ systems.elsewhere.slice(0, 10).join(" ") }}</span><template
                v-if="systems.elsewhere.length > 10"
              >
                and {{ systems.elsewhere.length - 10 }} more</template
              ></template
            >
          </p>
          <div v-if="!store.begun" class="pastebox">
            <span class="line">
              <textarea
                ref="pasteBox"
                v-model="tableText"
                class="inp"
                :rows="tableText === '' ? 1 : 6"
                :aria-label="`Paste a table into ${connector.name}`"
                placeholder="Paste a table or a list: cavity, colour, size, function"
                @paste="onPasteBox"
                @keydown.ctrl.enter.prevent="readText(tableText)"
              /><button
                type="button"
                class="btn quiet"
                title="XLSX, CSV, TSV or text"
                :disabled="opening"
                @click="picker?.click()"
              >
                {{ opening ? "Opening" : "Open a file" }} <kbd>O</kbd>
              </button></span
            >
            <p v-if="fileProblem" class="bad" role="alert">{{ fileProblem }} The pin table is as it was.</p>
            <button
              v-if="tableText.trim() !== ''"
              type="button"
              class="btn read"
              @click="readText(tableText)"
            >
              Read these lines <kbd>Ctrl Enter</kbd>
            </button>
            <input
              ref="picker"
              class="sr"
              type="file"
              tabindex="-1"
              aria-label="Table file"
              accept=".xlsx,.xlsm,.csv,.tsv,.txt,.xls"
              @change="readFile(($event.target as HTMLInputElement).files?.[0])"
            />
          </div>
        </template>
      </template>
    </section>
    <aside v-if="connector" class="right">
      <header>
        <b
          >{{ connector.name }}<template v-if="face">, {{ holdWords(prefs.hold, face.shell) }}</template></b
        ><button v-if="face" type="button" class="btn quiet" @click="prefs.turnOver()">
          Turn over <kbd>V</kbd></button
        ><RouterLink class="btn quiet" :to="toFaces">Large <kbd>F</kbd></RouterLink>
      </header>
      <ConnectorFace
        v-if="connector.pins.length <= 400"
        :connector="connector"
        :hold="prefs.hold"
        :width="406"
        :in-hand="selected"
        :now="now"
        :wires="dossier?.wires ?? []"
        pickable
        :max-pitch="52"
        :max-height="330"
        @pick="selected = $event"
      />
      <section v-if="pin" class="pin">
        <CavityLabel :label="pin.cavity" state="hand" />
        <p v-if="where">
          <b>{{ placeWords(where.locator) }}</b><br /><span class="mut">{{ marks }}</span>
        </p>
        <p v-else class="mut">
          {{
            face
              ? "The shell has no such cavity."
              : "No shell is known, so no place is claimed. Count on the part."
          }}
        </p>
      </section>
      <p v-if="whereElse && pin" class="else">
        The same {{ pin.cavity }} on the {{ viewWords(otherHold.view) }}:
        <b>{{ placeWords(whereElse.locator) }}</b>
      </p>
      <PinInspector
        v-if="pin && (pin.content !== 'empty' || valueOf(pin, 'colour') !== '')"
        :pin="pin"
        :connector="connector"
        :sources="sources"
        :chosen="inRange"
        :words="store.words"
        :nominal-volts="dossier?.head.nominalVolts ?? 12"
        @put="put"
        @doubt="grid?.doubt()"
      />
      <dl class="facts lab">
        <dt>side</dt>
        <dd>{{ connector.side }}, {{ sideWords[connector.side] }}</dd>
        <template v-if="connector.branch"
          ><dt>leg</dt>
          <dd>{{ connector.branch }}</dd></template
        >
        <template v-if="connector.shell"
          ><dt>shell</dt>
          <dd>{{ shellLine(connector.shell) }}</dd></template
        >
        <template v-if="connector.keepOut"
          ><dt>keep out</dt>
          <dd>
            <b>{{ connector.keepOut }}</b>
          </dd></template
        >
        <template v-if="connector.module"
          ><dt>module</dt>
          <dd>{{ connector.module }}</dd></template
        >
        <dt>behind the plug</dt>
        <dd>{{ connector.leads === "loom" ? "runs on into a loom" : "pigtail with free ends" }}</dd>
        <dt>sealed</dt>
        <dd>{{ connector.sealed ? "yes: open cavities get a plug" : "no" }}</dd>
      </dl>
      <button
        type="button"
        class="btn quiet edit"
        @click="
          editing = connector;
          formOpen = true;
        "
      >
        Change this connector
      </button>
    </aside>
  </main>
  <ConnectorForm
    v-model:open="formOpen"
    :start="editing"
    :side="nextSide"
    :frozen="store.begun"
    :connectors="connectors"
    :branches="distinct(connectors.map((one) => one.branch))"
    :modules="distinct(connectors.map((one) => one.module))"
    @save="saveConnector"
    @remove="editing && store.removeConnector(editing.id)"
  />
  <template v-if="dossier">
    <SourcesDialog
      v-model:open="sourcesOpen"
      :dossier="dossier"
      :problem="store.refused?.detail ?? ''"
      @put="putSource"
      @remove="store.removeSource($event)"
      @forget="store.forgetWord($event)"
    />
    <LookAlikesDialog v-model:open="alikeOpen" :dossier="dossier" @show="show" />
  </template>
</template>

<style scoped>
.start {
  max-width: 560px;
  margin: 12vh auto 0;
  display: grid;
  gap: 14px;
  justify-items: start;
  padding: 0 20px;
}
.split {
  flex: 1;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 446px;
  min-height: 0;
}
.left {
  padding: 0 16px 16px 20px;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.pastebox {
  display: grid;
  gap: 6px;
}
.pastebox .line {
  display: flex;
  gap: 10px;
  align-items: start;
}
.pastebox .read {
  justify-self: start;
}
.pastebox textarea {
  resize: vertical;
  font: 500 13px/1.4 var(--f-code);
}
.frozen {
  margin: 4px 0;
}
.right {
  border-left: 1px solid var(--ink);
  padding: 8px 20px 20px;
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-width: 0;
}
.right header {
  display: flex;
  align-items: center;
}
.right header {
  gap: 8px;
}
.right header b {
  margin-right: auto;
}
.pin {
  display: flex;
  gap: 12px;
  align-items: center;
}
.pin .cav {
  height: 40px;
  min-width: 44px;
  font-size: 20px;
  flex: none;
}
.else {
  border-top: 1px solid var(--rule);
  padding-top: 8px;
}
.facts {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 14px;
  border-top: 2px solid var(--ink);
  padding-top: 10px;
}
.facts dt {
  color: var(--ink2);
}
.edit {
  align-self: start;
}
@media (max-width: 1000px) {
  .split {
    grid-template-columns: minmax(0, 1fr);
  }
  .right {
    border-left: 0;
    border-top: 1px solid var(--ink);
  }
}
</style>
