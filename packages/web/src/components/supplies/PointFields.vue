<script setup lang="ts">
/** Everything that is known of a splice, stud, ground point or supply. A name as people write it is taken apart: "F22, 5 A, kick panel". */
import Select from "primevue/select";
import { computed } from "vue";
import {
  FEED_CLASSES,
  feedOf,
  INTERLOCKS,
  isReturn,
  JOIN_POINT_KINDS,
  JOIN_POINT_WORDS,
  plainSupply,
  pointLabel,
  readSupply,
  SIGNAL_WORDS,
  type FeedClass,
  type Fuse,
  type JoinPoint,
  type JoinPointKind,
  type Supply,
} from "@trevin/core";

const props = defineProps<{
  /** The job's points, for what it can be taken from. */
  points: readonly JoinPoint[];
  kinds?: readonly JoinPointKind[];
  /** Whether the name is written first. */
  focus?: boolean;
}>();
const point = defineModel<JoinPoint>("point", { required: true });

const uid = crypto.randomUUID();
const vTakeFocus = {
  mounted: (input: HTMLInputElement): void => {
    // After the list that it was chosen from has taken the focus back; a dialog that opens with it asks for autofocus.
    if (props.focus) setTimeout(() => input.focus(), 50);
  },
};
const set = (patch: Partial<JoinPoint>): void => {
  point.value = { ...point.value, ...patch };
};
const setSupply = (patch: Partial<Supply>): void => {
  const now = point.value.supply ?? plainSupply(feedOf(point.value) ?? "battery");
  set({ supply: { ...now, ...patch } });
};
const feeds = computed(() => point.value.kind === "supply" || point.value.kind === "ground");
const hasFeed = computed(() => feeds.value || point.value.kind === "stud");
const feed = computed(() => feedOf(point.value));
const leadsBack = computed(() => feed.value !== null && isReturn(feed.value));
const trunk = computed(() => point.value.supply?.trunk ?? null);
const trunkable = computed(
  () => feed.value !== null && !leadsBack.value && (point.value.supply?.behind ?? null) !== null,
);
const metresIn = (text: string): number | null => {
  const metres = numberOf(text);
  return metres === null || metres > 20 ? null : Math.round(metres * 1000);
};
const fuse = computed(() => point.value.supply?.fuse ?? null);
const kinds = (props.kinds ?? JOIN_POINT_KINDS).map((value) => ({ value, label: JOIN_POINT_WORDS[value] }));
const NOTHING = "nothing";
const classes = computed(() => [
  ...(point.value.kind === "ground" ? [] : [{ value: NOTHING, label: "not known" }]),
  ...FEED_CLASSES.filter(
    (one) => point.value.kind !== "ground" || one.endsWith("ground") || one.endsWith("return"),
  ).map((value) => ({ value: value as string, label: SIGNAL_WORDS[value] })),
]);
function setKind(kind: JoinPointKind): void {
  const stays = kind === "splice" || kind === "device" ? null : point.value.supply;
  set({ kind, supply: kind === "ground" && !leadsBack.value ? null : stays });
}
const setFeed = (to: string): void => {
  const next = FEED_CLASSES.find((one) => one === to);
  if (next === undefined) set({ supply: null });
  else setSupply({ feed: next });
};
/** What was written into the name goes where it belongs. */
function spread(): void {
  const { name, place, supply } = point.value;
  if (!feeds.value || !/,|\d\s*a(mp|\b)/i.test(name)) return;
  const read = readSupply(name, (feed.value ?? "battery") as FeedClass);
  set({ name: read.name, place: place === "" ? read.place : place });
  const amps = read.supply.fuse?.amps ?? null;
  if (amps !== null) setSupply({ fuse: { fitted: supply?.fuse?.fitted ?? false, amps } });
}
const setFuse = (patch: Partial<Fuse>): void =>
  setSupply({ fuse: { amps: null, fitted: false, ...fuse.value, ...patch } });
const numberOf = (text: string): number | null => {
  const value = Number(text.replace(/^m/i, "").replace(",", "."));
  return text.trim() !== "" && value > 0 && value <= 1000 ? value : null;
};
const valueOf = (event: Event): string => (event.target as HTMLInputElement).value;
const before = computed(() => [
  { value: NOTHING, label: "not recorded" },
  ...props.points
    .filter((one) => one.id !== point.value.id && feedOf(one) !== null && feedOf(one) !== "ground")
    .map((one) => ({ value: one.id as string, label: pointLabel(one) })),
]);
const switches = [
  { value: NOTHING, label: "nothing" },
  ...INTERLOCKS.map((value) => ({ value: value as string, label: `a ${value} switch` })),
];
</script>

<template>
  <div class="fields">
    <div class="two">
      <div class="field">
        <label :for="`${uid}-name`">Name</label
        ><input
          :id="`${uid}-name`"
          v-take-focus
          :autofocus="focus"
          class="inp"
          :value="point.name"
          maxlength="120"
          :placeholder="point.kind === 'ground' ? 'G3, left sill' : 'F22, 5 A, kick panel'"
          @input="set({ name: valueOf($event) })"
          @change="spread"
        />
      </div>
      <div v-if="kinds.length > 1" class="field">
        <span :id="`${uid}-kind`" class="label">Kind</span
        ><Select
          :model-value="point.kind"
          :options="kinds"
          option-label="label"
          option-value="value"
          :aria-labelledby="`${uid}-kind`"
          @update:model-value="setKind"
        />
      </div>
    </div>
    <div class="two">
      <div class="field">
        <label :for="`${uid}-place`">Where it is found</label
        ><input
          :id="`${uid}-place`"
          class="inp"
          :value="point.place"
          maxlength="120"
          @input="set({ place: valueOf($event) })"
        />
      </div>
      <div v-if="hasFeed" class="field">
        <span :id="`${uid}-gives`" class="label">{{
          point.kind === "ground" ? "Ground for" : "Live"
        }}</span><Select
          :model-value="feed ?? NOTHING"
          :options="classes"
          option-label="label"
          option-value="value"
          :aria-labelledby="`${uid}-gives`"
          @update:model-value="setFeed"
        />
      </div>
    </div>
    <div v-if="hasFeed && feed !== null && !leadsBack" class="two">
      <div class="field">
        <label :for="`${uid}-amps`">Fuse, A (empty: none)</label
        ><input
          :id="`${uid}-amps`"
          class="inp"
          inputmode="decimal"
          :value="fuse?.amps ?? ''"
          maxlength="6"
          @change="
            valueOf($event).trim() === ''
              ? setSupply({ fuse: null })
              : setFuse({ amps: numberOf(valueOf($event)) })
          "
        /><label v-if="fuse" class="tick"
          ><input
            type="checkbox"
            :checked="fuse.fitted"
            @change="setFuse({ fitted: ($event.target as HTMLInputElement).checked })"
          />
          its fuse is in already</label
        >
      </div>
      <div class="field">
        <span :id="`${uid}-behind`" class="label">Taken from, in front of its fuse</span
        ><Select
          :model-value="point.supply?.behind ?? NOTHING"
          :options="before"
          option-label="label"
          option-value="value"
          :aria-labelledby="`${uid}-behind`"
          @update:model-value="setSupply({ behind: $event === NOTHING ? null : $event })"
        />
      </div>
    </div>
    <div v-if="trunkable" class="two">
      <label class="tick"
        ><input
          type="checkbox"
          :checked="trunk !== null"
          @change="
            setSupply({
              trunk: ($event.target as HTMLInputElement).checked ? { size: null, length: null } : null,
            })
          "
        />
        a new wire leads to it, with branches</label
      >
      <div v-if="trunk" class="trunk">
        <label :for="`${uid}-size`">mm²</label
        ><input
          :id="`${uid}-size`"
          class="inp"
          inputmode="decimal"
          :value="trunk.size ?? ''"
          maxlength="6"
          @change="setSupply({ trunk: { ...trunk, size: numberOf(valueOf($event)) } })"
        /><label :for="`${uid}-length`">Length, m</label
        ><input
          :id="`${uid}-length`"
          class="inp"
          inputmode="decimal"
          :value="trunk.length === null ? '' : trunk.length / 1000"
          maxlength="6"
          @change="setSupply({ trunk: { ...trunk, length: metresIn(valueOf($event)) } })"
        />
      </div>
    </div>
    <div v-if="point.kind === 'stud' || point.kind === 'ground' || feed === 'start'" class="two">
      <div v-if="point.kind === 'stud' || point.kind === 'ground'" class="field">
        <label :for="`${uid}-thread`">Thread, mm (M6 is 6)</label
        ><input
          :id="`${uid}-thread`"
          class="inp"
          :value="point.thread ?? ''"
          maxlength="6"
          @change="set({ thread: numberOf(valueOf($event)) })"
        />
      </div>
      <div v-if="feed === 'ground' || feed === 'start'" class="field">
        <span :id="`${uid}-through`" class="label">Comes through</span
        ><Select
          :model-value="point.supply?.through ?? NOTHING"
          :options="switches"
          option-label="label"
          option-value="value"
          :aria-labelledby="`${uid}-through`"
          @update:model-value="setSupply({ through: $event === NOTHING ? null : $event })"
        />
      </div>
    </div>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 12px;
}
.field {
  align-content: start;
}
.trunk {
  display: grid;
  grid-template-columns: auto 1fr auto 1fr;
  gap: 8px;
  align-items: center;
}
.tick {
  display: flex;
  gap: 6px;
  align-items: center;
  margin-top: 4px;
  font: 500 14px/18px var(--f-label);
}
</style>
