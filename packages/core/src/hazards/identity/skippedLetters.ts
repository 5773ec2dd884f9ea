import { SKIPPED_LETTERS } from "../../model/index.ts";
import type { Finding, Rule } from "../rule.ts";

/** Cavity letters that leave out I, O or Q: a count along the alphabet lands one off (common practice). */
export const skippedLetters: Rule = {
  id: "skipped-letters",
  class: "identity",
  find: ({ connectors, wires }) =>
    connectors.flatMap((connector): readonly Finding[] => {
      const letters = connector.pins
        .map((pin) => pin.cavity.toUpperCase())
        .filter((label) => /^[A-Z]$/.test(label));
      const last = [...letters].sort().at(-1);
      if (last === undefined || letters.length < connector.pins.length) return [];
      const missing = SKIPPED_LETTERS.filter((letter) => letter < last && !letters.includes(letter));
      const [pin] = wires[connector.side].filter(
        ({ placed }) =>
          placed.connector.id === connector.id &&
          missing.some((letter) => placed.pin.cavity.toUpperCase() > letter),
      );
      if (missing.length === 0 || pin === undefined) return [];
      return [
        {
          severity: "note",
          pins: [pin],
          title: `${connector.name} skips ${missing.join(", ")}`,
          detail: `There is no cavity ${missing.join(", ")} on ${connector.name}.`,
          cure: "Read the label on the housing; do not count through the alphabet.",
        },
      ];
    }),
};
