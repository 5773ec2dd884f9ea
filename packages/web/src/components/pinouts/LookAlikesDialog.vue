<script setup lang="ts">
/** Wires and names that can be taken for each other, in one connector, across a module's plugs, and among what is open. */
import { computed, ref, shallowRef, toRaw, watch } from "vue";
import Dialog from "primevue/dialog";
import { connectorsInOrder, pinColour, sightWords, type ConnectorId, type Dossier, type LookAlike, type PinId, type PlacedPin } from "@trevin/core";
import CavityLabel from "../parts/CavityLabel.vue";
import DrawnWire from "../parts/DrawnWire.vue";
import type { LookAlikesFound } from "../../workers/reading.ts";
import { computeWorker } from "../../workers/client.ts";

const visible = defineModel<boolean>("open", { required: true });
const props = defineProps<{ dossier: Dossier }>();
const emit = defineEmits<{ show: [connector: ConnectorId, pin: PinId] }>();

const together = ref<ConnectorId[]>([]);
const found = shallowRef<LookAlikesFound | null>(null);
const failed = ref(false);
let asked = 0;
watch([visible, together, () => props.dossier], async () => {
  if (!visible.value) return;
  const turn = ++asked;
  failed.value = false;
  try {
    const answer = await computeWorker().lookAlikes(toRaw(props.dossier), [...together.value]);
    if (turn === asked) found.value = answer;
  } catch {
    failed.value = true;
  }
}, { deep: false });
const toggle = (id: ConnectorId): void => { together.value = together.value.includes(id) ? together.value.filter((one) => one !== id) : [...together.value, id]; };

const SCOPES: Readonly<Record<LookAlike["scope"], string>> = { connector: "In one connector", module: "Across the plugs of one module", open: "In connectors that are open together" };
const LIMIT = 150;
const groups = computed(() => (["connector", "module", "open"] as const).map((scope) => {
  const all = (found.value?.wires ?? []).filter((one) => one.scope === scope);
  return { scope, all, shown: [...all.filter((one) => one.kind === "same"), ...all.filter((one) => one.kind === "near")].slice(0, LIMIT) };
}).filter(({ all }) => all.length > 0));
const why = ({ kind, sights }: LookAlike): string => (kind === "same" ? "same colour" : `near: ${sightWords(sights)}`);
const show = ({ connector, pin }: PlacedPin): void => { visible.value = false; emit("show", connector.id, pin.id); };
const WHAT = { connector: "Connectors", cavity: "Cavities of", circuit: "Circuits in" } as const;
</script>

<template>
  <Dialog v-model:visible="visible" class="wide" modal header="Look-alikes" :draggable="false">
    <fieldset v-if="dossier.connectors.length > 1">
      <legend class="lab">Open together</legend>
      <label v-for="one in connectorsInOrder(dossier)" :key="one.id"><input type="checkbox" :checked="together.includes(one.id)" @change="toggle(one.id)"> <span class="code">{{ one.name }}</span></label>
    </fieldset>
    <p v-if="failed" class="bad" role="alert">The look-alikes could not be computed. Close this and open it again.</p>
    <p v-else-if="found === null" class="mut" role="status">Comparing</p>
    <p v-else-if="groups.length === 0 && found.names.length === 0">Nothing here can be taken for anything else, as far as the pin tables tell.</p>
    <section v-for="group in groups" :key="group.scope">
      <h3>{{ SCOPES[group.scope] }} <span class="mut">{{ group.all.length }}</span></h3>
      <ul>
        <li v-for="one in group.shown" :key="one.pair.map((placed) => placed.pin.id).join()">
          <button v-for="placed in one.pair" :key="placed.pin.id" type="button" class="one" @click="show(placed)">
            <span v-if="group.scope !== 'connector' || placed === one.pair[0]" class="code">{{ placed.connector.name }}</span><CavityLabel :label="placed.pin.cavity" /><DrawnWire :colour="pinColour(placed.pin, placed.connector)" :size="placed.pin.size" :length="52" /><span class="fn">{{ placed.pin.function }}</span>
          </button>
          <span class="kind lab">{{ why(one) }}</span>
        </li>
      </ul>
      <p v-if="group.all.length > LIMIT" class="why">The first {{ LIMIT }} of {{ group.all.length }} pairs.</p>
    </section>
    <section v-if="found && found.names.length > 0">
      <h3>Names that are read for each other</h3>
      <ul><li v-for="one in found.names" :key="`${one.what}${one.at}${one.names.join()}`"><span>{{ WHAT[one.what] }}<template v-if="one.at"> <b class="code">{{ one.at }}</b></template>: <b class="code">{{ one.names[0] }}</b> and <b class="code">{{ one.names[1] }}</b></span></li></ul>
    </section>
  </Dialog>
</template>

<style scoped>
fieldset { border: 0; display: flex; gap: 6px 16px; flex-wrap: wrap; }
legend { float: left; margin-right: 12px; color: var(--ink2); }
fieldset input { width: 16px; height: 16px; accent-color: var(--ink); vertical-align: -2px; }
h3 { border-bottom: 1px solid var(--ink); padding-bottom: 3px; }
li { display: flex; align-items: center; gap: 10px; border-bottom: 1px solid var(--rule); min-height: 34px; flex-wrap: wrap; }
.one { display: flex; align-items: center; gap: 6px; border: 0; background: none; cursor: pointer; padding: 3px 0; }
.one:hover .fn { text-decoration: underline; }
.fn { max-width: 170px; overflow: hidden; text-overflow: ellipsis; white-space: nowrap; font-size: 13px; }
.kind { margin-left: auto; color: var(--ink2); }
</style>
