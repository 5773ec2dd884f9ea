<script setup lang="ts">
/** A connector's own facts: side, place, colour system, leads, its shell, what it mates with, and whether it stays shut. */
import { computed, reactive, ref, shallowRef, watch } from "vue";
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import {
  COLOUR_SYSTEM_NAMES,
  COLOUR_SYSTEMS,
  connectorId,
  fitOf,
  fitWords,
  rowsOnly,
  waysOf,
  type Connector,
  type ConnectorHead,
  type ConnectorId,
  type Shell,
  type ShelfShell,
  type Side,
} from "@trevin/core";
import { shellLine } from "../../shells/draft.ts";
import { usePrefs } from "../../stores/prefs.ts";
import { useShelf } from "../../stores/shelf.ts";
import HoldControls from "../faces/HoldControls.vue";
import ShellEditor from "../faces/ShellEditor.vue";
import ShellFace from "../faces/ShellFace.vue";
import ShellList from "../faces/ShellList.vue";

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

const blank = {
  name: "",
  side: "vehicle" as Side,
  place: "",
  branch: "",
  module: "",
  colourSystem: "iec" as ConnectorHead["colourSystem"],
  leads: "loom" as ConnectorHead["leads"],
  sealed: false,
  matesWith: "" as ConnectorId | "",
  keepOut: "",
};
const form = reactive({ ...blank });
const shell = shallowRef<Shell | null>(null);
const contacts = shallowRef<ShelfShell["contacts"]>({});
const fill = ref(false);
const rows = ref("");
const problem = ref("");
/** What the dialog shows: the facts, the Shelf to choose from, or the editor. */
const page = ref<"facts" | "shelf" | "editor">("facts");
const picked = shallowRef<ShelfShell | null>(null);
const drawn = shallowRef<Shell | null>(null);
watch(open, (now) => {
  if (!now) return;
  const { start } = props;
  Object.assign(form, blank, { side: props.side, leads: props.side === "vehicle" ? "loom" : "flying" });
  if (start !== null)
    Object.assign(form, {
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
const mate = computed(() => props.connectors.find((one) => one.id === form.matesWith));
const fit = computed(() =>
  mate.value === undefined || mate.value.shell === null || shell.value === null
    ? ""
    : fitWords(fitOf(shell.value, mate.value.shell), form.name || "this one", mate.value.name),
);

function take(next: Shell | null, usual: ShelfShell["contacts"] = {}): void {
  shell.value = next;
  contacts.value = usual;
  if (next !== null && next.blank !== "open") form.sealed = true;
  fill.value = mayFill.value;
  rows.value = "";
  page.value = "facts";
}
/** "6 + 8", from the mark down; "1.6" is a row of 6 that begins one place further right. */
function takeRows(): void {
  const text = rows.value.trim();
  if (text === "") return;
  const parts = text
    .split(/[+,;\s]+/)
    .filter((part) => part !== "")
    .map((part) => /^(?:(\d+)\.)?(\d+)$/.exec(part));
  const list = parts.map((part) => ({ places: Number(part?.[2]), offset: Number(part?.[1] ?? 0) }));
  if (
    parts.length === 0 ||
    parts.length > 12 ||
    parts.some((part) => part === null) ||
    list.some((row) => row.places < 1 || row.places > 60 || row.offset > 60)
  ) {
    problem.value = "Rows: the number of places per row from the lock down, for example 6 + 8.";
    return;
  }
  problem.value = "";
  shell.value = rowsOnly(list, "mating");
}
function save(): void {
  takeRows();
  if (form.name.trim() === "") problem.value = "Enter a name, as on the diagram or the tag.";
  if (problem.value !== "" && (form.name.trim() === "" || rows.value.trim() !== "")) return;
  emit(
    "save",
    {
      id: props.start?.id ?? connectorId(crypto.randomUUID()),
      ...form,
      name: form.name.trim(),
      shell: shell.value,
      matesWith: form.matesWith === "" ? null : form.matesWith,
    },
    fill.value && mayFill.value ? contacts.value : null,
  );
  open.value = false;
}
const systems = COLOUR_SYSTEMS.map((value) => ({ value, label: COLOUR_SYSTEM_NAMES[value] }));
const sides = [
  { value: "vehicle", label: "Vehicle: stays in the car" },
  { value: "incoming", label: "Incoming: part, donor or module" },
];
const leads = [
  { value: "loom", label: "Wires continue into a loom" },
  { value: "flying", label: "Pigtail with free ends" },
];
const mates = computed(() => [
  { value: "", label: "not in this job" },
  ...props.connectors
    .filter((one) => one.id !== props.start?.id)
    .map((one) => ({ value: one.id, label: one.name })),
]);
const KEEP_OUT = [
  { value: "", label: "No" },
  { value: "restraint system", label: "Yes: restraint system" },
  { value: "high voltage", label: "Yes: high voltage" },
  { value: "other", label: "Yes: other reason" },
];
const keepOut = computed({
  get: () => (["", "restraint system", "high voltage"].includes(form.keepOut) ? form.keepOut : "other"),
  set: (value) => {
    form.keepOut = value === "other" ? "stays shut" : value;
  },
});
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
    <div v-if="page === 'shelf'" class="shelf">
      <ShellList :chosen="picked?.id ?? null" :ways="start?.pins.length ?? 0" @choose="picked = $event" />
      <div v-if="picked" class="seen">
        <HoldControls :mark="picked.shell.mark" compact /><ShellFace
          v-if="picked.shell.pattern.kind !== 'none'"
          :shell="picked.shell"
          :hold="prefs.hold"
          :width="330"
          whole
          :max-pitch="46"
        />
        <p v-if="picked.note" class="why">{{ picked.note }}</p>
      </div>
      <p v-else class="mut">
        Compare with the part: rows, steps, position of the lock, direction of the labels.
      </p>
    </div>
    <ShellEditor v-else-if="page === 'editor'" :start="shell" @change="drawn = $event" />
    <form v-else id="connector-form" class="form" @submit.prevent="save">
      <div class="two">
        <div class="field">
          <label for="c-name">Name (as on the tag)</label
          ><InputText id="c-name" v-model="form.name" autofocus maxlength="40" />
        </div>
        <div class="field">
          <label for="c-place">Place</label
          ><InputText id="c-place" v-model="form.place" maxlength="120" placeholder="body, left sill" />
        </div>
      </div>
      <div class="two">
        <div class="field">
          <label for="c-branch">Branch of the loom</label
          ><InputText
            id="c-branch"
            v-model="form.branch"
            maxlength="80"
            placeholder="engine, left bank"
            list="c-branches"
          />
        </div>
        <div class="field">
          <label for="c-module">Module it belongs to</label
          ><InputText
            id="c-module"
            v-model="form.module"
            maxlength="80"
            placeholder="engine controller"
            list="c-modules"
          />
        </div>
      </div>
      <datalist id="c-branches"><option v-for="one in branches" :key="one" :value="one" /></datalist>
      <datalist id="c-modules"><option v-for="one in modules" :key="one" :value="one" /></datalist>
      <div class="two">
        <div class="field">
          <span id="c-side" class="label">Side</span
          ><Select
            v-model="form.side"
            :options="sides"
            option-label="label"
            option-value="value"
            aria-labelledby="c-side"
          />
        </div>
        <div class="field">
          <span id="c-system" class="label">Colour codes are</span
          ><Select
            v-model="form.colourSystem"
            :options="systems"
            option-label="label"
            option-value="value"
            aria-labelledby="c-system"
          />
        </div>
      </div>
      <div class="two">
        <div class="field">
          <span id="c-leads" class="label">Wires</span
          ><Select
            v-model="form.leads"
            :options="leads"
            option-label="label"
            option-value="value"
            aria-labelledby="c-leads"
          />
        </div>
        <div class="field">
          <span id="c-keep" class="label">Keep out</span
          ><Select
            v-model="keepOut"
            :options="KEEP_OUT"
            placeholder="No"
            option-label="label"
            option-value="value"
            aria-labelledby="c-keep"
          />
        </div>
      </div>
      <div class="two">
        <div class="field">
          <span id="c-mate" class="label">Plugs into</span
          ><Select
            v-model="form.matesWith"
            :options="mates"
            placeholder="not in this job"
            option-label="label"
            option-value="value"
            aria-labelledby="c-mate"
          />
        </div>
        <div v-if="keepOut === 'other'" class="field">
          <label for="c-keepwhy">Reason</label
          ><InputText id="c-keepwhy" v-model="form.keepOut" maxlength="120" />
        </div>
      </div>
      <p v-if="fit" class="why">{{ fit }}</p>
      <section class="shape">
        <h3>
          Shell
          <span class="mut">{{
            shell ? shellLine(shell) : "not known: the face is shown as a list, and no place is claimed"
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
            {{ shell ? "Change its shape" : "Make it" }}
          </button>
          <button v-if="shell" type="button" class="btn quiet" :disabled="frozen" @click="take(null)">
            Not known
          </button>
          <label class="quick" for="c-rows"
            >or its rows
            <InputText id="c-rows" v-model="rows" placeholder="6 + 8" :disabled="frozen" @change="takeRows"
          /></label>
        </div>
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
.shelf {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 20px;
  height: 64vh;
}
.shelf > .seen {
  display: grid;
  gap: 10px;
  align-content: start;
}
@media (max-width: 800px) {
  .shelf {
    grid-template-columns: minmax(0, 1fr);
    height: auto;
  }
  .shelf :deep(ul) {
    max-height: 40vh;
  }
}
</style>
