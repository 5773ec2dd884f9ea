import type { AppCommand } from "../../composables/useCommands.ts";
import type PasteBox from "./PasteBox.vue";
import type PinGrid from "./PinGrid.vue";
import type { PinoutsDialog } from "./PinoutsDialogs.vue";

interface Acts {
  readonly begun: () => boolean;
  readonly hasConnector: () => boolean;
  readonly grid: () => InstanceType<typeof PinGrid> | null;
  readonly pasteBox: () => InstanceType<typeof PasteBox> | null;
  readonly toFaces: () => unknown;
  readonly add: () => void;
  readonly open: (dialog: PinoutsDialog) => void;
  /** So many connectors on. */
  readonly step: (by: number) => void;
}

/** Everything that the keyboard and the command palette can do in the pinouts. */
export function pinoutsCommands({
  begun,
  hasConnector,
  grid,
  pasteBox,
  toFaces,
  add,
  open,
  step,
}: Acts): readonly AppCommand[] {
  const mayEnter = (): boolean => !begun() && hasConnector();
  return [
    {
      id: "faces",
      title: "Large face, wires and photos",
      keys: "F",
      enabled: hasConnector,
      run: () => toFaces(),
    },
    { id: "add-connector", title: "Add a connector", keys: "C", enabled: () => !begun(), run: add },
    {
      id: "paste",
      title: "Paste a table into this connector",
      keys: "P",
      enabled: mayEnter,
      run: () => pasteBox()?.focus(),
    },
    {
      id: "open-table",
      title: "Open a table file (XLSX, CSV, text)",
      keys: "O",
      enabled: mayEnter,
      run: () => pasteBox()?.pick(),
    },
    {
      id: "find-pin",
      title: "Find in the pin table",
      keys: "Ctrl+F",
      run: () => document.getElementById("find-pin")?.focus(),
    },
    { id: "grid", title: "Go to the pin table", keys: "G", run: () => grid()?.focus() },
    { id: "fill", title: "Fill down (Ctrl D in the table)", run: () => grid()?.fill(false) },
    {
      id: "count",
      title: "Fill down, counting up (Ctrl Shift D in the table)",
      run: () => grid()?.fill(true),
    },
    {
      id: "doubt",
      title: "Mark the selected values as doubtful (on or off)",
      keys: "D",
      run: () => grid()?.doubt(),
    },
    { id: "identify", title: "Tick as identified (Space in the table)", run: () => grid()?.identify() },
    {
      id: "remove-rows",
      title: "Remove these cavities (Ctrl Delete in the table)",
      enabled: () => !begun(),
      run: () => grid()?.removeRows(),
    },
    {
      id: "sources",
      title: "Sources of the values",
      keys: "S",
      run: () => {
        open("sources");
      },
    },
    {
      id: "look-alikes",
      title: "Look-alike wires and names",
      keys: "L",
      run: () => {
        open("alike");
      },
    },
    {
      id: "supplies",
      title: "Supplies, fuses and ground points",
      keys: "U",
      run: () => {
        open("supplies");
      },
    },
    { id: "next-connector", title: "Next connector", keys: "]", run: () => step(1) },
    { id: "prev-connector", title: "Previous connector", keys: "[", run: () => step(-1) },
  ];
}
