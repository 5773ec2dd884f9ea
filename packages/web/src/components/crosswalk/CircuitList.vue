<script setup lang="ts">
/** The rows of the crosswalk; only those in sight are drawn. Over them, on request, what joining by colour would have done. */
import { useElementSize } from "@vueuse/core";
import { useVirtualizer } from "@tanstack/vue-virtual";
import { computed, nextTick, ref, watch } from "vue";
import {
  indexPins,
  leadOf,
  type ColourJoin,
  type ColourOutcome,
  type Dossier,
  type PinId,
  type CircuitRow,
} from "@trevin/core";
import { ROW_HEIGHT, rowHeight } from "./rowHeight.ts";
import CircuitLine from "./CircuitLine.vue";

const props = defineProps<{
  rows: readonly CircuitRow[];
  selected: string | null;
  marked: ReadonlySet<string>;
  several: boolean;
  narrow: boolean;
  verdict: readonly ColourJoin[] | null;
  dossier: Dossier;
  shared: ReadonlySet<string>;
}>();
const emit = defineEmits<{
  select: [row: CircuitRow];
  mark: [row: CircuitRow];
  extend: [row: CircuitRow];
  take: [];
}>();

const list = ref<HTMLElement | null>(null);
const virtual = useVirtualizer(
  computed(() => ({
    count: props.rows.length,
    getScrollElement: () => list.value,
    estimateSize: (index: number) => {
      const row = props.rows[index];
      return row === undefined ? ROW_HEIGHT : rowHeight(row);
    },
    getItemKey: (index: number) => props.rows[index]?.key ?? index,
    overscan: 8,
  })),
);
watch(
  () => props.rows.map(rowHeight).join(),
  () => virtual.value.measure(),
);
const shown = computed(() =>
  virtual.value.getVirtualItems().flatMap((item) => {
    const row = props.rows[item.index];
    return row === undefined ? [] : [{ row, start: item.start, size: item.size }];
  }),
);
const active = computed(() => props.rows.find((row) => row.key === props.selected));
watch(
  () => props.selected,
  () =>
    void nextTick(() => {
      const index = props.rows.findIndex((row) => row.key === props.selected);
      if (index >= 0) virtual.value.scrollToIndex(index, { align: "auto" });
    }),
);
function click(event: MouseEvent, row: CircuitRow): void {
  if (event.shiftKey) emit("extend", row);
  else if (event.ctrlKey || event.metaKey) emit("mark", row);
  else emit("select", row);
}
const name = (row: CircuitRow): string => `row-${row.key}`;

const pins = computed(() => indexPins(props.dossier));
const label = (id: PinId): string => {
  const placed = pins.value.get(id);
  if (placed === undefined) return "";
  return props.several ? `${placed.connector.name} ${placed.pin.cavity}` : placed.pin.cavity;
};
const OUTCOMES: Readonly<Record<ColourOutcome, string>> = {
  works: "works",
  dead: "stays dead",
  damage: "does damage",
};
const joinOf = computed(() => new Map((props.verdict ?? []).map((join) => [join.vehicle, join])));
function byColour(row: CircuitRow): string {
  if (props.verdict === null) return "";
  const join = joinOf.value.get(leadOf(row)?.pin.id as PinId);
  if (join === undefined) return row.vehicle.length > 0 ? "no such colour" : "–";
  return `to ${label(join.incoming)}: ${OUTCOMES[join.outcome]}`;
}

/** The joins that a hand would make by colour, as lines from wire to wire over the rows. */
const { width } = useElementSize(list);
const lines = computed(() => {
  if (props.verdict === null || width.value === 0) return [];
  const at = new Map<PinId, number>();
  const starts: number[] = [];
  props.rows.reduce((top, row) => {
    starts.push(top);
    return top + rowHeight(row);
  }, 0);
  props.rows.forEach((row, i) => {
    for (const side of [row.vehicle, row.incoming])
      side.forEach(({ pin }, k) =>
        at.set(pin.id, (starts[i] ?? 0) + ((k + 0.5) * rowHeight(row)) / side.length),
      );
  });
  const middle = list.value?.querySelector(".link");
  const box = list.value?.getBoundingClientRect();
  if (middle === null || middle === undefined || box === undefined) return [];
  const { left, right } = middle.getBoundingClientRect();
  const [from, to] = [left - box.left - 4, right - box.left + 4];
  return props.verdict.flatMap((join) => {
    const [a, b] = [at.get(join.vehicle), at.get(join.incoming)];
    return a === undefined || b === undefined
      ? []
      : [
          {
            key: join.vehicle,
            outcome: join.outcome,
            d: `M${from} ${a}C${(from + to) / 2} ${a} ${(from + to) / 2} ${b} ${to} ${b}`,
          },
        ];
  });
});
</script>

<template>
  <div
    ref="list"
    class="list"
    role="listbox"
    aria-label="Circuits"
    tabindex="0"
    aria-multiselectable="true"
    :aria-activedescendant="active ? name(active) : undefined"
    @keydown.enter.prevent.stop="emit('take')"
  >
    <div class="body" role="presentation" :style="{ height: `${virtual.getTotalSize()}px` }">
      <div
        v-for="{ row, start, size } in shown"
        :id="name(row)"
        :key="row.key"
        class="item"
        role="option"
        :aria-selected="row.key === selected || marked.has(row.key)"
        :style="{ transform: `translateY(${start}px)`, height: `${size}px` }"
        @click="click($event, row)"
      >
        <CircuitLine
          :shared="shared"
          :row="row"
          :selected="row.key === selected"
          :marked="marked.has(row.key)"
          :several="several"
          :narrow="narrow"
          :by-colour="byColour(row)"
          @mark="emit('mark', row)"
        />
      </div>
      <svg
        v-if="lines.length"
        class="over"
        :width="width"
        :height="virtual.getTotalSize()"
        aria-hidden="true"
      >
        <path v-for="line in lines" :key="line.key" :d="line.d" :class="line.outcome" />
      </svg>
    </div>
    <p v-if="rows.length === 0" class="nothing mut">No circuits match. Choose another list above.</p>
  </div>
</template>

<style scoped>
.list {
  flex: 1;
  overflow: auto;
  min-height: 0;
  position: relative;
}
.list:focus-visible {
  outline-offset: -2px;
}
.body {
  position: relative;
}
.item {
  position: absolute;
  left: 0;
  right: 0;
  top: 0;
}
.over {
  position: absolute;
  left: 0;
  top: 0;
  pointer-events: none;
}
.over path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
}
.over .dead {
  stroke-dasharray: 2 5;
  stroke-linecap: round;
}
.over .damage {
  stroke: var(--stop-ink);
  stroke-width: 3;
  stroke-dasharray: 6 3;
}
.nothing {
  padding: 28px 8px;
}
@media (max-width: 1000px) {
  .list {
    flex: none;
    max-height: 72vh;
  }
}
</style>
