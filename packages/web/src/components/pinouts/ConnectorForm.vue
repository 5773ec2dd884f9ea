<script setup lang="ts">
/** A connector's own facts: side, place, colour system, leads, its shell, what it mates with, and whether it stays shut. */
import { computed, ref, shallowRef, watch } from "vue";
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import {
  connectorId,
  fitOf,
  fitWords,
  waysOf,
  type Connector,
  type ConnectorHead,
  type Shell,
  type ShelfShell,
  type Side,
} from "@trevin/core";
import { numberedRows, readRows, type RowsNumbering } from "../../shells/byRows.ts";
import { shellLine } from "../../shells/draft.ts";
import { usePrefs } from "../../stores/prefs.ts";
import { useShelf } from "../../stores/shelf.ts";
import ConnectorFacts from "./ConnectorFacts.vue";
import { BLANK_FACTS } from "./connectorFacts.ts";
import RowsNumbers from "./RowsNumbers.vue";
import ShellPicker from "./ShellPicker.vue";
import ShellEditor from "../faces/ShellEditor.vue";
import ShellFace from "../faces/ShellFace.vue";

const open = defineModel<boolean>("open", { required: true });
const props = defineProps<{
  start: Connector | null;
  side: Side;
  frozen: boolean;
  branches: readonly string[];
  modules: readonly string[];
  connectors: readonly Connector[];
}>();
const emit = defineEmits<{
  save: [connector: ConnectorHead, fill: ShelfShell["contacts"] | null];
  remove: [];
}>();
const shelf = useShelf();
const prefs = usePrefs();

const form = ref({ ...BLANK_FACTS });
const shell = shallowRef<Shell | null>(null);
const contacts = shallowRef<ShelfShell["contacts"]>({});
const fill = ref(false);
const rows = ref("");
const numbered = ref<RowsNumbering>({ view: "mating", from: "left", first: "top", scheme: "rows" });
const problem = ref("");
/** What the dialog shows: the facts, the Shelf to choose from, or the editor. */
const page = ref<"facts" | "shelf" | "editor">("facts");
const picked = shallowRef<ShelfShell | null>(null);
const drawn = shallowRef<Shell | null>(null);
watch(open, (now) => {
  if (!now) return;
  const { start } = props;
  Object.assign(form.value, BLANK_FACTS, {
    side: props.side,
    leads: props.side === "vehicle" ? "loom" : "flying",
  });
  if (start !== null)
    Object.assign(form.value, {
      name: start.name,
      side: start.side,
      place: start.place,
      branch: start.branch,
      module: start.module,
      colourSystem: start.colourSystem,
      leads: start.leads,
      sealed: start.sealed,
      matesWith: start.matesWith ?? "",
      keepOut: start.keepOut,
    });
  shell.value = start?.shell ?? null;
  contacts.value = {};
  fill.value = false;
  page.value = "facts";
  rows.value = "";
  problem.value = "";
  void shelf.load();
});
const ways = computed(() => (shell.value === null ? 0 : waysOf(shell.value)));
const mayFill = computed(
  () =>
    !props.frozen &&
    ways.value > 0 &&
    (props.start?.pins.length ?? 0) === 0 &&
    !(shell.value?.pattern.kind === "rows" && shell.value.pattern.numbering.scheme === "listed"),
);
const mate = computed(() => props.connectors.find((one) => one.id === form.value.matesWith));
const fit = computed(() =>
  mate.value === undefined || mate.value.shell === null || shell.value === null
    ? ""
    : fitWords(fitOf(shell.value, mate.value.shell), form.value.name || "this one", mate.value.name),
);

function take(next: Shell | null, usual: ShelfShell["contacts"] = {}): void {
  shell.value = next;
  contacts.value = usual;
  if (next !== null && next.blank !== "open") form.value.sealed = true;
  fill.value = mayFill.value;
  rows.value = "";
  page.value = "facts";
}
/** The housing follows what is typed, so that nothing moves under the hand when the field is left. */
watch([rows, numbered], () => {
  const list = readRows(rows.value);
  if (list === null || page.value !== "facts") return;
  problem.value = "";
  shell.value = numberedRows(list, numbered.value);
  contacts.value = {};
  fill.value = mayFill.value;
});
const isBadRows = computed(() => rows.value.trim() !== "" && readRows(rows.value) === null);
function save(): void {
  problem.value = "";
  if (isBadRows.value)
    problem.value = "Rows: the number of places per row from the lock down, for example 6 + 8.";
  else if (form.value.name.trim() === "") problem.value = "Enter a name, as on the diagram or the tag.";
  if (problem.value !== "") return;
  emit(
    "save",
    {
      id: props.start?.id ?? connectorId(crypto.randomUUID()),
      ...form.value,
      name: form.value.name.trim(),
      shell: shell.value,
      matesWith: form.value.matesWith === "" ? null : form.value.matesWith,
    },
    fill.value && mayFill.value ? contacts.value : null,
  );
  open.value = false;
}
const title = computed(() => {
  if (page.value === "shelf") return "Choose a housing";
  if (page.value === "editor") return "New housing";
  return props.start === null ? "Add a connector" : `Connector ${props.start.name}`;
});
</script>

<template>
  <Dialog
    v-model:visible="open"
    class="wide"
    modal
    :header="title"
    :draggable="false"
    @keydown.ctrl.enter="page === 'facts' && save()"
  >
    <ShellPicker v-if="page === 'shelf'" v-model:picked="picked" :ways="start?.pins.length ?? 0" />
    <ShellEditor v-else-if="page === 'editor'" :start="shell" @change="drawn = $event" />
    <form v-else id="connector-form" class="form" @submit.prevent="save">
      <ConnectorFacts
        v-model:form="form"
        :own="start?.id ?? null"
        :branches="branches"
        :modules="modules"
        :connectors="connectors"
      />
      <p v-if="fit" class="why">{{ fit }}</p>
      <section class="shape">
        <h3>
          Housing
          <span class="mut">{{
            shell ? shellLine(shell) : "not known: the cavities are shown as a list"
          }}</span>
        </h3>
        <div class="line">
          <button
            type="button"
            class="btn"
            :disabled="frozen"
            @click="
              picked = null;
              page = 'shelf';
            "
          >
            Choose from the Shelf
          </button>
          <button type="button" class="btn quiet" :disabled="frozen" @click="page = 'editor'">
            {{ shell ? "Edit its shape" : "New housing" }}
          </button>
          <button v-if="shell" type="button" class="btn quiet" :disabled="frozen" @click="take(null)">
            Not known
          </button>
          <label class="quick" for="c-rows"
            >or enter its rows <InputText id="c-rows" v-model="rows" placeholder="6 + 8" :disabled="frozen"
          /></label>
        </div>
        <RowsNumbers v-if="rows.trim() !== ''" v-model="numbered" :ways="isBadRows ? 0 : ways" />
        <div v-if="shell && shell.pattern.kind !== 'none'" class="mini">
          <ShellFace :shell="shell" :hold="prefs.hold" :width="420" whole :max-pitch="30" :max-height="160" />
        </div>
        <label v-if="mayFill" class="tick"
          ><input v-model="fill" type="checkbox" /> Add its {{ ways }} cavities to the pin table{{
            Object.keys(contacts).length ? "with their usual functions" : ""
          }}</label
        >
      </section>
      <label class="tick"
        ><input v-model="form.sealed" type="checkbox" /> Sealed (open cavities get a cavity plug)</label
      >
      <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
      <p v-if="frozen" class="bad">Work has started, so connectors are locked.</p>
    </form>
    <template #footer>
      <template v-if="page === 'facts'">
        <button
          v-if="start && !frozen"
          type="button"
          class="btn quiet left"
          @click="
            emit('remove');
            open = false;
          "
        >
          Remove connector and pins
        </button>
        <button type="button" class="btn quiet" @click="open = false">Cancel</button>
        <button type="submit" form="connector-form" class="btn pri" :disabled="frozen">
          {{ start ? "Save" : "Add" }}
        </button>
      </template>
      <template v-else>
        <button type="button" class="btn quiet" @click="page = 'facts'">Back</button>
        <button
          v-if="page === 'shelf'"
          type="button"
          class="btn pri"
          :disabled="picked === null"
          @click="picked && take(picked.shell, picked.contacts)"
        >
          Use this housing
        </button>
        <button v-else type="button" class="btn pri" :disabled="drawn === null" @click="take(drawn)">
          Use these rows
        </button>
      </template>
    </template>
  </Dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 14px;
}
.tick {
  display: flex;
  gap: 8px;
  align-items: center;
}
.tick input {
  width: 20px;
  height: 20px;
  accent-color: var(--ink);
}
.left {
  margin-right: auto;
}
.shape {
  border-top: 1px solid var(--ink);
  padding-top: 8px;
  display: grid;
  gap: 10px;
}
.shape h3 .mut {
  font-weight: 400;
  font-family: var(--f-text);
  font-size: 14px;
  margin-left: 8px;
}
.line {
  display: flex;
  gap: 10px;
  align-items: center;
  flex-wrap: wrap;
}
.quick {
  display: flex;
  gap: 8px;
  align-items: center;
  font: 500 14px/1 var(--f-label);
  color: var(--ink2);
}
.quick :deep(input) {
  width: 110px;
}
.mini {
  max-height: 170px;
  overflow: hidden;
}
</style>
