<script setup lang="ts">
/** Where a pin gets what no wire of the other side gives it. */
import Dialog from "primevue/dialog";
import Select from "primevue/select";
import { computed, ref, shallowRef, watch } from "vue";
import {
  allPins,
  FEED_CLASSES,
  feedPlaces,
  isFeed,
  isReturn,
  pinName,
  SIGNAL_WORDS,
  branchOff,
  type Decision,
  type Dossier,
  type FeedClass,
  type JoinPoint,
  type JoinPointId,
  type PinId,
  type PlacedPin,
} from "@trevin/core";
import { newSupply } from "../supplies/newSupply.ts";
import { useSignalOf } from "../../composables/useSignalOf.ts";
import SupplyPick from "../supplies/SupplyPick.vue";

const classOf = useSignalOf();
const props = defineProps<{ target: PlacedPin | null; before: Decision | null; dossier: Dossier }>();
/** The empty cavity that gets a new wire; undefined where a wire that is there is fed. */
const filling = defineModel<PlacedPin | null | undefined>("filling", { required: true });
const open = defineModel<boolean>("open", { required: true });
const emit = defineEmits<{
  feed: [feed: FeedClass, supply: JoinPointId, made: JoinPoint | null];
  branch: [wire: PinId];
}>();

const kind = ref<FeedClass>("battery");
const supply = ref<JoinPointId | null>(null);
const made = shallowRef<JoinPoint | null>(null);
const wire = ref<string | null>(null);
const places = computed(() =>
  open.value ? feedPlaces(props.dossier).filter(({ feed }) => feed === kind.value) : [],
);
const MOST_OFFERED = 12;
const wires = computed(() =>
  places.value
    .flatMap(({ at, words }) => {
      if (at.kind !== "wire" || props.target === null) return [];
      const edit = branchOff(props.dossier, at.pin, props.target);
      return edit === null ? [] : [{ key: at.pin as string, words, pin: at.pin }];
    })
    .slice(0, MOST_OFFERED),
);
/** The first place of this class, where there is one. */
function offer(): void {
  const first = places.value.find(({ at }) => at.kind === "point")?.at;
  supply.value = first?.kind === "point" ? first.point : null;
  // Where the job has no such place yet, the next thing typed is its name.
  const isNone = supply.value === null && wires.value.length === 0;
  made.value = isNone ? newSupply(kind.value) : null;
  wire.value = null;
}
watch(open, (now) => {
  if (!now) return;
  const own = props.target === null ? "unknown" : classOf(props.target);
  const before = props.before?.kind === "feed" && filling.value === undefined ? props.before : null;
  kind.value = before?.feed ?? (isFeed(own) ? own : "battery");
  offer();
  if (before !== null && before.supply !== null) supply.value = before.supply;
});
const options = FEED_CLASSES.map((value) => ({ value, label: SIGNAL_WORDS[value] }));
const isSupply = computed(() => !isReturn(kind.value));
const ready = computed(() => props.target !== null && (supply.value !== null || wire.value !== null));
const empties = computed(() =>
  open.value && filling.value !== undefined
    ? allPins(props.dossier).filter(
        ({ pin, connector }) => pin.content === "empty" && connector.keepOut === "",
      )
    : [],
);
const cavities = computed(() =>
  empties.value.map((placed) => ({
    value: placed.pin.id as string,
    label: [pinName(placed), placed.connector.place].filter(Boolean).join(", "),
  })),
);
function choose(id: string): void {
  filling.value = empties.value.find(({ pin }) => pin.id === id) ?? null;
}
const header = computed(() =>
  filling.value === undefined
    ? `Feed ${props.target === null ? "" : pinName(props.target)} from elsewhere`
    : "New wire into an empty cavity",
);
function save(): void {
  const branched = wires.value.find(({ key }) => key === wire.value);
  if (branched !== undefined) emit("branch", branched.pin);
  else if (supply.value !== null) emit("feed", kind.value, supply.value, made.value);
}
const why = computed(() => {
  if (wire.value !== null) return "That wire stays whole or gets one more lead in its joint, and feeds both.";
  return isSupply.value
    ? "The fuse protects the thinnest wire of the feed. It goes in last."
    : "One clean point, measured under load.";
});
</script>

<template>
  <Dialog v-model:visible="open" modal :header="header" :draggable="false">
    <form id="feed-form" class="form" @submit.prevent="save">
      <div v-if="filling !== undefined" class="field">
        <span id="feed-cavity" class="label">Cavity</span
        ><Select
          :model-value="filling?.pin.id ?? null"
          :options="cavities"
          option-label="label"
          option-value="value"
          :placeholder="cavities.length ? 'choose an empty cavity…' : 'no cavity of this job is empty'"
          aria-labelledby="feed-cavity"
          @update:model-value="choose"
        />
      </div>
      <div class="field">
        <span id="feed-kind" class="label">What it needs</span
        ><Select
          v-model="kind"
          :options="options"
          option-label="label"
          option-value="value"
          aria-labelledby="feed-kind"
          @update:model-value="offer"
        />
      </div>
      <div class="field">
        <span id="feed-from" class="label">{{ isSupply ? "Taken from" : "Grounded at" }}</span><SupplyPick
          v-model:supply="supply"
          v-model:made="made"
          v-model:wire="wire"
          :points="dossier.points"
          :feed="kind"
          :wires="wires"
          labelledby="feed-from"
        />
      </div>
      <p class="why">{{ why }}</p>
    </form>
    <template #footer
      ><button type="button" class="btn quiet" @click="open = false">Cancel</button
      ><button type="submit" form="feed-form" class="btn pri" :autofocus="made === null" :disabled="!ready">
        Feed it
      </button></template
    >
  </Dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 12px;
  min-width: min(560px, 80vw);
}
</style>
