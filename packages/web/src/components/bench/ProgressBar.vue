<script setup lang="ts">
/** One box per step, in groups; the present one framed. */
import { useElementSize } from "@vueuse/core";
import { computed, ref } from "vue";

interface Box {
  readonly id: string;
  readonly state: "open" | "done" | "skipped";
}
const props = defineProps<{
  groups: readonly { readonly id: string; readonly title: string; readonly boxes: readonly Box[] }[];
  current: string | null;
  titles: boolean;
}>();
const total = computed(() => props.groups.reduce((sum, group) => sum + group.boxes.length, 0));
const done = computed(() =>
  props.groups.reduce((sum, group) => sum + group.boxes.filter((box) => box.state !== "open").length, 0),
);

const bar = ref<HTMLElement | null>(null);
const { width } = useElementSize(bar);
const GAP = 10;
/** Of a letter of the names, px. */
const LETTER = 7.4;
/** The names that have room over their own boxes; the present one always, and nothing under it. */
const named = computed<ReadonlySet<string>>(() => {
  const room = width.value - GAP * (props.groups.length - 1);
  let x = 0;
  const places = props.groups.map((group) => {
    const span = (room * group.boxes.length) / Math.max(1, total.value);
    const place = { group, x, span, text: group.title.length * LETTER };
    x += span + GAP;
    return place;
  });
  const own = places.find(({ group }) => group.boxes.some((box) => box.id === props.current));
  return new Set(
    places.flatMap((place) => {
      const isUnder = own !== undefined && place.x > own.x && place.x < own.x + own.text + GAP;
      return place === own || (place.text <= place.span && !isUnder) ? [place.group.id] : [];
    }),
  );
});
</script>

<template>
  <div
    ref="bar"
    class="bar"
    role="progressbar"
    :aria-valuenow="done"
    aria-valuemin="0"
    :aria-valuemax="total"
    aria-label="Steps done"
  >
    <div
      v-for="group in groups"
      :key="group.id"
      class="group"
      :class="{ on: group.boxes.some((box) => box.id === current) }"
      :style="{ flexGrow: group.boxes.length }"
    >
      <div class="boxes">
        <i v-for="box in group.boxes" :key="box.id" :class="[box.state, { now: box.id === current }]" />
      </div>
      <span v-if="titles" class="lab">{{ named.has(group.id) ? group.title : "" }}</span>
    </div>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  gap: 10px;
}
.group {
  min-width: 0;
  flex-basis: 0;
}
.boxes {
  display: flex;
  gap: 2.5px;
  height: 22px;
  align-items: center;
}
i {
  flex: 1;
  min-width: 2px;
  height: 12px;
  border: 1px solid var(--rule2);
}
i.done {
  background: var(--ink);
  border-color: var(--ink);
}
i.skipped {
  background: repeating-linear-gradient(90deg, var(--ink) 0 2px, transparent 2px 4px);
}
i.now {
  height: 22px;
  border: 3px solid var(--ink);
  background: var(--sheet);
  min-width: 9px;
}
span {
  display: block;
  margin-top: 2px;
  min-height: 16px;
  white-space: nowrap;
  color: var(--ink2);
}
.on span {
  color: var(--ink);
  font-weight: 600;
}
@media (max-width: 900px) {
  .bar {
    gap: 5px;
  }
}
</style>
