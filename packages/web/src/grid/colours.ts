import {
  colourInWords,
  habitOf,
  oncePerText,
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

const readBefore = oncePerText<ColourRead>(20_000);

/** A colour as its connector writes colours; read once for each code, since a large table repeats a few dozen. */
export function colourOf(pin: Pin, connector: Connector, habit: CodeHabit): ColourRead {
  const system = pinSystem(pin, connector);
  return readBefore(`${system}|${habit.separated}|${pin.colour}`, () =>
    readColour(pin.colour, system, habit),
  );
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
