import {
  colourInWords,
  habitOf,
  pinSystem,
  readColour,
  type CodeHabit,
  type ColourProblem,
  type ColourInterpretation,
  type Connector,
  type Pin,
  type Result,
} from "@trevin/core";

export type ColourRead = Result<ColourInterpretation, ColourProblem>;

const known = new Map<string, ColourRead>();
const MOST_KNOWN = 20_000;

/** A colour as its connector writes colours; read once for each code, since a large table repeats a few dozen. */
export function colourOf(pin: Pin, connector: Connector, habit: CodeHabit): ColourRead {
  const system = pinSystem(pin, connector);
  const key = `${system}|${habit.separated}|${pin.colour}`;
  let reading = known.get(key);
  if (reading === undefined) {
    if (known.size > MOST_KNOWN) known.clear();
    known.set(key, (reading = readColour(pin.colour, system, habit)));
  }
  return reading;
}

export const connectorHabit = (connector: Connector): CodeHabit =>
  habitOf(
    connector.pins.map((pin) => pin.colour),
    connector.colourSystem,
  );

/** Another way to divide the letters in the same system: it has to be looked at. */
export const isDivided = (reading: ColourRead, pin: Pin, connector: Connector): boolean =>
  reading.ok && reading.value.others.some((other) => other.systems.includes(pinSystem(pin, connector)));

export const colourCellWords = (reading: ColourRead): string => {
  if (reading.ok) return colourInWords(reading.value.colour);
  return reading.error.code === "colour-empty" ? "" : "not read";
};

/** The codes of a connector that another system would read as another colour. */
export function readOtherwise(connector: Connector): readonly string[] {
  const habit = connectorHabit(connector);
  const codes = connector.pins
    .filter((pin) => {
      const reading = colourOf(pin, connector, habit);
      return (
        reading.ok && reading.value.others.some((other) => !other.systems.includes(pinSystem(pin, connector)))
      );
    })
    .map((pin) => pin.colour);
  return [...new Set(codes)];
}
