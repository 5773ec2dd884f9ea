import {
  blankPin,
  contextOf,
  pinId,
  readFunction,
  type CodeHabit,
  type Connector,
  type Likeness,
  type OwnWord,
  type Pin,
  type PinId,
} from "@trevin/core";
import { signalShown } from "./cells.ts";
import { isDivided, colourOf, type ColourRead } from "./colours.ts";
import { type PinGrid } from "./usePinGrid.ts";
import { NEW, type RowId } from "./gridTypes.ts";

/** What a row of the pin table draws. */
export interface GridLine {
  readonly index: number;
  /** Its top edge, in px. */
  readonly start: number;
  readonly id: RowId;
  readonly pin: Pin | undefined;
  /** The pin whose wire is drawn: on the line for a new cavity, one of the colour being typed. */
  readonly wire: Pin | null;
  readonly reading: ColourRead | null;
  readonly divided: boolean;
  readonly mark: Likeness["kind"] | undefined;
  /** Words of its function that were not understood. */
  readonly unread: readonly string[];
  /** The class that its words tell, where none was given; empty where they tell none. */
  readonly readSignal: string;
}

export function gridLine(
  at: Pick<GridLine, "index" | "start">,
  pin: Pin | undefined,
  grid: Pick<PinGrid, "rowId" | "shown">,
  connector: Connector,
  habit: CodeHabit,
  marks: ReadonlyMap<PinId, Likeness["kind"]>,
  words: readonly OwnWord[],
): GridLine {
  const colour = pin?.colour ?? grid.shown(NEW, "colour", undefined);
  // A colour typed for a new cavity is drawn at once.
  const wire = colour === "" ? null : (pin ?? { ...blankPin(pinId(NEW), "", 0), colour });
  const reading = wire === null ? null : colourOf(wire, connector, habit);
  return {
    ...at,
    id: grid.rowId(at.index),
    pin,
    wire,
    reading,
    divided:
      wire !== null &&
      reading !== null &&
      wire.sources.colour !== "read-off" &&
      isDivided(reading, wire, connector),
    mark: pin === undefined ? undefined : marks.get(pin.id),
    unread: pin === undefined ? [] : readFunction(pin.function, words, contextOf(connector, pin)).unread,
    readSignal: pin?.signal === null ? signalShown({ pin, connector }, words) : "",
  };
}
