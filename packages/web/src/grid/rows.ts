import {
  compareNatural,
  leastSure,
  pinsInOrder,
  type Connector,
  type Likeness,
  type OwnWord,
  type Pin,
  type PinId,
  type Source,
  type SourceId,
} from "@trevin/core";
import { signalShown, textOf, COLUMNS, type Column } from "./cells.ts";
import { connectorHabit, isDivided, colourOf } from "./colours.ts";

export const FILTERS = [
  "all",
  "doubtful",
  "look-alikes",
  "not identified",
  "without function",
  "empty",
  "with a condition",
] as const;
export type Filter = (typeof FILTERS)[number];

export interface Sorting {
  readonly column: Column;
  readonly down: boolean;
}

export interface RowQuery {
  readonly text: string;
  readonly filter: Filter;
  readonly sorting: Sorting | null;
}

/** Marks and sources of a connector's pins, computed once for all rows. */
export interface RowFacts {
  readonly marks: ReadonlyMap<PinId, Likeness["kind"]>;
  readonly sources: ReadonlyMap<SourceId, Source>;
  readonly words: readonly OwnWord[];
}

/** A pin that somebody has to look at: a value in doubt, or a code that can be read in two ways and nobody vouches for. */
function isDoubtful(
  pin: Pin,
  connector: Connector,
  facts: RowFacts,
  habit = connectorHabit(connector),
): boolean {
  const sure = leastSure(pin, facts.sources);
  return (
    sure === "check" ||
    sure === "guess" ||
    (pin.sources.colour !== "read-off" && isDivided(colourOf(pin, connector, habit), pin, connector))
  );
}

/** The pins to show, in the order to show them. */
export function rowsOf(
  connector: Connector,
  { text, filter, sorting }: RowQuery,
  facts: RowFacts,
): readonly Pin[] {
  const words = text.toLowerCase().trim();
  const habit = connectorHabit(connector);
  const passes = (pin: Pin): boolean => {
    switch (filter) {
      case "all":
        return true;
      case "doubtful":
        return isDoubtful(pin, connector, facts, habit);
      case "look-alikes":
        return facts.marks.has(pin.id);
      case "not identified":
        return pin.content !== "empty" && !pin.identified;
      case "without function":
        return pin.content !== "empty" && pin.function === "";
      case "empty":
        return pin.content === "empty";
      case "with a condition":
        return pin.condition !== "";
    }
  };
  const shownIn = (pin: Pin, column: Column): string =>
    column === "signal" ? signalShown({ pin, connector }, facts.words) : textOf(pin, column);
  const shown = pinsInOrder(connector).filter(
    (pin) =>
      passes(pin) &&
      (words === "" || COLUMNS.some((column) => shownIn(pin, column).toLowerCase().includes(words))),
  );
  if (sorting === null) return shown;
  const { column, down } = sorting;
  return [...shown].sort((a, b) => (down ? -1 : 1) * compareNatural(shownIn(a, column), shownIn(b, column)));
}
