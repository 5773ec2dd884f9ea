<script setup lang="ts">
/** The steps by place and circuit. Long lists fold circuits that are not being looked at; steps are dragged to another place or moved by keys. */
import Sortable, { type SortableEvent } from "sortablejs";
import { computed, nextTick, onBeforeUnmount, ref, watch, watchEffect } from "vue";
import {
  kitKey,
  type Group,
  type KitItem,
  type PinId,
  type PlacedPin,
  type PlanDifference,
  type StepId,
} from "@trevin/core";
import type { ShownStep } from "../../composables/usePlan.ts";
import DrawnWire from "../parts/DrawnWire.vue";
import StepLine from "./StepLine.vue";

type ShownGroup = Group & { readonly shown: readonly ShownStep[] };
const props = defineProps<{
  groups: readonly ShownGroup[];
  selected: StepId | null;
  difference: PlanDifference | null;
  evenings: readonly StepId[];
  waiting: ReadonlyMap<StepId, readonly KitItem[]>;
  placed: (id: PinId | null) => PlacedPin | null;
  printing: boolean;
}>();
const emit = defineEmits<{ pick: [step: StepId]; drop: [step: StepId, after: StepId | null] }>();

/** Lists of more steps than this are folded by circuit. */
const LONG = 150;
const long = computed(() => props.groups.reduce((sum, group) => sum + group.shown.length, 0) > LONG);
const opened = ref<ReadonlySet<string>>(new Set());
const isOpen = (group: ShownGroup): boolean =>
  props.printing ||
  !long.value ||
  group.stage !== "wire" ||
  opened.value.has(group.id) ||
  group.shown.some(({ step }) => step.id === props.selected);
const fold = (id: string): void => {
  const next = new Set(opened.value);
  if (!next.delete(id)) next.add(id);
  opened.value = next;
};

const added = computed(() => new Set(props.difference?.added.map(({ id }) => id)));
const moved = computed(() => new Set(props.difference?.moved));
const changed = computed(() => new Set(props.difference?.changed));
const markOf = (id: StepId): "new" | "moved" | "changed" | null => {
  if (added.value.has(id)) return "new";
  if (changed.value.has(id)) return "changed";
  return moved.value.has(id) ? "moved" : null;
};
const ends = computed(() => new Set(props.evenings));
const twinsOf = (shown: ShownStep): readonly string[] =>
  shown.step.twins.flatMap((id) => props.placed(id)?.pin.cavity ?? []);
const waitsFor = (group: ShownGroup): string => {
  const items = new Map(
    group.shown.flatMap(({ step }) =>
      (props.waiting.get(step.id) ?? []).map((item) => [kitKey(item), item] as const),
    ),
  );
  const [first] = items.values();
  return first === undefined
    ? ""
    : `waits for ${first.what}${items.size > 1 ? ` and ${items.size - 1} more` : ""}`;
};
const wiresOf = (group: ShownGroup): readonly ShownStep[] =>
  [
    ...new Map(
      group.shown.filter(({ step }) => step.wire !== null).map((shown) => [shown.step.wire, shown]),
    ).values(),
  ].slice(0, 4);

const root = ref<HTMLElement | null>(null);
/** Bumped after a drop, so that the list is drawn from the plan again and not from where the hand let go. */
const drawn = ref(0);
let sortables: Sortable[] = [];
function dropped({ item, to, oldIndex, newIndex, from }: SortableEvent): void {
  const step = item.dataset["step"] as StepId | undefined;
  const before =
    item.previousElementSibling instanceof HTMLElement
      ? (item.previousElementSibling.dataset["step"] as StepId | undefined)
      : undefined;
  const firstOfAll = to.closest("section")?.previousElementSibling?.matches("section.group") !== true;
  if (step !== undefined && (from !== to || oldIndex !== newIndex)) {
    const group = props.groups.findIndex(({ id }) => id === to.dataset["group"]);
    const after = before ?? (firstOfAll ? null : (props.groups[group - 1]?.steps.at(-1) ?? null));
    emit("drop", step, after);
  }
  drawn.value++;
}
watchEffect(() => {
  void drawn.value;
  void props.groups;
  void opened.value;
  void nextTick(() => {
    sortables.forEach((one) => one.destroy());
    sortables = [...(root.value?.querySelectorAll<HTMLElement>("ol") ?? [])].map((list) =>
      Sortable.create(list, {
        group: "steps",
        draggable: "li",
        delay: 150,
        delayOnTouchOnly: true,
        animation: 0,
        onEnd: dropped,
      }),
    );
  });
});
onBeforeUnmount(() => sortables.forEach((one) => one.destroy()));
watch(
  () => props.selected,
  (id) =>
    nextTick(() =>
      root.value
        ?.querySelector(`[data-step="${CSS.escape(id ?? "")}"]`)
        ?.scrollIntoView({ block: "nearest" }),
    ),
);
</script>

<template>
  <div ref="root" :key="drawn">
    <section
      v-for="(group, i) in groups"
      :key="group.id"
      class="group"
      :class="[group.stage, { place: group.place !== groups[i - 1]?.place }]"
    >
      <h2 v-if="group.place && group.place !== groups[i - 1]?.place" class="where">{{ group.place }}</h2>
      <h3>
        <component
          :is="long && group.stage === 'wire' ? 'button' : 'span'"
          class="title"
          type="button"
          :aria-expanded="long && group.stage === 'wire' ? isOpen(group) : undefined"
          @click="long && group.stage === 'wire' && fold(group.id)"
        >
          {{ group.title
          }}<template v-if="!isOpen(group)"
            ><span class="mut lab"> {{ group.shown.length }} steps</span
            ><span v-for="shown in wiresOf(group)" :key="shown.step.id" class="thumb"
              ><DrawnWire :colour="shown.colour" :size="shown.size" :length="30" /></span
          ></template>
        </component>
        <span v-if="waitsFor(group)" class="waits lab">{{ waitsFor(group) }}</span>
        <span class="min">{{ group.minutes }}</span>
      </h3>
      <ol v-if="isOpen(group)" :data-group="group.id">
        <StepLine
          v-for="shown in group.shown"
          :key="shown.step.id"
          :shown="shown"
          :selected="shown.step.id === selected"
          :mark="markOf(shown.step.id)"
          :twins="twinsOf(shown)"
          :evening="ends.has(shown.step.id)"
          @pick="emit('pick', shown.step.id)"
        />
      </ol>
    </section>
  </div>
</template>

<style scoped>
.group {
  border-bottom: 1px solid var(--rule2);
  padding-bottom: 2px;
}
.group.place {
  border-top: 2px solid var(--ink);
  margin-top: -1px;
}
.where {
  font: 600 20px/24px var(--f-label);
  padding-top: 6px;
}
.where::first-letter {
  text-transform: uppercase;
}
h3 {
  display: flex;
  gap: 12px;
  align-items: center;
  font: 600 17px/22px var(--f-label);
  padding-top: 4px;
}
.title {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  color: inherit;
  text-align: left;
  display: inline-flex;
  gap: 8px;
  align-items: center;
}
button.title {
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.thumb {
  width: 30px;
}
.waits {
  border-bottom: 2.5px dotted var(--ink);
  margin-left: auto;
}
.min {
  margin-left: auto;
  font: 700 15px/1 var(--f-text);
  min-width: 26px;
  text-align: right;
}
.waits + .min {
  margin-left: 0;
}
ol {
  min-height: 4px;
}
@media print {
  .group {
    page-break-inside: avoid;
  }
  button.title {
    text-decoration: none;
  }
}
</style>
