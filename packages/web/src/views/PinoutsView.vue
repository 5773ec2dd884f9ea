<script setup lang="ts">
/** The pin tables of both sides, with the face and the sources of the pin in hand. */
import { useLocalStorage } from "@vueuse/core";
import { computed, nextTick, ref, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { indexSources, isKnown, pinId, type Connector, type PinId, type SourceId } from "@trevin/core";
import ConnectorForm from "../components/pinouts/ConnectorForm.vue";
import ConnectorPane from "../components/pinouts/ConnectorPane.vue";
import ConnectorTabs from "../components/pinouts/ConnectorTabs.vue";
import GridTools from "../components/pinouts/GridTools.vue";
import ImportPanel from "../components/pinouts/ImportPanel.vue";
import PasteBox from "../components/pinouts/PasteBox.vue";
import PinGrid from "../components/pinouts/PinGrid.vue";
import { pinoutsCommands } from "../components/pinouts/pinoutsCommands.ts";
import PinoutsDialogs, { type PinoutsDialog } from "../components/pinouts/PinoutsDialogs.vue";
import SystemLine from "../components/pinouts/SystemLine.vue";
import { usePinSelection } from "../composables/usePinSelection.ts";
import { usePinTable } from "../composables/usePinTable.ts";
import { useTableImport } from "../composables/useTableImport.ts";
import { holdCommands } from "../composables/holdCommands.ts";
import { useCommands } from "../composables/useCommands.ts";
import { useCavitiesNow } from "../composables/useFaces.ts";
import type { Column } from "../grid/cells.ts";
import type { Filter } from "../grid/rows.ts";
import { useJob } from "../stores/job.ts";

const store = useJob();
const route = useRoute();
const router = useRouter();
const now = useCavitiesNow();
const dossier = computed(() => store.live);
const { connectors, chosen, connector, selected, range, pin, inRange, show, step } = usePinSelection(
  () => store.live,
);
const formOpen = ref(false);
const editing = ref<Connector | null>(null);
const grid = ref<InstanceType<typeof PinGrid> | null>(null);
const panel = ref<InstanceType<typeof ImportPanel> | null>(null);
const pasteBox = ref<InstanceType<typeof PasteBox> | null>(null);

const sources = computed(() => indexSources(dossier.value?.sources ?? []));
const documents = computed(() => [...sources.value.values()]);
const source = ref<SourceId | null>(null);
const dialog = ref<PinoutsDialog | null>(null);
const filter = ref<Filter>("all");
const find = ref("");
const shown = ref(0);
const hidden = useLocalStorage<Column[]>("trevin.hidden-columns", ["circuit", "condition", "note"]);

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
const { put, removePins, saveConnector, declareSystem } = usePinTable(store, () => connector.value);
async function save(...of: Parameters<typeof saveConnector>): Promise<void> {
  if (!(await saveConnector(...of))) return;
  chosen.value = of[0].id;
  void nextTick(() => grid.value?.focus({ row: 0, column: "cavity" }));
}
const { table, tableText, fileProblem, opening, readText, readFile, take, drop, onDrop } = useTableImport({
  store,
  connector: () => connector.value,
  declareSystem,
  accept: () => panel.value?.take(),
  taken: () => void nextTick(() => grid.value?.focus({ row: 0, column: "function" })),
});
watch(
  () => connector.value?.id,
  () => {
    drop();
    filter.value = "all";
    find.value = "";
    range.value = [];
  },
);
function edit(one: Connector | null): void {
  editing.value = one;
  formOpen.value = true;
}
const add = (): void => edit(null);
useCommands([
  ...holdCommands(),
  ...pinoutsCommands({
    begun: () => store.begun,
    hasConnector: () => connector.value !== undefined,
    grid: () => grid.value,
    pasteBox: () => pasteBox.value,
    toFaces: () => router.push(toFaces.value),
    add,
    open: (one) => {
      dialog.value = one;
    },
    step,
  }),
]);
/** A click on the face puts the hand into the row of the cavity: what is typed next goes there. */
function pickOnFace(id: PinId, clicked: boolean): void {
  selected.value = id;
  if (clicked) void nextTick(() => grid.value?.focus());
}
const nextSide = computed(() =>
  connectors.value.some((one) => one.side === "vehicle") ? "incoming" : "vehicle",
);
const distinct = (texts: readonly string[]): readonly string[] => [
  ...new Set(texts.filter((text) => text !== "")),
];
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
  <main v-if="connectors.length === 0" class="empty-view">
    <h1>Start with two connectors</h1>
    <p>
      Add the vehicle's connector first, then the incoming part's. Type, paste or open their pin tables; the
      rest of the job builds on them.
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
        @supplies="dialog = 'supplies'"
      />
      <template v-if="connector">
        <p v-if="store.begun" class="bad frozen">
          Work on the car has started: cavities are locked, and changes here are recorded in the ledger as
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
          @new-source="dialog = 'sources'"
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
            @open="dialog = $event"
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
          <SystemLine :connector="connector" @declare="declareSystem(connector, $event)" />
          <PasteBox
            v-if="!store.begun"
            ref="pasteBox"
            v-model:text="tableText"
            :name="connector.name"
            :opening="opening"
            :problem="fileProblem"
            @read="readText"
            @file="readFile"
          />
        </template>
      </template>
    </section>
    <ConnectorPane
      v-if="connector && dossier"
      :connector="connector"
      :pin="pin"
      :chosen="inRange"
      :dossier="dossier"
      :sources="sources"
      :words="store.words"
      :now="now"
      :to-faces="toFaces"
      @select="pickOnFace"
      @put="put"
      @doubt="grid?.doubt()"
      @learn="store.learnWord"
      @edit="edit(connector)"
    />
  </main>
  <ConnectorForm
    v-model:open="formOpen"
    :start="editing"
    :side="nextSide"
    :frozen="store.begun"
    :connectors="connectors"
    :branches="distinct(connectors.map((one) => one.branch))"
    :modules="distinct(connectors.map((one) => one.module))"
    @save="save"
    @remove="editing && store.removeConnector(editing.id)"
  />
  <PinoutsDialogs v-if="dossier" v-model:open="dialog" :dossier="dossier" @show="show" />
</template>

<style scoped>
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
/* While the table has the focus a letter is text: its badge says how it is a shortcut all the same. */
.split:has([role="grid"]:focus-within) :deep(kbd.letter::before) {
  content: "Alt ";
}
.frozen {
  margin: 4px 0;
}
@media (max-width: 1000px) {
  .split {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
