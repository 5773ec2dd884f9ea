import type { Offers } from "./useOffers.ts";
import type { PinGrid } from "./usePinGrid.ts";

/** Height of a row, in px. */
export const ROW = 30;

interface Surroundings {
  readonly box: () => HTMLElement | null;
  /** Height of what is in sight, in px. */
  readonly height: () => number;
  readonly frozen: () => boolean;
  readonly open: (text?: string) => unknown;
  readonly back: () => void;
  readonly mean: () => void;
  /** A whole table on the clipboard, which does not belong in cells. */
  readonly paste: (text: string) => void;
}

/** Keys and clipboard of the grid, and of the field that is open in it. */
export function useGridKeys(
  grid: PinGrid,
  { picked, offers, take }: Offers,
  { box, height, frozen, open, back, mean, paste }: Surroundings,
) {
  const { editing } = grid;
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
    if (grid.complaint.value === null) box()?.blur();
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
    if (event.target !== box() || event.altKey) return;
    const control = event.ctrlKey || event.metaKey;
    if (run(event, control)) event.preventDefault();
  }
  function run(event: KeyboardEvent, control: boolean): boolean {
    const { key, shiftKey } = event;
    const arrow = ARROWS[key];
    const page = Math.max(1, Math.floor(height() / ROW) - 2);
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
      if (!frozen()) grid.removeRows();
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
    else if (!frozen()) paste(text);
  }

  return { onTyping, onKey, onCopy, onPaste };
}
