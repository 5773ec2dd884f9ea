<script setup lang="ts">
/** What the further terminals of a part between hang on: each one named, none forgotten. */
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import { computed } from "vue";
import {
  capital,
  FEED_CLASSES,
  feedPlaces,
  feedPlaceWords,
  SIGNAL_WORDS,
  terminalsOf,
  terminalWords,
  type DeviceLeg,
  type Dossier,
  type FeedClass,
  type InsertedDevice,
} from "@trevin/core";

const props = defineProps<{ device: InsertedDevice; dossier: Dossier }>();
const emit = defineEmits<{ put: [legs: readonly DeviceLeg[]] }>();

interface Row {
  readonly terminal: string;
  readonly label: string;
  readonly may: boolean;
  readonly kind: FeedClass | "open" | "";
  readonly from: string;
}
const rows = computed((): readonly Row[] => {
  const { required, optional } = terminalsOf(props.device);
  return [...required, ...optional].map((terminal) => {
    const to = props.device.legs?.find((leg) => leg.terminal === terminal)?.to;
    const label = capital(terminalWords(terminal));
    const kind = to?.kind === "feed" ? to.feed : (to?.kind ?? "");
    return {
      terminal,
      label,
      may: optional.includes(terminal),
      kind,
      from: to?.kind === "feed" ? to.from : "",
    };
  });
});
const taken = computed(() => {
  const { vehicle, incoming } = terminalsOf(props.device);
  return vehicle === incoming
    ? `Both wires on ${vehicle}`
    : `Vehicle wire on ${vehicle}, incoming wire on ${incoming}`;
});
const options = (may: boolean) => [
  ...(may ? [{ value: "", label: "not used" }] : []),
  ...FEED_CLASSES.map((value) => ({ value, label: SIGNAL_WORDS[value] })),
  ...(may ? [{ value: "open", label: "open, insulated" }] : []),
];
const places = computed(() => feedPlaces(props.dossier).map((place) => feedPlaceWords(place)));
function set(terminal: string, kind: string, from: string): void {
  const others = (props.device.legs ?? []).filter((leg) => leg.terminal !== terminal);
  const feed = FEED_CLASSES.find((one) => one === kind);
  const fed: readonly DeviceLeg[] =
    feed === undefined ? [] : [{ terminal, to: { kind: "feed", feed, from } }];
  const open: readonly DeviceLeg[] = kind === "open" ? [{ terminal, to: { kind: "open" } }] : [];
  emit("put", [...others, ...fed, ...open]);
}
</script>

<template>
  <fieldset v-if="rows.length" class="legs">
    <legend class="label">{{ taken }}; its other terminals</legend>
    <div v-for="row in rows" :key="row.terminal" class="leg">
      <span :id="`leg-${row.terminal}`">{{ row.label }}</span>
      <Select
        :model-value="row.kind"
        :options="options(row.may)"
        option-label="label"
        option-value="value"
        :placeholder="row.may ? 'not used' : 'connects to…'"
        :aria-labelledby="`leg-${row.terminal}`"
        @update:model-value="set(row.terminal, $event, row.from)"
      />
      <InputText
        v-if="row.kind !== '' && row.kind !== 'open'"
        :model-value="row.from"
        maxlength="120"
        list="leg-places"
        :placeholder="row.kind === 'ground' ? 'ground point: G201' : 'fuse: F22, 20 A'"
        :aria-label="`${row.label}, from where`"
        @update:model-value="set(row.terminal, row.kind, $event ?? '')"
      />
    </div>
    <datalist id="leg-places"><option v-for="one in places" :key="one" :value="one" /></datalist>
  </fieldset>
</template>

<style scoped>
.legs {
  border: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
.leg {
  display: grid;
  grid-template-columns: 104px minmax(150px, 1fr) minmax(150px, 1fr);
  gap: 8px;
  align-items: center;
}
@media (max-width: 600px) {
  .leg {
    grid-template-columns: 1fr;
  }
}
</style>
