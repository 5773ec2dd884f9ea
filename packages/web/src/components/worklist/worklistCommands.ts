import type { StepId } from "@trevin/core";
import type { AppCommand } from "../../composables/useCommands.ts";
import type { ShownStep } from "../../composables/usePlan.ts";

interface Acts {
  readonly canStart: () => boolean;
  readonly toBench: () => unknown;
  readonly print: (withFlags?: boolean) => unknown;
  readonly walk: (by: number) => void;
  readonly shift: (by: 1 | -1) => void;
  readonly selected: () => ShownStep | null;
  readonly add: () => void;
  readonly instructions: () => void;
  readonly toggleEvening: (step: StepId) => unknown;
  readonly removeOwn: (step: StepId) => unknown;
  readonly reordered: () => boolean;
  readonly resetOrder: () => unknown;
}

/** Everything that the keyboard and the command palette can do in the worklist. */
export function worklistCommands({
  canStart,
  toBench,
  print,
  walk,
  shift,
  selected,
  add,
  instructions,
  toggleEvening,
  removeOwn,
  reordered,
  resetOrder,
}: Acts): readonly AppCommand[] {
  const onStep = (act: (step: StepId) => unknown): unknown => {
    const shown = selected();
    return shown && act(shown.step.id);
  };
  return [
    {
      id: "to-bench",
      title: "Go to Bench",
      keys: "Enter",
      enabled: () => canStart(),
      run: toBench,
    },
    { id: "print", title: "Print the worklist", keys: "Ctrl+P", run: () => print() },
    { id: "print-flags", title: "Print wire flags", run: () => print(true) },
    { id: "step-down", title: "Next step", keys: "ArrowDown", run: () => walk(1) },
    { id: "step-up", title: "Previous step", keys: "ArrowUp", run: () => walk(-1) },
    { id: "step-later", title: "Move the step later", keys: "Shift+ArrowDown", run: () => shift(1) },
    { id: "step-earlier", title: "Move the step earlier", keys: "Shift+ArrowUp", run: () => shift(-1) },
    {
      id: "own-step",
      title: "Add your own step after this one…",
      keys: "N",
      enabled: () => selected() !== null,
      run: add,
    },
    {
      id: "instructions",
      title: "Paste instructions…",
      run: instructions,
    },
    {
      id: "evening",
      title: "End the session after this step (on or off)",
      keys: "E",
      enabled: () => selected() !== null,
      run: () => onStep(toggleEvening),
    },
    {
      id: "remove-own",
      title: "Remove your own step",
      keys: "Backspace",
      enabled: () => selected()?.step.kind === "own",
      run: () => onStep(removeOwn),
    },
    {
      id: "reset-order",
      title: "Restore the planned order",
      enabled: () => reordered(),
      run: resetOrder,
    },
  ];
}
