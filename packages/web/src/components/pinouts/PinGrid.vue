<script setup lang="ts">
/**
 * A connector's pin table as a spreadsheet: only the rows in sight are drawn, the grid itself holds the keyboard focus, and
 * one field at a time is open for typing.
 */
import { useMediaQuery } from "@vueuse/core";
import { computed, nextTick, ref, watch } from "vue";
import { useVirtualizer } from "@tanstack/vue-virtual";
import {
  likelyClass,
  readFunction,
  twinMarks,
  type Connector,
  type OwnWord,
  type Pin,
  type PinId,
  type Source,
  type SourceId,
} from "@trevin/core";
import { COLUMNS, type Column } from "../../grid/cells.ts";
import { gridLine } from "../../grid/gridLine.ts";
import { connectorHabit } from "../../grid/colours.ts";
import { rowsOf, type Filter, type Sorting } from "../../grid/rows.ts";
import { gridTemplate } from "../../grid/widths.ts";
import { ROW, useGridKeys } from "../../grid/useGridKeys.ts";
import { useOffers } from "../../grid/useOffers.ts";
import { usePinGrid } from "../../grid/usePinGrid.ts";
import { NEW } from "../../grid/gridTypes.ts";
import GridHead from "./GridHead.vue";
import OfferList from "./OfferList.vue";
import PinRow from "./PinRow.vue";

const props = defineProps<{
  connector: Connector;
  selected: PinId | null;
  frozen: boolean;
  words: readonly OwnWord[];
  sources: ReadonlyMap<SourceId, Source>;
  source: SourceId | null;
  filter: Filter;
  text: string;
  hidden: readonly Column[];
}>();
const emit = defineEmits<{
  select: [pin: PinId];
  range: [pins: readonly Pin[]];
  put: [pins: readonly Pin[]];
  remove: [pins: readonly PinId[]];
  paste: [text: string];
  learn: [word: OwnWord];
  shown: [count: number];
}>();

const sorting = ref<Sorting | null>(null);
const columns = computed(() => COLUMNS.filter((column) => !props.hidden.includes(column)));
/** On a phone the drawn wire stands for its colour in words. */
const isPhone = useMediaQuery("(max-width: 620px)");
const template = computed(() => gridTemplate(columns.value, isPhone.value));
const marks = computed(() => twinMarks(props.connector));
const habit = computed(() => connectorHabit(props.connector));
const rows = computed(() =>
  rowsOf(
    props.connector,
    { text: props.text, filter: props.filter, sorting: sorting.value },
    { marks: marks.value, sources: props.sources, words: props.words },
  ),
);
const sourceSystem = computed(() => {
  const system = props.source === null ? null : (props.sources.get(props.source)?.colourSystem ?? null);
  return system === props.connector.colourSystem ? null : system;
});
const grid = usePinGrid({
  connector: () => props.connector,
  rows,
  columns,
  frozen: () => props.frozen,
  typing: () => ({ source: props.source, sourceSystem: sourceSystem.value }),
  put: taken,
  remove: (pins) => emit("remove", pins),
});
const { selection, editing, active } = grid;
watch(
  () => rows.value.length,
  (count) => emit("shown", count),
  { immediate: true },
);

/** A signal set by hand for a text that was not understood is learned. */
function taken(pins: readonly Pin[]): void {
  const [pin] = pins;
  const byHand = pins.length === 1 && active.value.column === "signal";
  // Learned first, so that undo takes the pin back first.
  if (
    byHand &&
    pin !== undefined &&
    pin.function !== "" &&
    pin.signal !== null &&
    pin.signal !== "unknown" &&
    likelyClass(readFunction(pin.function, props.words)) === "unknown"
  )
    emit("learn", { text: pin.function, term: null, signal: pin.signal });
  emit("put", pins);
}

const scroller = ref<HTMLElement | null>(null);
const box = ref<HTMLElement | null>(null);
/** The one field that is open; not reactive, since it is set while drawing. */
let field: HTMLInputElement | null = null;
const keepField = (element: unknown): void => {
  field = element instanceof HTMLInputElement ? element : null;
};
const virtual = useVirtualizer(
  computed(() => ({
    count: grid.extent.value.rows,
    getScrollElement: () => scroller.value,
    estimateSize: () => ROW,
    overscan: 10,
    scrollMargin: 0,
    scrollPaddingStart: ROW,
  })),
);

const lines = computed(() =>
  virtual.value
    .getVirtualItems()
    .map(({ index, start }) =>
      gridLine(
        { index, start },
        rows.value[index],
        grid,
        props.connector,
        habit.value,
        marks.value,
        props.words,
      ),
    ),
);
const isActive = (row: number, column: number): boolean =>
  selection.value.at.row === row && selection.value.at.column === column;

const offering = useOffers(grid, () => field);
const { picked, offers, place, take } = offering;
const cellId = (row: number, column: number): string => `cell-${row}-${column}`;
function takeOffer(index: number): void {
  take(index);
  grid.enter();
  back();
}

function reveal(): void {
  if (selection.value.at.row < grid.extent.value.rows)
    virtual.value.scrollToIndex(selection.value.at.row, { align: "auto" });
  void nextTick(() =>
    document
      .getElementById(cellId(selection.value.at.row, selection.value.at.column))
      ?.scrollIntoView({ block: "nearest", inline: "nearest" }),
  );
}
watch(selection, () => {
  reveal();
  const pin = rows.value[selection.value.at.row];
  if (pin !== undefined && pin.id !== props.selected) emit("select", pin.id);
  emit("range", grid.chosen());
});
watch(
  () => props.selected,
  (id) => {
    const row = rows.value.findIndex((pin) => pin.id === id);
    if (row >= 0 && row !== selection.value.at.row) grid.select({ row, column: selection.value.at.column });
  },
);
watch(
  () => props.connector.id,
  () => grid.select({ row: 0, column: 0 }),
);

async function open(text?: string): Promise<void> {
  grid.edit(text);
  await nextTick();
  const input = field as HTMLInputElement | null;
  if (input === null) return;
  input.focus();
  if (editing.value?.caret === true) input.select();
  else input.setSelectionRange(input.value.length, input.value.length);
}
const back = (): void => box.value?.focus({ preventScroll: true });

/** The user's own words stay, and mean the picked term from now on. */
function mean(): void {
  const offer = offers.value[Math.max(0, picked.value)];
  const own = editing.value?.text ?? "";
  if (offer?.thing && active.value.column === "function")
    emit("learn", { text: own, term: offer.thing.name, signal: offer.thing.signal });
  void nextTick(() => {
    grid.enter();
    back();
  });
}

/** Leaving the grid stores what was typed, the new line included. */
function onBlur(event: FocusEvent): void {
  if (event.relatedTarget instanceof Node && box.value?.contains(event.relatedTarget)) return;
  if (grid.commit()) grid.commitNew();
}
const { onTyping, onKey, onCopy, onPaste } = useGridKeys(grid, offering, {
  box: () => box.value,
  height: () => scroller.value?.clientHeight ?? 300,
  frozen: () => props.frozen,
  open,
  back,
  mean,
  paste: (text) => emit("paste", text),
});
let dragging = false;
function down(event: MouseEvent, row: number, column: number): void {
  if (event.target === field) return;
  event.preventDefault();
  const again = isActive(row, column) && event.detail >= 2;
  if (!grid.commit()) return;
  if (active.value.row === NEW && row !== selection.value.at.row) grid.commitNew();
  grid.select({ row, column }, event.shiftKey);
  back();
  dragging = !again;
  if (again) void open();
}
function over(row: number, column: number): void {
  if (dragging) grid.select({ row, column }, true);
}
defineExpose({
  focus: (cell?: { row: number; column: Column }) => {
    if (cell !== undefined)
      grid.select({ row: cell.row, column: Math.max(0, columns.value.indexOf(cell.column)) });
    back();
  },
  fill: grid.fill,
  doubt: grid.doubt,
  identify: grid.identify,
  removeRows: grid.removeRows,
});
</script>

<template>
  <div ref="scroller" class="scroller" @mouseup="dragging = false" @mouseleave="dragging = false">
    <div
      ref="box"
      class="grid"
      role="grid"
      tabindex="0"
      :aria-label="`Pins of ${connector.name}`"
      :aria-rowcount="grid.extent.value.rows + 1"
      :aria-colcount="columns.length + 3"
      aria-multiselectable="true"
      :aria-activedescendant="cellId(selection.at.row, selection.at.column)"
      @keydown="onKey"
      @copy="onCopy"
      @cut="onCopy"
      @paste="onPaste"
      @focusout="onBlur"
    >
      <GridHead v-model:sorting="sorting" :columns="columns" :template="template" />
      <div class="body" role="presentation" :style="{ height: `${virtual.getTotalSize()}px` }">
        <PinRow
          v-for="line in lines"
          :key="line.id"
          :line="line"
          :grid="grid"
          :columns="columns"
          :template="template"
          :connector="connector"
          :sources="sources"
          :offered="offers.length > 0"
          :picked="picked"
          :hint="rows.length === 0 ? 'type here, or paste a table' : ''"
          :keep-field="keepField"
          @down="(event, column) => down(event, line.index, column)"
          @over="over(line.index, $event)"
          @typing="onTyping"
        />
      </div>
    </div>
  </div>
  <OfferList
    :offers="offers"
    :picked="picked"
    :place="place"
    :functions="active.column === 'function'"
    @take="takeOffer"
  />
  <p v-if="grid.complaint.value" class="bad" role="alert">
    “{{ grid.complaint.value.text }}”: {{ grid.complaint.value.why }}. Your text is kept;
    <kbd>Esc</kbd> restores the old value.
  </p>
</template>

<style scoped>
.scroller {
  overflow: auto;
  max-height: calc(100vh - 268px);
  min-height: 96px;
  position: relative;
  border-bottom: 1px solid var(--ink);
}
.grid {
  outline: none;
  min-width: 100%;
  width: max-content;
  display: grid;
}
.grid:focus :deep(.cell.at) {
  border-color: var(--ink);
  box-shadow: inset 0 0 0 1px var(--ink);
}
.body {
  position: relative;
  min-width: 100%;
}
</style>
