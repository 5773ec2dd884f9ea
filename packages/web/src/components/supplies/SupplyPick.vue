<script setup lang="ts">
/** What a pin or a terminal hangs on: a supply or ground point of the job, or a new one with everything that is known of it. */
import Select from "primevue/select";
import { computed } from "vue";
import {
  feedOf,
  isReturn,
  joinPointId,
  polarityOf,
  SIGNAL_WORDS,
  supplyWords,
  type FeedClass,
  type JoinPoint,
  type JoinPointId,
} from "@trevin/core";
import { newSupply } from "./newSupply.ts";
import PointFields from "./PointFields.vue";

const props = defineProps<{
  points: readonly JoinPoint[];
  feed: FeedClass;
  labelledby: string;
  /** A wire that can be branched instead, by its key and its words. */
  wires?: readonly { readonly key: string; readonly words: string }[];
}>();
const supply = defineModel<JoinPointId | null>("supply", { required: true });
/** The new point, while it is one. */
const made = defineModel<JoinPoint | null>("made", { required: true });
/** The wire to branch, while it is one. */
const wire = defineModel<string | null>("wire", { default: null });

const NEW = "new";
const leadsBack = computed(() => isReturn(props.feed));
const options = computed(() => {
  const rank = (point: JoinPoint): number => (feedOf(point) === props.feed ? 0 : 1);
  const points = props.points
    .filter((point) => polarityOf(point) === (leadsBack.value ? "ground" : "supply"))
    .sort((a, b) => rank(a) - rank(b))
    .map((point) => {
      const given = feedOf(point);
      const other = given === null ? "not known" : SIGNAL_WORDS[given];
      return {
        value: point.id as string,
        label: given === props.feed ? supplyWords(point) : `${supplyWords(point)} · ${other}`,
      };
    });
  return [
    ...points,
    ...(props.wires ?? []).map(({ key, words }) => ({ value: key, label: `branch off ${words}` })),
    { value: NEW, label: leadsBack.value ? "a new ground point…" : "a new supply…" },
  ];
});
const value = computed(() => (made.value === null ? (wire.value ?? supply.value) : NEW));
function pick(to: string): void {
  const branched = props.wires?.some(({ key }) => key === to) === true;
  wire.value = branched ? to : null;
  if (to !== NEW) {
    made.value = null;
    supply.value = branched ? null : joinPointId(to);
    return;
  }
  made.value = newSupply(props.feed);
  supply.value = null;
}
function change(point: JoinPoint): void {
  made.value = point;
  supply.value = point.name.trim() === "" ? null : point.id;
}
</script>

<template>
  <div class="pick">
    <Select
      :model-value="value"
      :options="options"
      option-label="label"
      option-value="value"
      placeholder="choose a place…"
      :aria-labelledby="labelledby"
      @update:model-value="pick"
    />
    <PointFields
      v-if="made"
      :point="made"
      :points="points"
      :kinds="[leadsBack ? 'ground' : 'supply']"
      focus
      @update:point="change"
    />
  </div>
</template>

<style scoped>
.pick {
  display: grid;
  gap: 10px;
}
</style>
