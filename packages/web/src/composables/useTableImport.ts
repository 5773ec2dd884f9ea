import { onBeforeUnmount, onMounted, ref, shallowRef } from "vue";
import {
  canGoIn,
  lineProblemWords,
  pinId,
  takeTable,
  type Connector,
  type ConnectorHead,
  type ReadTable,
  type SourceId,
  type TableFile,
  type TakeMode,
} from "@trevin/core";
import { api, ApiProblem } from "../api/client.ts";
import type { useJob } from "../stores/job.ts";

interface Surroundings {
  readonly store: ReturnType<typeof useJob>;
  readonly connector: () => Connector | undefined;
  readonly declareSystem: (connector: Connector, system: ConnectorHead["colourSystem"]) => Promise<boolean>;
  /** Enter over the preview. */
  readonly accept: () => void;
  /** The table is in. */
  readonly taken: () => void;
}

/** A pasted table or a file on its way into a connector: kept in the box until it is in, whatever happens. */
export function useTableImport({ store, connector, declareSystem, accept, taken }: Surroundings) {
  const table = shallowRef<{ readonly file: TableFile; readonly name: string } | null>(null);
  const tableText = ref("");
  const fileProblem = ref("");
  const opening = ref(false);
  function readText(text: string): void {
    if (connector() === undefined || store.begun || text.trim() === "") return;
    fileProblem.value = "";
    table.value = { file: { kind: "text", text, notes: [] }, name: "Pasted table" };
    tableText.value = text;
  }
  async function readFile(file: File | undefined): Promise<void> {
    if (file === undefined || connector() === undefined || store.begun) return;
    opening.value = true;
    fileProblem.value = "";
    try {
      table.value = { file: await api.readTable(file), name: file.name };
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      fileProblem.value = `${file.name}: ${error.message}`;
    } finally {
      opening.value = false;
    }
  }
  async function take(read: ReadTable, from: SourceId | null, mode: TakeMode): Promise<void> {
    const target = connector();
    if (target === undefined) return;
    let current = target;
    if (target.pins.every((one) => one.colour === "") && read.system !== target.colourSystem) {
      current = { ...target, colourSystem: read.system };
      await declareSystem(target, read.system);
    }
    const pins = takeTable(read, current, {
      source: from,
      mode,
      newId: () => pinId(crypto.randomUUID()),
      say: lineProblemWords,
    });
    const left = read.turned ? [] : read.lines.filter((line) => !canGoIn(line)).map((line) => line.raw);
    if (pins.length > 0 && !(await store.changePins(target.id, pins))) return;
    store.said = `${pins.length} pins put into ${target.name}`;
    drop(left.join("\n"));
    taken();
  }
  /** Away with the preview: what was not put in stays in the box, to be mended. */
  function drop(text = ""): void {
    table.value = null;
    tableText.value = text;
    fileProblem.value = "";
  }
  function onKey(event: KeyboardEvent): void {
    if (table.value === null || document.querySelector("[aria-modal='true']") !== null) return;
    const busy =
      event.target instanceof HTMLElement &&
      (["INPUT", "TEXTAREA", "BUTTON"].includes(event.target.tagName) ||
        event.target.getAttribute("role") === "combobox");
    if (event.key === "Escape") drop(tableText.value);
    else if (event.key === "Enter" && !busy) accept();
    else return;
    event.preventDefault();
  }
  /** A table pasted anywhere on the page goes to the preview. */
  function onPaste(event: ClipboardEvent): void {
    if (event.target instanceof HTMLElement && ["INPUT", "TEXTAREA"].includes(event.target.tagName)) return;
    readText(event.clipboardData?.getData("text/plain") ?? "");
  }
  function onDrop(event: DragEvent): void {
    event.preventDefault();
    void readFile(event.dataTransfer?.files[0]);
  }
  onMounted(() => {
    window.addEventListener("keydown", onKey);
    window.addEventListener("paste", onPaste);
  });
  onBeforeUnmount(() => {
    window.removeEventListener("keydown", onKey);
    window.removeEventListener("paste", onPaste);
  });

  return { table, tableText, fileProblem, opening, readText, readFile, take, drop, onDrop };
}
