import { blankPin, pinId, slotsOf, type Pin, type Shell, type ShelfShell } from "@trevin/core";

/** The cavities of a shell as lines of the pin table, with what the standard says of each. */
export const cavitiesOf = (shell: Shell, contacts: ShelfShell["contacts"]): readonly Pin[] =>
  slotsOf(shell).flatMap(({ label }, order) => {
    if (label === null) return [];
    const usual = contacts[label];
    return [
      {
        ...blankPin(pinId(crypto.randomUUID()), label, order),
        ...(usual === undefined
          ? {}
          : {
              content: "occupied" as const,
              function: usual.function,
              colour: usual.colour,
              colourSystem: usual.colour === "" ? null : ("iec" as const),
            }),
      },
    ];
  });
