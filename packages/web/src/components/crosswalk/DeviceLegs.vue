<script setup lang="ts">
/** What the further terminals of a part between hang on: each one named, none forgotten. */
import Select from "primevue/select";
import { computed } from "vue";
import {
  capital,
  FEED_CLASSES,
  SIGNAL_WORDS,
  terminalsOf,
  terminalWords,
  type DeviceLeg,
  type FeedClass,
  type InsertedDevice,
  type JoinPoint,
  type JoinPointId,
} from "@trevin/core";
import SupplyPick from "../supplies/SupplyPick.vue";

const props = defineProps<{ device: InsertedDevice; points: readonly JoinPoint[] }>();
const emit = defineEmits<{ put: [legs: readonly DeviceLeg[]] }>();
/** New supplies and ground points, by the terminal that they were made for. */
const made = defineModel<ReadonlyMap<string, JoinPoint>>("made", { required: true });

interface Row {
  readonly terminal: string;
  readonly label: string;
  readonly may: boolean;
  readonly feed: FeedClass | null;
  readonly open: boolean;
  readonly supply: JoinPointId | null;
}
const rows = computed((): readonly Row[] => {
  const { required, optional } = terminalsOf(props.device);
  return [...required, ...optional].map((terminal) => {
    const to = props.device.legs?.find((leg) => leg.terminal === terminal)?.to;
    return {
      terminal,
      label: capital(terminalWords(terminal)),
      may: optional.includes(terminal),
      feed: to?.kind === "feed" ? to.feed : null,
      open: to?.kind === "open",
      supply: to?.kind === "feed" ? to.supply : null,
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
function put(terminal: string, to: DeviceLeg["to"] | null): void {
  const others = (props.device.legs ?? []).filter((leg) => leg.terminal !== terminal);
  emit("put", [...others, ...(to === null ? [] : [{ terminal, to }])]);
}
function setKind({ terminal }: Row, kind: string): void {
  const feed = FEED_CLASSES.find((one) => one === kind);
  setMade(terminal, null);
  if (feed !== undefined) put(terminal, { kind: "feed", feed, supply: null });
  else put(terminal, kind === "open" ? { kind: "open" } : null);
}
function setMade(terminal: string, point: JoinPoint | null): void {
  const next = new Map(made.value);
  if (point === null) next.delete(terminal);
  else next.set(terminal, point);
  made.value = next;
}
</script>

<template>
  <fieldset v-if="rows.length" class="legs">
    <legend class="label">{{ taken }}; its other terminals</legend>
    <div v-for="row in rows" :key="row.terminal" class="leg" :class="{ wide: made.has(row.terminal) }">
      <span :id="`leg-${row.terminal}`">{{ row.label }}</span>
      <Select
        :model-value="row.feed ?? (row.open ? 'open' : '')"
        :options="options(row.may)"
        option-label="label"
        option-value="value"
        :placeholder="row.may ? 'not used' : 'connects to…'"
        :aria-labelledby="`leg-${row.terminal}`"
        @update:model-value="setKind(row, $event)"
      />
      <SupplyPick
        v-if="row.feed !== null"
        :points="points"
        :feed="row.feed"
        :supply="row.supply"
        :made="made.get(row.terminal) ?? null"
        :labelledby="`leg-${row.terminal}`"
        class="from"
        @update:supply="
          row.feed !== null && put(row.terminal, { kind: 'feed', feed: row.feed, supply: $event })
        "
        @update:made="setMade(row.terminal, $event)"
      />
    </div>
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
  grid-template-columns: 104px minmax(150px, 1fr) minmax(170px, 1fr);
  gap: 8px;
  align-items: center;
}
.leg.wide .from {
  grid-column: 1 / -1;
  border-left: 2px solid var(--rule2);
  padding-left: 10px;
}
@media (max-width: 600px) {
  .leg {
    grid-template-columns: 1fr;
  }
}
</style>
