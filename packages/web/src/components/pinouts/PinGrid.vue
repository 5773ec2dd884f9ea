<script setup lang="ts">
/**
 * A connector's pin table, entered without the mouse: Enter goes to the next cavity, Tab to the next field, ' repeats the
 * value above, arrows move, a pasted table opens the preview.
 */
import { computed, nextTick, ref, watch } from "vue";
import { colourInWords, colourProblemWords, EMPTY_WORDS, nextLabel, parseColour, parseSize, pinId, pinsInOrder, readFunction, SIGNAL_CLASSES, sizeProblemWords, VOCABULARY, type Connector, type Pin, type PinId, type SignalClass } from "@trevin/core";
import CavityLabel from "../parts/CavityLabel.vue";
import DrawnWire from "../parts/DrawnWire.vue";

const props = defineProps<{ connector: Connector; selected: PinId | null; frozen: boolean }>();
const emit = defineEmits<{ select: [pin: PinId]; put: [pins: readonly Pin[]]; remove: [pin: PinId]; paste: [text: string] }>();

const COLUMNS = ["cavity", "colour", "function", "signal", "size", "note"] as const;
type Column = (typeof COLUMNS)[number];

const rows = computed(() => pinsInOrder(props.connector));
const readings = computed(() => new Map(rows.value.map((pin) => [pin.id, parseColour(pin.colour, props.connector.colourSystem)])));
const twins = computed(() => {
  const byLook = new Map<string, PinId[]>();
  for (const pin of rows.value) {
    const read = readings.value.get(pin.id);
    if (pin.content !== "occupied" || read?.ok !== true) continue;
    const look = colourInWords(read.value);
    byLook.set(look, [...(byLook.get(look) ?? []), pin.id]);
  }
  return new Set([...byLook.values()].filter((alike) => alike.length > 1).flat());
});

const NEW = "new";
const drafts = ref<Record<string, string>>({});
const complaints = ref<Record<string, string>>({});
const table = ref<HTMLTableElement | null>(null);
const keyOf = (row: PinId | typeof NEW, column: Column): string => `${column} ${row}`;
const suggestedLabel = computed(() => (rows.value.length === 0 ? "1" : nextLabel(rows.value.at(-1)?.cavity ?? "")));

function shown(pin: Pin, column: Column): string {
  const draft = drafts.value[keyOf(pin.id, column)];
  if (draft !== undefined) return draft;
  return textOf(pin, column);
}
function textOf(pin: Pin, column: Column): string {
  if (column === "size") return pin.size === null ? "" : String(pin.size);
  if (column === "signal") return pin.signal === "unknown" || pin.signal === "none" ? "" : pin.signal;
  if (column === "function" && pin.content === "empty") return "empty";
  return pin[column];
}
const edit = (row: PinId | typeof NEW, column: Column, event: Event): void => {
  drafts.value[keyOf(row, column)] = (event.target as HTMLInputElement).value;
};

/** One field's text applied to a pin, or why it cannot be. */
function applied(pin: Pin, column: Column, raw: string): Pin | string {
  const text = raw.trim();
  switch (column) {
    case "cavity":
      if (text === "") return "a cavity needs a label";
      if (text.length > 12) return "a cavity label has at most 12 characters";
      if (rows.value.some((other) => other.id !== pin.id && other.cavity === text)) return `cavity ${text} is in the table already`;
      return { ...pin, cavity: text };
    case "function": {
      if (EMPTY_WORDS.test(text)) return { ...pin, content: "empty", function: "", colour: "", signal: "none", size: null };
      const guess = readFunction(text).term?.signal;
      const signal = (pin.signal === "unknown" || pin.signal === "none") && guess !== undefined ? guess : pin.signal === "none" ? "unknown" : pin.signal;
      return { ...pin, function: text, content: "occupied", signal };
    }
    case "signal": {
      const wanted = text.toLowerCase().replace(/\s+/g, "-");
      if (text === "") return { ...pin, signal: "unknown" };
      const known = SIGNAL_CLASSES.find((signal) => signal === wanted) ?? SIGNAL_CLASSES.find((signal) => signal.startsWith(wanted));
      return known === undefined ? `“${text}” is no signal class; choose one of the list` : { ...pin, signal: known as SignalClass };
    }
    case "size": {
      if (text === "") return { ...pin, size: null };
      const size = parseSize(text);
      return size.ok ? { ...pin, size: size.value } : sizeProblemWords(size.error);
    }
    case "colour":
      return { ...pin, colour: text, content: text === "" ? pin.content : "occupied" };
    case "note":
      return { ...pin, note: text };
  }
}

function commit(pin: Pin, column: Column): boolean {
  const key = keyOf(pin.id, column);
  const draft = drafts.value[key];
  if (draft === undefined) return true;
  if (draft.trim() === textOf(pin, column)) {
    delete drafts.value[key];
    delete complaints.value[key];
    return true;
  }
  const next = applied(pin, column, draft);
  if (typeof next === "string") {
    complaints.value[key] = next;
    return false;
  }
  delete drafts.value[key];
  delete complaints.value[key];
  emit("put", [next]);
  return true;
}

/** The last line becomes a pin as soon as one of its fields is left with something in it. */
function commitNew(): boolean {
  const draft = (column: Column): string => drafts.value[keyOf(NEW, column)] ?? "";
  if (COLUMNS.every((column) => draft(column).trim() === "")) return true;
  const last = rows.value.at(-1);
  let pin: Pin = { id: pinId(crypto.randomUUID()), cavity: draft("cavity").trim() || suggestedLabel.value, order: (last?.order ?? -1) + 1, content: "occupied", function: "", colour: "", size: null, signal: "unknown", note: "" };
  for (const column of COLUMNS) {
    const text = column === "cavity" ? pin.cavity : draft(column);
    if (text.trim() === "" && column !== "cavity") continue;
    const next = applied(pin, column, text);
    if (typeof next === "string") {
      complaints.value[keyOf(NEW, column)] = next;
      return false;
    }
    pin = next;
  }
  for (const column of COLUMNS) {
    delete drafts.value[keyOf(NEW, column)];
    delete complaints.value[keyOf(NEW, column)];
  }
  emit("put", [pin]);
  return true;
}

function focusCell(index: number, column: Column): void {
  const row = rows.value[index]?.id ?? NEW;
  void nextTick(() => {
    const cell = table.value?.querySelector<HTMLInputElement>(`[data-cell="${CSS.escape(keyOf(row, column))}"]`);
    cell?.focus();
    cell?.select();
    cell?.closest("tr")?.scrollIntoView({ block: "nearest" });
  });
}

function onKey(event: KeyboardEvent, row: PinId | typeof NEW, column: Column): void {
  const input = event.target as HTMLInputElement;
  const index = row === NEW ? rows.value.length : rows.value.findIndex((pin) => pin.id === row);
  const pin = row === NEW ? undefined : rows.value[index];
  const at = COLUMNS.indexOf(column);
  const leave = (): boolean => (pin === undefined ? commitNew() : commit(pin, column));
  if (event.ctrlKey && event.key.toLowerCase() === "z" && drafts.value[keyOf(row, column)] !== undefined) {
    event.stopPropagation(); // the field's own undo, while it holds something that is not stored
  } else if (event.key === "Enter") {
    event.preventDefault();
    const wasNew = pin === undefined;
    if (leave()) focusCell(index + 1, wasNew ? "cavity" : column);
  } else if (event.key === "ArrowDown" || event.key === "ArrowUp") {
    if (event.key === "ArrowDown" && (column === "function" || column === "signal") && input.value !== "" && drafts.value[keyOf(row, column)] !== undefined) return;
    event.preventDefault();
    if (pin === undefined ? event.key === "ArrowUp" : leave()) focusCell(Math.min(Math.max(index + (event.key === "ArrowDown" ? 1 : -1), 0), rows.value.length), column);
  } else if (event.key === "ArrowRight" && input.selectionStart === input.value.length && input.selectionEnd === input.value.length && at < COLUMNS.length - 1) {
    event.preventDefault();
    focusCell(index, COLUMNS[at + 1] ?? column);
  } else if (event.key === "ArrowLeft" && input.selectionStart === 0 && input.selectionEnd === 0 && at > 0) {
    event.preventDefault();
    focusCell(index, COLUMNS[at - 1] ?? column);
  } else if (event.key === "'" && (input.value === "" || (input.selectionStart === 0 && input.selectionEnd === input.value.length)) && index > 0 && column !== "cavity") {
    event.preventDefault();
    const above = rows.value[index - 1];
    if (above === undefined) return;
    drafts.value[keyOf(row, column)] = textOf(above, column);
    if (pin !== undefined && commit(pin, column)) focusCell(index + 1, column);
  } else if (event.key === "Escape") {
    delete drafts.value[keyOf(row, column)];
    delete complaints.value[keyOf(row, column)];
  } else if (event.key === "Delete" && event.ctrlKey && pin !== undefined && !props.frozen) {
    event.preventDefault();
    emit("remove", pin.id);
    focusCell(Math.max(index - 1, 0), column);
  }
}
function onPaste(event: ClipboardEvent): void {
  const text = event.clipboardData?.getData("text/plain") ?? "";
  if (!/[\t\n\r]/.test(text.trim())) return;
  event.preventDefault();
  emit("paste", text);
}
function onLeaveNew(event: FocusEvent): void {
  const next = event.relatedTarget as Node | null;
  if (next !== null && (event.currentTarget as HTMLElement).contains(next)) return;
  commitNew();
}
watch(() => props.connector.id, () => {
  drafts.value = {};
  complaints.value = {};
});
const complaintOf = (row: PinId | typeof NEW): string | undefined => COLUMNS.map((column) => complaints.value[keyOf(row, column)]).find((text) => text !== undefined);
const colourNote = (pin: Pin): string => {
  const read = readings.value.get(pin.id);
  if (read === undefined) return "";
  return read.ok ? colourInWords(read.value) : read.error.code === "colour-empty" ? "" : colourProblemWords(read.error);
};
const colourOf = (pin: Pin) => {
  const read = readings.value.get(pin.id);
  return read?.ok === true ? read.value : null;
};
defineExpose({ focusCell });
</script>

<template>
  <table ref="table" class="grid" :aria-label="`Pin table of ${connector.name}`" @paste="onPaste">
    <colgroup><col class="c-cav"><col class="c-code"><col class="c-wire"><col class="c-fn"><col class="c-sig"><col class="c-size"><col class="c-note"></colgroup>
    <thead><tr><th>cavity</th><th>code</th><th>wire</th><th>function</th><th>signal</th><th class="num">mm²</th><th>note</th></tr></thead>
    <tbody>
      <template v-for="pin in rows" :key="pin.id">
        <tr :class="{ on: pin.id === selected, empty: pin.content === 'empty' }" @focusin="emit('select', pin.id)" @click="emit('select', pin.id)">
          <td class="cavcell">
            <CavityLabel v-if="frozen" :label="pin.cavity" :state="pin.content === 'empty' ? 'off' : pin.id === selected ? 'hand' : 'plain'" />
            <input v-else class="cav" :class="{ off: pin.content === 'empty', hand: pin.id === selected }" :value="shown(pin, 'cavity')" :aria-label="`Cavity label ${pin.cavity}`" :data-cell="keyOf(pin.id, 'cavity')" @input="edit(pin.id, 'cavity', $event)" @blur="commit(pin, 'cavity')" @keydown="onKey($event, pin.id, 'cavity')">
          </td>
          <td><input class="code" :value="shown(pin, 'colour')" :aria-label="`Colour code of ${pin.cavity}`" :data-cell="keyOf(pin.id, 'colour')" @input="edit(pin.id, 'colour', $event)" @blur="commit(pin, 'colour')" @keydown="onKey($event, pin.id, 'colour')"></td>
          <td class="wire"><template v-if="pin.content !== 'empty'"><DrawnWire v-if="pin.colour" :colour="colourOf(pin)" :size="pin.size" :length="50" /><span class="words" :title="colourNote(pin)">{{ colourNote(pin) }}</span><span v-if="twins.has(pin.id)" class="twin" title="Another wire of this connector looks the same">twin</span></template></td>
          <td><input class="fn" :value="shown(pin, 'function')" :aria-label="`Function of ${pin.cavity}`" :data-cell="keyOf(pin.id, 'function')" list="functions" @input="edit(pin.id, 'function', $event)" @blur="commit(pin, 'function')" @keydown="onKey($event, pin.id, 'function')"></td>
          <td><input class="sig" :value="shown(pin, 'signal')" :aria-label="`Signal class of ${pin.cavity}`" :data-cell="keyOf(pin.id, 'signal')" list="signals" @input="edit(pin.id, 'signal', $event)" @blur="commit(pin, 'signal')" @keydown="onKey($event, pin.id, 'signal')"></td>
          <td><input class="size" :value="shown(pin, 'size')" :aria-label="`Size of ${pin.cavity} in mm²`" :data-cell="keyOf(pin.id, 'size')" @input="edit(pin.id, 'size', $event)" @blur="commit(pin, 'size')" @keydown="onKey($event, pin.id, 'size')"></td>
          <td class="notecell"><input class="note" :value="shown(pin, 'note')" :title="pin.note" :aria-label="`Note on ${pin.cavity}`" :data-cell="keyOf(pin.id, 'note')" @input="edit(pin.id, 'note', $event)" @blur="commit(pin, 'note')" @keydown="onKey($event, pin.id, 'note')"><button v-if="!frozen && pin.id === selected" type="button" class="rm" :aria-label="`Remove cavity ${pin.cavity}`" title="Remove this cavity (Ctrl+Delete)" tabindex="-1" @click.stop="emit('remove', pin.id)">✕</button></td>
        </tr>
        <tr v-if="complaintOf(pin.id)" class="complaint"><td colspan="7" role="alert"><b>{{ pin.cavity }}:</b> {{ complaintOf(pin.id) }}. What you typed is kept; Esc puts the old value back.</td></tr>
      </template>
      <tr v-if="!frozen" class="new" @focusout="onLeaveNew">
        <td class="cavcell"><input class="cav off" :value="drafts[keyOf(NEW, 'cavity')] ?? ''" :placeholder="suggestedLabel" aria-label="Label of a new cavity" :data-cell="keyOf(NEW, 'cavity')" @input="edit(NEW, 'cavity', $event)" @keydown="onKey($event, NEW, 'cavity')"></td>
        <td><input class="code" :value="drafts[keyOf(NEW, 'colour')] ?? ''" placeholder="code" aria-label="Colour code of a new cavity" :data-cell="keyOf(NEW, 'colour')" @input="edit(NEW, 'colour', $event)" @keydown="onKey($event, NEW, 'colour')"></td>
        <td class="wire mut">type here, or paste a table</td>
        <td><input class="fn" :value="drafts[keyOf(NEW, 'function')] ?? ''" placeholder="function, or “empty”" aria-label="Function of a new cavity" list="functions" :data-cell="keyOf(NEW, 'function')" @input="edit(NEW, 'function', $event)" @keydown="onKey($event, NEW, 'function')"></td>
        <td><input class="sig" :value="drafts[keyOf(NEW, 'signal')] ?? ''" aria-label="Signal class of a new cavity" list="signals" :data-cell="keyOf(NEW, 'signal')" @input="edit(NEW, 'signal', $event)" @keydown="onKey($event, NEW, 'signal')"></td>
        <td><input class="size" :value="drafts[keyOf(NEW, 'size')] ?? ''" aria-label="Size of a new cavity in mm²" :data-cell="keyOf(NEW, 'size')" @input="edit(NEW, 'size', $event)" @keydown="onKey($event, NEW, 'size')"></td>
        <td><input class="note" :value="drafts[keyOf(NEW, 'note')] ?? ''" aria-label="Note on a new cavity" :data-cell="keyOf(NEW, 'note')" @input="edit(NEW, 'note', $event)" @keydown="onKey($event, NEW, 'note')"></td>
      </tr>
      <tr v-if="complaintOf(NEW)" class="complaint"><td colspan="7" role="alert">{{ complaintOf(NEW) }}. What you typed is kept.</td></tr>
    </tbody>
  </table>
  <datalist id="functions"><option v-for="term in VOCABULARY" :key="term.name" :value="term.name" /></datalist>
  <datalist id="signals"><option v-for="signal in SIGNAL_CLASSES" :key="signal" :value="signal" /></datalist>
</template>

<style scoped>
.grid { table-layout: fixed; }
.c-cav { width: 50px; } .c-code { width: 68px; } .c-wire { width: 202px; } .c-sig { width: 124px; } .c-size { width: 54px; } .c-note { width: 114px; }
thead th { position: sticky; top: 0; background: var(--bench); z-index: 1; padding: 5px 6px 4px 0; border-bottom: 1px solid var(--ink); }
.num { text-align: right; padding-right: 10px; }
td { height: 30px; border-bottom: 1px solid var(--rule); padding: 0 6px 0 0; }
tr.on td { background: var(--sheet); }
input { width: 100%; height: 26px; border: 1.5px solid transparent; background: transparent; padding: 0 4px; border-radius: 2px; text-overflow: ellipsis; }
input:hover { border-color: var(--rule); }
input:focus { outline: 2.5px solid var(--ink); outline-offset: -1px; background: var(--sheet); box-shadow: none; }
input.cav { width: 42px; text-align: center; border: 1.5px solid var(--ink); background: var(--sheet); font: 700 15px/1 var(--f-code); height: 24px; padding: 0; }
input.cav.off { border-style: dashed; border-color: var(--rule2); color: var(--ink2); }
input.cav.hand { background: var(--ink); color: var(--on-ink); }
input.code { font: 500 13.5px/1 var(--f-code); }
input.fn { font-weight: 650; }
input.sig, input.note { font: 500 15px/1 var(--f-label); }
input.size { text-align: right; font: 500 14px/1 var(--f-code); }
.empty .fn { font-weight: 400; color: var(--ink2); }
.wire { white-space: nowrap; overflow: hidden; }
.wire svg { display: inline-block; vertical-align: middle; margin-right: 8px; }
.words { display: inline-block; max-width: 132px; overflow: hidden; text-overflow: ellipsis; vertical-align: middle; font-size: 13.5px; }
.twin { font: 500 13px/1 var(--f-label); border-left: 3px double var(--ink); padding-left: 4px; margin-left: 4px; }
.notecell { position: relative; }
.rm { position: absolute; right: 4px; top: 3px; width: 24px; height: 24px; border: 1px solid var(--rule2); background: var(--sheet); cursor: pointer; border-radius: 2px; font-size: 11px; }
.complaint td { background: var(--sheet); border-left: 8px solid var(--ink); padding: 4px 10px; height: auto; font-size: 13.5px; }
::placeholder { color: var(--ink2); opacity: 0.85; }
</style>
