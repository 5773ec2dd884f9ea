<script setup lang="ts">
/**
 * A connector's pin table as a spreadsheet: only the rows in sight are drawn, the grid itself holds the keyboard focus, and
 * one field at a time is open for typing.
 */
import { computed, nextTick, ref, watch } from "vue";
import { useVirtualizer } from "@tanstack/vue-virtual";
import {
  blankPin,
  COLOUR_SYSTEM_NAMES,
  pinId,
  leastSure,
  pinSystem,
  readFunction,
  sourceWords,
  suggestTerms,
  surenessOf,
  twinMarks,
  type Connector,
  type Fact,
  type OwnWord,
  type Pin,
  type PinId,
  type Source,
  type SourceId,
  type Term,
} from "@trevin/core";
import DrawnWire from "../parts/DrawnWire.vue";
import { CELL_NAMES, COLUMN_TITLES, COLUMNS, signalsLike, type Column } from "../../grid/cells.ts";
import { connectorHabit, isDivided, readingOf, readingWords } from "../../grid/readings.ts";
import { rowsOf, type Filter, type Sorting } from "../../grid/rows.ts";
import { rangeOf, within } from "../../grid/selection.ts";
import { NEW, usePinGrid } from "../../grid/usePinGrid.ts";

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
  learn: [text: string, term: Term | null, signal: Pin["signal"]];
  shown: [count: number];
}>();

const WIDTHS: Readonly<Record<Column, string>> = {
  cavity: "54px",
  colour: "74px",
  function: "minmax(130px, 1fr)",
  signal: "104px",
  size: "48px",
  circuit: "66px",
  condition: "130px",
  note: "150px",
};
const ROW = 30;

const sorting = ref<Sorting | null>(null);
const columns = computed(() => COLUMNS.filter((column) => !props.hidden.includes(column)));
const template = computed(() =>
  [
    "24px",
    ...columns.value.flatMap((column) =>
      column === "colour" ? [WIDTHS[column], "190px"] : [WIDTHS[column]],
    ),
    "112px",
  ].join(" "),
);
const marks = computed(() => twinMarks(props.connector));
const habit = computed(() => connectorHabit(props.connector));
const rows = computed(() =>
  rowsOf(
    props.connector,
    { text: props.text, filter: props.filter, sorting: sorting.value },
    { marks: marks.value, sources: props.sources },
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
  typing: () => ({ words: props.words, source: props.source, sourceSystem: sourceSystem.value }),
  put: taken,
  remove: (pins) => emit("remove", pins),
});
const { selection, editing, active } = grid;
watch(
  () => rows.value.length,
  (count) => emit("shown", count),
  { immediate: true },
);

/** A signal that was set by hand for a text that the vocabulary does not know is learned as the user's own word. */
function taken(pins: readonly Pin[]): void {
  const [pin] = pins;
  const byHand = pins.length === 1 && active.value.column === "signal";
  // Learned first, so that undo takes the pin back first.
  if (
    byHand &&
    pin !== undefined &&
    pin.function !== "" &&
    pin.signal !== "unknown" &&
    readFunction(pin.function, props.words).term === null
  )
    emit("learn", pin.function, null, pin.signal);
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
const range = computed(() => rangeOf(selection.value));

const line = (index: number) => {
  const pin = rows.value[index];
  const colour = pin?.colour ?? grid.shown(NEW, "colour", undefined);
  // A colour typed for a new cavity is drawn at once.
  const wire = colour === "" ? null : (pin ?? { ...blankPin(pinId(NEW), "", 0), colour });
  const reading = wire === null ? null : readingOf(wire, props.connector, habit.value);
  return {
    id: grid.rowId(index),
    pin,
    wire,
    reading,
    divided:
      wire !== null &&
      reading !== null &&
      wire.sources.colour !== "read-off" &&
      isDivided(reading, wire, props.connector),
    mark: pin === undefined ? undefined : marks.value.get(pin.id),
  };
};
const lines = computed(() =>
  virtual.value
    .getVirtualItems()
    .map((item) => ({ index: item.index, start: item.start, ...line(item.index) })),
);
const cellId = (row: number, column: number): string => `cell-${row}-${column}`;
const isOn = (row: number, column: number): boolean => within(range.value, { row, column });
const isActive = (row: number, column: number): boolean =>
  selection.value.at.row === row && selection.value.at.column === column;

const sureness = (pin: Pin | undefined, column: Column): string | undefined => {
  if (pin === undefined || column === "circuit" || column === "condition" || column === "note")
    return undefined;
  const sure = surenessOf(pin, column satisfies Fact, props.sources);
  return sure === "check" || sure === "guess" ? sure : undefined;
};
/** Sources of a pin in a few words: the one its values share, or how many there are. */
function fromWords(pin: Pin): string {
  const ids = [...new Set(Object.values(pin.sources))];
  const [only] = ids;
  if (only === undefined) return "";
  if (ids.length > 1) return `${ids.length} sources`;
  const source = props.sources.get(only);
  return source === undefined ? "" : sourceWords(source);
}
/** The word that stands for doubt in a row; empty where its values are sure or nobody said. */
const doubtWord = (pin: Pin): string => {
  const sure = leastSure(pin, props.sources);
  return sure === "check" || sure === "guess" ? sure : "";
};

const cellName = (index: number, pin: Pin | undefined, column: Column): string => {
  const text = grid.shown(pin?.id ?? NEW, column, pin);
  return `${CELL_NAMES[column]} of ${pin?.cavity ?? "a new cavity"}${text === "" ? "" : `, ${text}`}`;
};

/** What may be taken for what is being typed: terms of the vocabulary, or signal classes. */
const picked = ref(-1);
const offers = computed<
  readonly { readonly text: string; readonly aside: string; readonly term: Term | null }[]
>(() => {
  const text = editing.value?.text.trim() ?? "";
  if (editing.value === null || text === "") return [];
  if (active.value.column === "function")
    return suggestTerms(text, 7).map(({ text: full, term }) => ({ text: full, aside: term.signal, term }));
  if (active.value.column === "signal")
    return signalsLike(text)
      .slice(0, 7)
      .map((signal) => ({ text: signal, aside: "", term: null }));
  return [];
});
watch(offers, () => (picked.value = -1));
/** Where the offers stand: below the field, above it where the page ends. They are drawn over everything, so that no pane cuts them off. */
const place = ref({ left: 0, top: 0, width: 0, upward: false });
const OFFERS_HEIGHT = 260;
watch(
  offers,
  () => {
    if (offers.value.length === 0 || field === null) return;
    const { left, top, bottom, width } = field.getBoundingClientRect();
    const upward = bottom + OFFERS_HEIGHT > window.innerHeight && top > OFFERS_HEIGHT;
    place.value = { left: left - 6, top: upward ? top - 4 : bottom + 3, width: width + 12, upward };
  },
  { flush: "post" },
);

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

function take(index: number): void {
  const offer = offers.value[index];
  if (offer === undefined || editing.value === null) return;
  editing.value.text = offer.text;
}
/** The user's own words stay, and mean the picked term from now on. */
function mean(): void {
  const offer = offers.value[Math.max(0, picked.value)];
  const own = editing.value?.text ?? "";
  if (offer?.term && active.value.column === "function") emit("learn", own, offer.term, offer.term.signal);
  void nextTick(() => {
    grid.enter();
    back();
  });
}

function onTyping(event: KeyboardEvent): void {
  if (event.isComposing) return;
  const step = Number(event.key === "ArrowDown") - Number(event.key === "ArrowUp");
  if (step !== 0 && offers.value.length > 0) {
    event.preventDefault();
    picked.value = Math.min(Math.max(picked.value + step, -1), offers.value.length - 1);
  } else if (event.key === "Enter") {
    event.preventDefault();
    if (event.altKey) return mean();
    take(picked.value);
    grid.enter();
    if (editing.value === null) back();
  } else if (event.key === "Tab") {
    take(picked.value);
    if (grid.tab(event.shiftKey ? -1 : 1)) event.preventDefault();
    if (editing.value === null) back();
  } else if (event.key === "Escape") {
    event.preventDefault();
    grid.cancel();
    back();
  } else if (
    step !== 0 ||
    (editing.value?.caret === false && (event.key === "ArrowLeft" || event.key === "ArrowRight"))
  ) {
    event.preventDefault();
    if (grid.go(step, Number(event.key === "ArrowRight") - Number(event.key === "ArrowLeft"))) back();
  }
  event.stopPropagation();
}

/** Esc takes back what was typed; with nothing typed it leaves the table, and letters are shortcuts again. */
function leave(): void {
  if (grid.complaint.value === null) box.value?.blur();
  grid.cancel();
}

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowDown: [1, 0],
  ArrowUp: [-1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};
const FAR = 1_000_000;

function onKey(event: KeyboardEvent): void {
  if (event.target !== box.value || event.altKey) return;
  const control = event.ctrlKey || event.metaKey;
  if (run(event, control)) event.preventDefault();
}
function run(event: KeyboardEvent, control: boolean): boolean {
  const { key, shiftKey } = event;
  const arrow = ARROWS[key];
  const page = Math.max(1, Math.floor((scroller.value?.clientHeight ?? 300) / ROW) - 2);
  if (arrow !== undefined)
    return grid.go(arrow[0] * (control ? FAR : 1), arrow[1] * (control ? FAR : 1), shiftKey) || true;
  if (key === "PageDown" || key === "PageUp")
    return grid.go(key === "PageDown" ? page : -page, 0, shiftKey) || true;
  if (key === "Home" || key === "End") {
    const far = key === "Home" ? -FAR : FAR;
    return grid.go(control ? far : 0, far, shiftKey) || true;
  }
  if (key === "Tab") return grid.tab(shiftKey ? -1 : 1);
  if (key === "Enter") grid.enter();
  else if (key === "F2") void open();
  else if (key === "Escape") leave();
  else if (control && key === "Delete") {
    if (!props.frozen) grid.removeRows();
  } else if (key === "Delete" || key === "Backspace") grid.clear();
  else if (control && key.toLowerCase() === "d") grid.fill(shiftKey);
  else if (control && key.toLowerCase() === "a") grid.selectAll();
  else if (key === "'" && !control) grid.ditto();
  else if (key === " " && !control) grid.identify();
  else if (key.length === 1 && !control) void open(key);
  else return false;
  return true;
}
function onCopy(event: ClipboardEvent): void {
  if (editing.value !== null) return;
  event.preventDefault();
  event.clipboardData?.setData("text/plain", grid.copy());
  if (event.type === "cut") grid.clear();
}
function onPaste(event: ClipboardEvent): void {
  if (editing.value !== null) return event.stopPropagation();
  const text = event.clipboardData?.getData("text/plain") ?? "";
  if (text === "") return;
  event.preventDefault();
  event.stopPropagation();
  if (grid.belongsInCells(text)) grid.paste(text);
  else if (!props.frozen) emit("paste", text);
}
/** Leaving the grid stores what was typed, the new line included. */
function onBlur(event: FocusEvent): void {
  if (event.relatedTarget instanceof Node && box.value?.contains(event.relatedTarget)) return;
  if (grid.commit()) grid.commitNew();
}
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
const sortBy = (column: Column): void => {
  if (sorting.value?.column !== column) sorting.value = { column, down: false };
  else sorting.value = sorting.value.down ? null : { column, down: true };
};
const sortWord = (column: Column): "ascending" | "descending" | "none" => {
  if (sorting.value?.column !== column) return "none";
  return sorting.value.down ? "descending" : "ascending";
};

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
      <div class="row head" role="row" aria-rowindex="1" :style="{ gridTemplateColumns: template }">
        <span role="columnheader"><span class="sr">identified</span></span>
        <template v-for="column in columns" :key="column">
          <span role="columnheader" :aria-sort="sortWord(column)"
            ><button type="button" tabindex="-1" :class="{ num: column === 'size' }" @click="sortBy(column)">
              {{ COLUMN_TITLES[column]
              }}<i v-if="sorting?.column === column" aria-hidden="true">{{ sorting.down ? " ↓" : " ↑" }}</i>
            </button></span
          >
          <span v-if="column === 'colour'" role="columnheader">wire</span>
        </template>
        <span role="columnheader">source</span>
      </div>
      <div class="body" role="presentation" :style="{ height: `${virtual.getTotalSize()}px` }">
        <div
          v-for="{ index, start, id, pin, wire, reading, divided, mark } in lines"
          :key="id"
          class="row"
          role="row"
          :aria-rowindex="index + 2"
          :class="{ on: selection.at.row === index, new: id === NEW, empty: pin?.content === 'empty' }"
          :style="{ gridTemplateColumns: template, transform: `translateY(${start}px)` }"
        >
          <span
            class="tick"
            role="gridcell"
            :aria-label="
              pin === undefined
                ? 'no pin yet'
                : `${pin.cavity} ${pin.identified ? 'identified' : 'not identified'}`
            "
            >{{ pin?.identified ? "✓" : "" }}</span
          >
          <template v-for="(column, c) in columns" :key="column">
            <span
              :id="cellId(index, c)"
              role="gridcell"
              class="cell"
              :class="[
                column,
                sureness(pin, column),
                { in: isOn(index, c), at: isActive(index, c), wrong: grid.hasComplaint(id, column) },
              ]"
              :aria-selected="isOn(index, c)"
              :aria-label="cellName(index, pin, column)"
              @mousedown="down($event, index, c)"
              @mouseover="over(index, c)"
            >
              <input
                v-if="isActive(index, c) && editing !== null"
                :ref="keepField"
                v-model="editing.text"
                :aria-label="`${CELL_NAMES[column]} of ${pin?.cavity ?? 'a new cavity'}`"
                autocomplete="off"
                spellcheck="false"
                :aria-expanded="offers.length > 0"
                :aria-controls="offers.length > 0 ? 'grid-offers' : undefined"
                :aria-activedescendant="picked >= 0 ? `offer-${picked}` : undefined"
                role="combobox"
                @keydown="onTyping"
              />
              <template v-else-if="column === 'cavity'"
                ><b
                  class="cav"
                  :class="{
                    off: pin?.content === 'empty' || id === NEW,
                    hand: selection.at.row === index && id !== NEW,
                  }"
                  >{{ grid.shown(id, column, pin) || grid.suggestedLabel.value }}</b
                ></template
              >
              <template v-else
                >{{ grid.shown(id, column, pin)
                }}<span
                  v-if="id === NEW && column === 'function' && !grid.shown(id, column, pin)"
                  class="mut"
                  >{{ columns.length > 0 && rows.length === 0 ? "type here, or paste a table" : "" }}</span
                ></template
              >
            </span>
            <span v-if="column === 'colour'" class="wire" role="gridcell">
              <template v-if="wire && reading">
                <DrawnWire
                  :colour="reading.ok ? reading.value.colour : null"
                  :size="wire.size"
                  :length="56"
                />
                <span
                  class="words"
                  :class="{ divided, unread: !reading.ok }"
                  :title="readingWords(reading)"
                  >{{ divided ? "one colour or two?" : readingWords(reading) }}</span
                >
                <abbr
                  v-if="pinSystem(wire, connector) !== connector.colourSystem"
                  class="sys"
                  :title="`read as ${COLOUR_SYSTEM_NAMES[pinSystem(wire, connector)]}`"
                  >*</abbr
                >
              </template>
              <span v-else-if="pin?.content === 'empty'" class="mut">empty, never filled</span>
            </span>
          </template>
          <span class="source" role="gridcell">
            <template v-if="pin">
              <span class="from" :title="fromWords(pin)">{{ fromWords(pin) }}</span>
              <em v-if="doubtWord(pin)" :class="doubtWord(pin)">{{ doubtWord(pin) }}</em>
              <em
                v-else-if="mark"
                class="twin"
                :title="
                  mark === 'same'
                    ? 'another wire here has the same colour'
                    : 'another wire here is near in colour'
                "
                >{{ mark === "same" ? "twin" : "near" }}</em
              >
            </template>
          </span>
        </div>
      </div>
    </div>
  </div>
  <Teleport to="body">
    <ul
      v-if="offers.length > 0"
      id="grid-offers"
      class="offers"
      :class="{ upward: place.upward }"
      :style="{ left: `${place.left}px`, top: `${place.top}px`, minWidth: `${place.width}px` }"
      role="listbox"
      :aria-label="active.column === 'function' ? 'Functions' : 'Signal classes'"
    >
      <li
        v-for="(offer, o) in offers"
        :id="`offer-${o}`"
        :key="offer.text"
        role="option"
        :aria-selected="o === picked"
        :class="{ on: o === picked }"
        @mousedown.prevent.stop="
          take(o);
          grid.enter();
          back();
        "
      >
        <b>{{ offer.text }}</b><span>{{ offer.aside }}</span>
      </li>
      <li v-if="active.column === 'function'" class="hint" role="presentation">
        <kbd>↓</kbd><kbd>Enter</kbd> take it <kbd>Alt Enter</kbd> keep my words, mean the first
      </li>
    </ul>
  </Teleport>
  <p v-if="grid.complaint.value" class="bad" role="alert">
    “{{ grid.complaint.value.text }}”: {{ grid.complaint.value.why }}. What you typed is kept;
    <kbd>Esc</kbd> puts the old value back.
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
.body {
  position: relative;
  min-width: 100%;
}
.row {
  display: grid;
  height: 30px;
  border-bottom: 1px solid var(--rule);
  width: 100%;
  background: var(--bench);
}
.body .row {
  position: absolute;
  top: 0;
  left: 0;
}
.row.on {
  background: var(--sheet);
}
.head {
  position: sticky;
  top: 0;
  z-index: 4;
  border-bottom: 1px solid var(--ink);
  align-items: end;
  font: 500 14px/16px var(--f-label);
  color: var(--ink2);
}
.head > span {
  padding: 0 6px 4px 4px;
}
.head button {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  color: inherit;
  cursor: pointer;
  width: 100%;
  text-align: left;
}
.head button:hover {
  text-decoration: underline;
}
.head i {
  font-style: normal;
  color: var(--ink);
}
.head .num {
  text-align: right;
}
.row > span {
  min-width: 0;
  align-self: stretch;
  display: flex;
  align-items: center;
}
.cell {
  padding: 0 4px;
  position: relative;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  cursor: cell;
  border: 1.5px solid transparent;
}
.cell.in {
  background: var(--well);
}
.cell.at {
  border-color: var(--rule2);
  background: var(--sheet);
}
.grid:focus .cell.at,
.cell.at:focus-within {
  border-color: var(--ink);
  box-shadow: inset 0 0 0 1px var(--ink);
}
.cell.wrong {
  border-left: 6px solid var(--ink);
}
.cell.colour {
  font: 500 13.5px/1 var(--f-code);
}
.cell.function {
  font-weight: 650;
}
.cell.signal,
.cell.note,
.cell.condition {
  font: 500 15px/1 var(--f-label);
}
.cell.size,
.cell.circuit {
  font: 500 14px/1 var(--f-code);
  justify-content: flex-end;
}
.cell.check:not(.cavity) {
  text-decoration: underline dashed 2px;
  text-underline-offset: 4px;
}
.cell.guess:not(.cavity) {
  text-decoration: underline dotted 2px;
  text-underline-offset: 4px;
}
.empty .cell.function {
  font-weight: 400;
  color: var(--ink2);
}
.cell input {
  width: 100%;
  height: 100%;
  border: 0;
  outline: none;
  box-shadow: none;
  background: transparent;
  padding: 0;
  font: inherit;
  text-align: inherit;
  min-width: 0;
}
.cav {
  display: inline-grid;
  place-items: center;
  min-width: 32px;
  height: 23px;
  padding: 0 4px;
  border: 1.5px solid var(--ink);
  border-radius: 2px;
  background: var(--sheet);
  font: 700 15px/1 var(--f-code);
  letter-spacing: -0.02em;
}
.cav.off {
  border-style: dashed;
  border-color: var(--rule2);
  color: var(--ink2);
}
.cav.hand {
  background: var(--ink);
  color: var(--on-ink);
}
.tick {
  justify-content: center;
  font: 700 15px/1 var(--f-text);
}
.wire {
  white-space: nowrap;
  overflow: hidden;
  gap: 8px;
  padding-right: 4px;
}
.wire svg {
  flex: none;
}
.words {
  overflow: hidden;
  text-overflow: ellipsis;
  font-size: 13.5px;
}
.words.divided {
  border-bottom: 2px dotted var(--ink);
}
.words.unread {
  border-bottom: 2px dashed var(--ink);
}
.sys {
  text-decoration: none;
  font-weight: 700;
  cursor: help;
}
.source {
  gap: 6px;
  padding: 0 6px;
  font: 500 14px/16px var(--f-label);
  color: var(--ink2);
  overflow: hidden;
}
.from {
  flex: 1;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.source em {
  font-style: normal;
  color: var(--ink);
  flex: none;
}
.source .check {
  border-bottom: 2px dashed var(--ink);
}
.source .guess {
  border-bottom: 2px dotted var(--ink);
}
.source .twin {
  border-left: 3px double var(--ink);
  padding-left: 4px;
}
.offers {
  position: fixed;
  z-index: 1100;
  width: max-content;
  max-width: min(420px, 96vw);
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  border-radius: 2px;
  font: 400 14px/1.3 var(--f-text);
}
.offers.upward {
  transform: translateY(-100%);
}
.offers li {
  display: flex;
  justify-content: space-between;
  gap: 18px;
  padding: 5px 8px;
  cursor: pointer;
  white-space: nowrap;
}
.offers li span {
  color: var(--ink2);
  font: 500 14px/18px var(--f-label);
}
.offers li.on {
  background: var(--well);
  box-shadow: inset 4px 0 0 var(--ink);
}
.offers .hint {
  border-top: 1px solid var(--rule);
  gap: 6px;
  justify-content: flex-start;
  color: var(--ink2);
  font: 500 13px/18px var(--f-label);
  cursor: default;
}
.new .cell {
  color: var(--ink2);
}
.new .cell.in {
  color: var(--ink);
}
.mut {
  font-weight: 400;
}
</style>
