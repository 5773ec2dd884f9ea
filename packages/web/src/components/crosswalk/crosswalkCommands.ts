import {
  isJoining,
  mateOf,
  canFindLive,
  nextMethod,
  takeBack,
  otherHalf,
  tapOrCut,
  isOpenHazard,
  SHOWN,
  type Dossier,
} from "@trevin/core";
import type { Ref } from "vue";
import type { AppCommand } from "../../composables/useCommands.ts";
import type { Acts } from "./useActs.ts";
import type { Blocks } from "./useBlocks.ts";
import { LISTS, type Circuits } from "./useCircuits.ts";
import type { Dialogs } from "./useDialogs.ts";

interface Views {
  readonly overlay: Ref<boolean>;
  readonly whyOpen: Ref<boolean>;
  readonly answerFirst: () => void;
  readonly print: () => unknown;
}

/** Everything that the keyboard and the command palette can do in the crosswalk. */
export function crosswalkCommands(
  dossier: () => Dossier,
  circuits: Circuits,
  acts: Acts,
  dialogs: Dialogs,
  { blocks, nextBlock, question, answer }: Blocks,
  { overlay, whyOpen, answerFirst, print }: Views,
): readonly AppCommand[] {
  const { rows, shown, selected, marked, target, select, move, mark, extendBy, nextDoubtful } = circuits;
  const { act, take, sureOnes, takeSure, reject, open, turnLive, turnMethod, turnTap, turnHalf, turnSure } =
    acts;
  const { pairing, mating, openFeed, openFill, fitting, sides, ending, canReEnd } = dialogs;
  const isOpen = (): boolean => selected.value?.decision === null;
  return [
    { id: "down", title: "Next circuit", keys: "ArrowDown", run: () => move(1) },
    { id: "up", title: "Previous circuit", keys: "ArrowUp", run: () => move(-1) },
    { id: "first", title: "First circuit", keys: "Home", run: () => select(rows.value[0]) },
    { id: "last", title: "Last circuit", keys: "End", run: () => select(rows.value.at(-1)) },
    {
      id: "extend-down",
      title: "Extend selection down",
      keys: "Shift+ArrowDown",
      run: () => extendBy(1),
    },
    { id: "extend-up", title: "Extend selection up", keys: "Shift+ArrowUp", run: () => extendBy(-1) },
    { id: "mark", title: "Select or deselect this circuit", keys: "Space", run: () => mark(selected.value) },
    {
      id: "mark-all",
      title: "Select every circuit of the list",
      keys: "Ctrl+A",
      run: () => {
        marked.value = new Set(rows.value.map((row) => row.key));
      },
    },
    {
      id: "unmark",
      title: "Clear selection",
      keys: "Escape",
      enabled: () => marked.value.size > 0,
      run: () => {
        marked.value = new Set();
      },
    },
    {
      id: "doubtful",
      title: "Next doubtful circuit (undecided, unsure or with a stop)",
      keys: "D",
      run: nextDoubtful,
    },
    {
      id: "block",
      title: "Next blocker",
      keys: "B",
      enabled: () => blocks.value.length > 0,
      run: nextBlock,
    },
    {
      id: "part-leaves",
      title: "The part behind the plug that is asked about is taken away",
      keys: "G",
      enabled: () => question.value !== null,
      run: () => answer("leaves"),
    },
    {
      id: "part-stays",
      title: "The part behind the plug that is asked about stays",
      keys: "Z",
      enabled: () => question.value !== null,
      run: () => answer("stays"),
    },
    {
      id: "part-comes",
      title: "A new part comes onto the plug that is asked about",
      keys: "V",
      enabled: () => question.value !== null && mateOf(dossier(), question.value) === null,
      run: () => answer("comes"),
    },
    { id: "accept", title: "Accept the suggestion, or apply the first fix", keys: "Enter", run: take },
    {
      id: "accept-sure",
      title: "Accept every sure suggestion",
      keys: "A",
      enabled: () => sureOnes.value.length > 0,
      run: takeSure,
    },
    { id: "reject", title: "Never join these (find the next best)", keys: "R", run: reject },
    {
      id: "pair",
      title: "Join to another pin…",
      keys: "P",
      run: () => {
        pairing.value = "join";
      },
    },
    { id: "cap", title: "Cap and tuck", keys: "X", run: () => open("cap") },
    { id: "out", title: "Remove from the loom", keys: "U", run: () => open("remove") },
    {
      id: "series",
      title: "Connect in series through the incoming part…",
      keys: "Q",
      enabled: () => selected.value?.vehicle.length === 1,
      run: () => {
        pairing.value = "series";
      },
    },
    {
      id: "mate",
      title: "Plug into a connector of the other side…",
      keys: "T",
      run: () => {
        mating.value = true;
      },
    },
    { id: "leave", title: "Leave as it is", keys: "L", run: () => open("leave") },
    { id: "feed", title: "Feed from elsewhere…", keys: "F", run: openFeed },
    { id: "fill", title: "New wire into an empty cavity…", keys: "+", run: openFill },
    {
      id: "jumper",
      title: "Jumper within the plug…",
      keys: "J",
      run: () => {
        pairing.value = "jumper";
      },
    },
    {
      id: "shift",
      title: "Move to another cavity, swap, or fill one of the vehicle's…",
      keys: "E",
      run: () => {
        pairing.value = "shift";
      },
    },
    {
      id: "re-end",
      title: "New terminal on this wire…",
      enabled: () => canReEnd.value,
      run: () => {
        ending.value = true;
      },
    },
    {
      id: "device",
      title: "Fit a device in between…",
      keys: "I",
      enabled: () => !!selected.value?.decision && isJoining(selected.value.decision),
      run: () => {
        fitting.value = true;
      },
    },
    {
      id: "method",
      title: "Switch between move, splice and adapter",
      keys: "M",
      enabled: () => !!selected.value?.decision && nextMethod(selected.value.decision, dossier()) !== null,
      run: turnMethod,
    },
    {
      id: "tap",
      title: "Switch between a tap and cutting through",
      keys: "N",
      enabled: () => !!selected.value?.decision && tapOrCut(selected.value.decision, dossier()) !== null,
      run: turnTap,
    },
    {
      id: "half",
      title: "Join the other half of the cut wire, or pull its terminal",
      keys: "W",
      enabled: () =>
        !!selected.value?.decision && otherHalf(selected.value.decision, dossier(), "vehicle") !== null,
      run: () => turnHalf("vehicle"),
    },
    {
      id: "live",
      title: "Find the live half by test before splicing (on or off)",
      enabled: () => canFindLive(selected.value),
      run: turnLive,
    },
    {
      id: "sure",
      title: "Switch between sure and check",
      keys: "S",
      enabled: () => !isOpen(),
      run: turnSure,
    },
    {
      id: "answer",
      title: "Accept the hazard with a reason…",
      keys: "H",
      enabled: () => !isOpen() && selected.value?.hazards.some(isOpenHazard) === true,
      run: answerFirst,
    },
    {
      id: "why",
      title: "Show or hide the figures behind the match",
      keys: "Y",
      run: () => {
        whyOpen.value = !whyOpen.value;
      },
    },
    {
      id: "take-back",
      title: "Clear the decision",
      keys: "Backspace",
      run: () => act(takeBack(target.value), false),
    },
    {
      id: "overlay",
      title: "Overlay what matching by colour would do",
      keys: "C",
      run: () => {
        overlay.value = !overlay.value;
      },
    },
    {
      id: "side",
      title: "The other side of the car…",
      keys: "O",
      run: () => {
        sides.value = true;
      },
    },
    { id: "print", title: "Print the crosswalk", keys: "Ctrl+P", run: print },
    ...SHOWN.map((one, i) => ({
      id: `list-${one}`,
      title: `List: ${LISTS[one].toLowerCase()}`,
      keys: String(i + 1),
      run: () => {
        shown.value = one;
      },
    })),
  ];
}
