<script setup lang="ts">
/** A connector's own facts: side, place, colour system, leads, and the rows of its shell. */
import { reactive, ref, watch } from "vue";
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import { COLOUR_SYSTEM_NAMES, COLOUR_SYSTEMS, connectorId, type Connector, type ConnectorHead, type FaceView, type Layout, type Side } from "@trevin/core";

const open = defineModel<boolean>("open", { required: true });
const props = defineProps<{ start: Connector | null; side: Side; frozen: boolean; branches: readonly string[]; modules: readonly string[] }>();
const emit = defineEmits<{ save: [connector: ConnectorHead]; remove: [] }>();

const form = reactive({ name: "", side: "vehicle" as Side, place: "", branch: "", module: "", colourSystem: "iec" as ConnectorHead["colourSystem"], leads: "loom" as ConnectorHead["leads"], sealed: false, view: "mating" as FaceView });
const rows = ref("");
const problem = ref("");
watch(open, (now) => {
  if (!now) return;
  const start = props.start;
  form.name = start?.name ?? "";
  form.side = start?.side ?? props.side;
  form.place = start?.place ?? "";
  form.branch = start?.branch ?? "";
  form.module = start?.module ?? "";
  form.colourSystem = start?.colourSystem ?? "iec";
  form.leads = start?.leads ?? (props.side === "vehicle" ? "loom" : "flying");
  form.sealed = start?.sealed ?? false;
  form.view = start?.layout?.view ?? "mating";
  rows.value = start?.layout?.rows.map((row) => `${row.offset > 0 ? `${row.offset}.` : ""}${row.places}`).join(" + ") ?? "";
  problem.value = "";
});

/** "6 + 8", from the lock down; "1.6" is a row of 6 that begins one place further right. */
function layoutOf(text: string): Layout | null | undefined {
  if (text.trim() === "") return null;
  const parts = text.split(/[+,;\s]+/).filter((part) => part !== "").map((part) => /^(?:(\d+)\.)?(\d+)$/.exec(part));
  if (parts.length === 0 || parts.length > 12 || parts.some((part) => part === null)) return undefined;
  const list = parts.map((part) => ({ places: Number(part?.[2]), offset: Number(part?.[1] ?? 0) }));
  return list.every((row) => row.places >= 1 && row.places <= 60 && row.offset <= 60) ? { rows: list, view: form.view } : undefined;
}
function save(): void {
  const layout = layoutOf(rows.value);
  if (form.name.trim() === "") problem.value = "The connector needs a name, as on the diagram or the tag.";
  else if (layout === undefined) problem.value = "Rows: the number of places per row from the lock down, for example 6 + 8.";
  else {
    const { view: _view, ...head } = form;
    emit("save", { id: props.start?.id ?? connectorId(crypto.randomUUID()), ...head, name: form.name.trim(), layout });
    open.value = false;
  }
}
const systems = COLOUR_SYSTEMS.map((value) => ({ value, label: COLOUR_SYSTEM_NAMES[value] }));
const sides = [{ value: "vehicle", label: "Vehicle: stays in the car" }, { value: "incoming", label: "Incoming: part, donor or module" }];
const leads = [{ value: "loom", label: "Wires run on into a loom" }, { value: "flying", label: "Pigtail with free ends" }];
const views = [{ value: "mating", label: "Labels printed for the mating face" }, { value: "wire", label: "Labels printed for the wire side" }];
</script>

<template>
  <Dialog v-model:visible="open" modal :header="start ? `Connector ${start.name}` : 'Add a connector'" :draggable="false">
    <form id="connector-form" class="form" @submit.prevent="save">
      <div class="two">
        <div class="field"><label for="c-name">Name, as on the tag</label><InputText id="c-name" v-model="form.name" autofocus maxlength="40" /></div>
        <div class="field"><label for="c-place">Place</label><InputText id="c-place" v-model="form.place" maxlength="120" placeholder="body, left sill" /></div>
      </div>
      <div class="two">
        <div class="field"><label for="c-branch">Leg of the loom</label><InputText id="c-branch" v-model="form.branch" maxlength="80" placeholder="engine, left bank" list="c-branches" /></div>
        <div class="field"><label for="c-module">Module it plugs into, at the module end</label><InputText id="c-module" v-model="form.module" maxlength="80" placeholder="engine controller" list="c-modules" /></div>
      </div>
      <datalist id="c-branches"><option v-for="one in branches" :key="one" :value="one" /></datalist>
      <datalist id="c-modules"><option v-for="one in modules" :key="one" :value="one" /></datalist>
      <div class="field"><span id="c-side" class="label">Side</span><Select v-model="form.side" :options="sides" option-label="label" option-value="value" aria-labelledby="c-side" /></div>
      <div class="two">
        <div class="field"><span id="c-system" class="label">Colour codes are</span><Select v-model="form.colourSystem" :options="systems" option-label="label" option-value="value" aria-labelledby="c-system" /></div>
        <div class="field"><span id="c-leads" class="label">Behind the plug</span><Select v-model="form.leads" :options="leads" option-label="label" option-value="value" aria-labelledby="c-leads" /></div>
      </div>
      <div class="two">
        <div class="field"><label for="c-rows">Places per row, from the lock down</label><InputText id="c-rows" v-model="rows" placeholder="6 + 8, or leave empty" aria-describedby="c-rows-why" /></div>
        <div class="field"><span id="c-view" class="label">Numbered from the left on</span><Select v-model="form.view" :options="views" option-label="label" option-value="value" aria-labelledby="c-view" /></div>
      </div>
      <p id="c-rows-why" class="why">The cavities of the table fill the rows from the left. 1.6 is a row of 6 that begins one place further right. Left empty, the face is shown as a list and no place is claimed.</p>
      <label class="tick"><input v-model="form.sealed" type="checkbox"> Sealed: a cavity that is left open gets a plug</label>
      <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
      <p v-if="frozen" class="bad">Work has begun, so connectors are frozen.</p>
    </form>
    <template #footer>
      <button v-if="start && !frozen" type="button" class="btn quiet left" @click="emit('remove'); open = false">Remove connector and pins</button>
      <button type="button" class="btn quiet" @click="open = false">Cancel</button>
      <button type="submit" form="connector-form" class="btn pri" :disabled="frozen">{{ start ? "Save" : "Add" }}</button>
    </template>
  </Dialog>
</template>

<style scoped>
.form { display: grid; gap: 14px; }
.tick { display: flex; gap: 8px; align-items: center; }
.tick input { width: 20px; height: 20px; accent-color: var(--ink); }
.left { margin-right: auto; }
</style>
