<script setup lang="ts">
/** One cavity of the pin table. */
import { computed } from "vue";
import { surenessOf, type Connector, type Fact, type Pin, type Source, type SourceId } from "@trevin/core";
import ReadText from "../parts/ReadText.vue";
import SourceCell from "./SourceCell.vue";
import WireCell from "./WireCell.vue";
import { CELL_NAMES, type Column } from "../../grid/cells.ts";
import type { GridLine } from "../../grid/gridLine.ts";
import { rangeOf, within } from "../../grid/selection.ts";
import { type PinGrid } from "../../grid/usePinGrid.ts";
import { NEW } from "../../grid/gridTypes.ts";

const props = defineProps<{
  line: GridLine;
  grid: PinGrid;
  columns: readonly Column[];
  template: string;
  connector: Connector;
  sources: ReadonlyMap<SourceId, Source>;
  /** Offers are listed below the open field, this one of them picked. */
  offered: boolean;
  picked: number;
  hint: string;
  keepField: (element: unknown) => void;
}>();
const emit = defineEmits<{
  down: [event: MouseEvent, column: number];
  over: [column: number];
  typing: [event: KeyboardEvent];
}>();

const index = computed(() => props.line.index);
const id = computed(() => props.line.id);
const pin = computed(() => props.line.pin);
const mark = computed(() => props.line.mark);
const selection = props.grid.selection;
const editing = props.grid.editing;
const range = computed(() => rangeOf(selection.value));
const isOn = (column: number): boolean => within(range.value, { row: index.value, column });
const isActive = (column: number): boolean =>
  selection.value.at.row === index.value && selection.value.at.column === column;
const sureness = (pin: Pin | undefined, column: Column): string | undefined => {
  if (pin === undefined || column === "circuit" || column === "condition" || column === "note")
    return undefined;
  const sure = surenessOf(pin, column satisfies Fact, props.sources);
  return sure === "check" || sure === "guess" ? sure : undefined;
};
const shown = (column: Column): string => props.grid.shown(id.value, column, pin.value);
/** What stands in a cell: what was typed, or the class that the words tell. */
const cellName = (column: Column): string => {
  const text = shown(column) || (column === "signal" ? props.line.readSignal : "");
  return `${CELL_NAMES[column]} of ${pin.value?.cavity ?? "a new cavity"}${text === "" ? "" : `, ${text}`}`;
};
</script>

<template>
  <div
    class="row"
    role="row"
    :aria-rowindex="index + 2"
    :class="{ on: selection.at.row === index, new: id === NEW, empty: pin?.content === 'empty' }"
    :style="{ gridTemplateColumns: template, transform: `translateY(${line.start}px)` }"
  >
    <span
      class="tick"
      role="gridcell"
      :aria-label="
        pin === undefined ? 'no pin yet' : `${pin.cavity} ${pin.identified ? 'identified' : 'not identified'}`
      "
      >{{ pin?.identified ? "✓" : "" }}</span
    >
    <template v-for="(column, c) in columns" :key="column">
      <span
        :id="`cell-${index}-${c}`"
        role="gridcell"
        class="cell"
        :class="[
          column,
          sureness(pin, column),
          { in: isOn(c), at: isActive(c), wrong: grid.hasComplaint(id, column) },
        ]"
        :aria-selected="isOn(c)"
        :aria-label="cellName(column)"
        @mousedown="emit('down', $event, c)"
        @mouseover="emit('over', c)"
      >
        <input
          v-if="isActive(c) && editing !== null"
          :ref="keepField"
          v-model="editing.text"
          :aria-label="`${CELL_NAMES[column]} of ${pin?.cavity ?? 'a new cavity'}`"
          :placeholder="column === 'signal' ? line.readSignal : ''"
          autocomplete="off"
          spellcheck="false"
          :aria-expanded="offered"
          :aria-controls="offered ? 'grid-offers' : undefined"
          :aria-activedescendant="picked >= 0 ? `offer-${picked}` : undefined"
          role="combobox"
          @keydown="emit('typing', $event)"
        />
        <template v-else-if="column === 'cavity'"
          ><b
            class="cav"
            :class="{
              off: pin?.content === 'empty' || id === NEW,
              hand: selection.at.row === index && id !== NEW,
            }"
            >{{ shown(column) || grid.suggestedLabel.value }}</b
          ></template
        >
        <span
          v-else-if="column === 'signal' && line.readSignal && !shown(column)"
          class="mut"
          title="As the words tell. Type a class to give another."
          >{{ line.readSignal }}</span
        >
        <span v-else-if="column === 'function' && line.unread.length > 0" class="cut"
          ><ReadText :text="shown(column)" :unread="line.unread"
        /></span>
        <template v-else
          >{{ shown(column)
          }}<span v-if="id === NEW && column === 'function' && !shown(column)" class="mut">{{
            hint
          }}</span></template
        >
      </span>
      <WireCell v-if="column === 'colour'" :line="line" :connector="connector" />
    </template>
    <SourceCell :pin="pin" :sources="sources" :mark="mark" />
  </div>
</template>

<style scoped>
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
.cell.wrong {
  border-left: 6px solid var(--ink);
}
.cell.colour {
  font: 500 13.5px/1 var(--f-code);
}
.cell.function {
  font-weight: 650;
}
.cut {
  overflow: hidden;
  text-overflow: ellipsis;
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
.new .cell {
  color: var(--ink2);
}
.new .cell.in {
  color: var(--ink);
}
.mut {
  font-weight: 400;
}
.cell.at:focus-within {
  border-color: var(--ink);
  box-shadow: inset 0 0 0 1px var(--ink);
}
</style>
