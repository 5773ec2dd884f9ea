import { computed, nextTick, reactive, ref, shallowRef, watch } from "vue";
import {
  blankPin,
  FACTS,
  lastOrder,
  nextLabel,
  pinId,
  pinsInOrder,
  type Pin,
  type PinId,
} from "@trevin/core";
import { applied, COLUMNS, textOf, type Column, type TypingContext } from "./cells.ts";
import { doubted, identified } from "./marks.ts";
import { freeLabel, ownLabels } from "./freeLabel.ts";
import { NEW, type Complaint, type PinGridOptions, type RowId } from "./gridTypes.ts";
import { counted, fromClip, spread, toClip } from "./clip.ts";
import { moved, rangeOf, single, tabbed, type Cell, type Selection } from "./selection.ts";

const keyOf = (row: RowId, column: Column): string => `${column} ${row}`;

/** The spreadsheet behind the pin table: selection, typing, clipboard, filling. Draws nothing. */
export function usePinGrid(options: PinGridOptions) {
  const { rows, columns } = options;
  const selection = shallowRef<Selection>(single({ row: 0, column: 0 }));
  const editing = ref<{ text: string; caret: boolean } | null>(null);
  const complaints = reactive(new Map<string, Complaint>());
  const fresh = reactive(new Map<Column, string>());

  const labels = computed(() => ownLabels(options.connector()));
  /** A housing has no more cavities than it has; without one there is always a further line. */
  const isFull = computed(() => {
    const there = labelsOf();
    return labels.value.size > 0 && [...labels.value].every((label) => there.has(label));
  });
  const rowCount = computed(() => rows.value.length + (options.frozen() || isFull.value ? 0 : 1));
  const extent = computed(() => ({ rows: rowCount.value, columns: columns.value.length }));
  const rowId = (row: number): RowId => rows.value[row]?.id ?? NEW;
  const columnAt = (column: number): Column => columns.value[column] ?? "cavity";
  const active = computed(() => ({
    row: rowId(selection.value.at.row),
    column: columnAt(selection.value.at.column),
  }));
  const lastLabel = computed(() => pinsInOrder(options.connector()).at(-1)?.cavity);
  const labelsOf = (): Set<string> => new Set(options.connector().pins.map((pin) => pin.cavity));
  /** Nothing follows from a name: then the label has to be typed. */
  const suggestedLabel = computed(() =>
    lastLabel.value !== undefined && nextLabel(lastLabel.value) === ""
      ? ""
      : freeLabel(lastLabel.value, labelsOf()),
  );

  watch(extent, () => {
    selection.value = moved(selection.value, 0, 0, extent.value, true);
  });

  const context = (): TypingContext => {
    const labels = labelsOf();
    return { ...options.typing(), taken: (cavity) => labels.has(cavity) };
  };
  const shown = (row: RowId, column: Column, pin: Pin | undefined): string => {
    const refused = complaints.get(keyOf(row, column))?.text;
    if (refused !== undefined) return refused;
    if (row === NEW) return fresh.get(column) ?? "";
    return pin === undefined ? "" : textOf(pin, column);
  };
  const activeText = (): string =>
    shown(active.value.row, active.value.column, rows.value[selection.value.at.row]);
  const complaint = computed(() => complaints.get(keyOf(active.value.row, active.value.column)) ?? null);

  function select(cell: Cell, extend = false): void {
    begunAt = null;
    selection.value = moved({ at: cell, anchor: selection.value.anchor }, 0, 0, extent.value, extend);
  }
  /** Where the row in hand was begun: Enter goes to that column of the next one. */
  let begunAt: number | null = null;
  /** A cavity of a known housing has its name from there. */
  const isLocked = (row: RowId, column: Column): boolean => {
    if (column !== "cavity" || row === NEW) return false;
    const pin = rows.value.find((one) => one.id === row);
    return options.frozen() || (pin !== undefined && labels.value.has(pin.cavity));
  };
  /** Starts typing: over the old text, or with the caret in it. */
  function edit(text?: string): void {
    if (isLocked(active.value.row, active.value.column)) return;
    begunAt ??= selection.value.at.column;
    editing.value = { text: text ?? activeText(), caret: text === undefined };
  }

  /** Takes what was typed; false when it cannot be taken, and then it stays where it is. */
  function commit(): boolean {
    const typed = editing.value?.text;
    if (typed === undefined) return true;
    const { row, column } = active.value;
    const key = keyOf(row, column);
    if (row === NEW) {
      fresh.set(column, typed);
      const next = typed.trim() === "" ? null : applied(blankPin(pinId(""), "", 0), column, typed, context());
      if (typeof next === "string") {
        complaints.set(key, { text: typed, why: next });
        return false;
      }
      complaints.delete(key);
      editing.value = null;
      return true;
    }
    const pin = rows.value[selection.value.at.row];
    if (pin === undefined) return true;
    const next = typed.trim() === textOf(pin, column) ? pin : applied(pin, column, typed, context());
    if (typeof next === "string") {
      complaints.set(key, { text: typed, why: next });
      return false;
    }
    complaints.delete(key);
    editing.value = null;
    if (next !== pin) options.put([next]);
    return true;
  }
  /** Back to what was there before typing. */
  function cancel(): void {
    const { row, column } = active.value;
    complaints.delete(keyOf(row, column));
    if (row === NEW && editing.value === null) fresh.delete(column);
    editing.value = null;
  }

  /** The last line becomes a pin once it is left with something in it; its label counts on when none was typed. */
  function commitNew(): boolean {
    const typed = [...fresh].filter(([, text]) => text.trim() !== "");
    if (typed.length === 0) return true;
    const order = lastOrder(options.connector()) + 1;
    let pin: Pin = { ...blankPin(pinId(crypto.randomUUID()), "", order), content: "occupied" };
    for (const column of COLUMNS) {
      const text =
        column === "cavity" ? fresh.get("cavity")?.trim() || suggestedLabel.value : (fresh.get(column) ?? "");
      if (text.trim() === "") continue;
      const next = applied(pin, column, text, context());
      if (typeof next === "string") {
        complaints.set(keyOf(NEW, column), { text, why: next });
        selection.value = single({
          row: rows.value.length,
          column: Math.max(0, columns.value.indexOf(column)),
        });
        return false;
      }
      pin = next;
    }
    fresh.clear();
    options.put([pin]);
    return true;
  }

  /** Leaves the cell with what was typed, then moves; a new line is stored when it is left. */
  function go(rowsBy: number, columnsBy: number, extend = false): boolean {
    if (!commit()) return false;
    begunAt = null;
    if (active.value.row === NEW && rowsBy !== 0 && !commitNew()) return false;
    // A range holds pins only, never the line where a new one is typed.
    const within = extend ? { ...extent.value, rows: Math.max(1, rows.value.length) } : extent.value;
    selection.value = moved(selection.value, rowsBy, columnsBy, within, extend);
    return true;
  }
  /** Enter: the next cavity; on the last line it is stored and the next one begun. */
  function enter(): void {
    if (!commit()) return;
    const column = begunAt ?? selection.value.at.column;
    begunAt = null;
    if (active.value.row !== NEW) {
      const { row } = selection.value.at;
      selection.value = moved(single({ row, column }), 1, 0, extent.value);
      return;
    }
    const began = fresh.size > 0;
    // The new pin is among the rows after the next drawing; the line below it is the one to type on.
    if (commitNew() && began)
      void nextTick(() => {
        selection.value = single({ row: rows.value.length, column: 0 });
      });
  }
  /** False when the table ends there and the focus may leave it. */
  function tab(by: 1 | -1): boolean {
    if (!commit()) return true;
    const next = tabbed(selection.value, by, extent.value);
    if (active.value.row === NEW && next?.at.row !== selection.value.at.row && !commitNew()) return true;
    if (next !== null) selection.value = next;
    return next !== null;
  }

  const chosen = (): readonly Pin[] => {
    const { top, bottom } = rangeOf(selection.value);
    return rows.value.slice(top, bottom + 1);
  };

  /** Writes a block of texts from a cell on; lines beyond the last become new cavities. One change, so one undo. */
  function write(from: Cell, block: readonly (readonly string[])[]): void {
    const put = new Map<PinId, Pin>();
    const labels = labelsOf();
    let order = lastOrder(options.connector());
    let label = lastLabel.value;
    const typing: TypingContext = { ...options.typing(), taken: (cavity) => labels.has(cavity) };
    block.forEach((texts, r) => {
      const existing = rows.value[from.row + r];
      if (existing === undefined && options.frozen()) return;
      let pin = existing ?? {
        ...blankPin(pinId(crypto.randomUUID()), freeLabel(label, labels), ++order),
        content: "occupied" as const,
      };
      texts.forEach((text, c) => {
        const column = columns.value[from.column + c];
        if (column === undefined || (column === "cavity" && options.frozen())) return;
        const next = applied(pin, column, text, typing);
        if (typeof next !== "string") pin = next;
        else if (existing !== undefined) complaints.set(keyOf(existing.id, column), { text, why: next });
      });
      if (pin === existing) return;
      labels.add(pin.cavity);
      label = existing === undefined ? pin.cavity : label;
      put.set(pin.id, pin);
    });
    if (put.size > 0) options.put([...put.values()]);
  }

  const copied = ref("");
  function copy(): string {
    const { top, bottom, left, right } = rangeOf(selection.value);
    copied.value = toClip(
      rows.value
        .slice(top, bottom + 1)
        .map((pin) => columns.value.slice(left, right + 1).map((column) => textOf(pin, column))),
    );
    return copied.value;
  }
  /** Whether a clipboard text belongs into cells: one cell, one row or column, or what was copied here. The rest is a table. */
  const belongsInCells = (text: string): boolean => {
    const block = fromClip(text);
    return text === copied.value || block.length === 1 || block.every((row) => row.length === 1);
  };
  function paste(text: string): void {
    const { top, bottom, left, right } = rangeOf(selection.value);
    write({ row: top, column: left }, spread(fromClip(text), bottom - top + 1, right - left + 1));
  }
  function clear(): void {
    const { left, right } = rangeOf(selection.value);
    const wanted = columns.value.slice(left, right + 1).filter((column) => column !== "cavity");
    const put = chosen().flatMap((pin) => {
      const next = wanted.reduce<Pin>((current, column) => {
        const result = applied(current, column, "", context());
        return typeof result === "string" ? current : result;
      }, pin);
      return next === pin ? [] : [next];
    });
    for (const pin of chosen()) for (const column of wanted) complaints.delete(keyOf(pin.id, column));
    if (put.length > 0) options.put(put);
  }
  /** Fills a range from its first row, or from the row above a single cell; counting on when asked. */
  function fill(counting: boolean): void {
    const { top, left, right, bottom: lowest } = rangeOf(selection.value);
    const bottom = Math.min(lowest, rows.value.length - 1);
    const source = rows.value[top === bottom ? top - 1 : top];
    if (source === undefined) return;
    const from = top === bottom ? top : top + 1;
    const block = Array.from({ length: bottom - from + 1 }, (_, r) =>
      columns.value
        .slice(left, right + 1)
        .map((column) => (counting ? counted(textOf(source, column), r + 1) : textOf(source, column))),
    );
    write({ row: from, column: left }, block);
  }
  /** Same as above, then on to the next cavity. */
  function ditto(): void {
    const { row, column } = selection.value.at;
    const above = rows.value[row - 1];
    if (above === undefined || active.value.column === "cavity") return;
    if (active.value.row === NEW) fresh.set(active.value.column, textOf(above, active.value.column));
    else {
      write({ row, column }, [[textOf(above, active.value.column)]]);
      selection.value = moved(selection.value, 1, 0, extent.value);
    }
  }
  const identify = (): void => {
    const pins = identified(chosen());
    if (pins.length > 0) options.put(pins);
  };
  /** Marks the chosen values as doubtful, or takes the marks back where all are marked. */
  const doubt = (): void => {
    const { left, right } = rangeOf(selection.value);
    const facts = FACTS.filter((fact) => columns.value.slice(left, right + 1).includes(fact));
    const pins = chosen();
    if (facts.length === 0 || pins.length === 0) return;
    options.put(doubted(pins, facts));
  };
  const removeRows = (): void => {
    const pins = chosen().map((pin) => pin.id);
    if (pins.length > 0) options.remove(pins);
  };

  return {
    selection,
    editing,
    complaint,
    extent,
    active,
    suggestedLabel,
    select,
    edit,
    commit,
    cancel,
    commitNew,
    go,
    enter,
    tab,
    copy,
    belongsInCells,
    paste,
    clear,
    fill,
    ditto,
    doubt,
    identify,
    removeRows,
    chosen,
    shown,
    rowId,
    hasComplaint: (row: RowId, column: Column): boolean => complaints.has(keyOf(row, column)),
    selectAll: (): void => {
      selection.value = {
        anchor: { row: 0, column: 0 },
        at: { row: Math.max(0, rows.value.length - 1), column: columns.value.length - 1 },
      };
    },
  };
}

/** What the grid offers to whoever draws it. */
export type PinGrid = ReturnType<typeof usePinGrid>;
