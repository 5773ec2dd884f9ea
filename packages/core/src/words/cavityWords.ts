import { colourInWords } from "../colour/index.ts";
import type { CavityLook } from "../face/index.ts";
import type { Pin } from "../model/index.ts";

const STATE_WORDS = {
  unknown: "not checked yet",
  empty: "empty",
  vacated: "vacated",
  plugged: "plugged",
} as const;

/** "Cavity 7: level sender, left; blue, white stripe; 0.5 mm²": what one points at. */
export function cavityWords(label: string, pin: Pin | null, look: CavityLook | undefined): string {
  if (pin === null) return `Cavity ${label}: not in the pin table`;
  const state = look?.state ?? pin.content;
  const colours = (look?.readings ?? []).map(colourInWords).join(" or ");
  const more = look?.more.length ?? 0;
  const wire = [
    colours === "" ? "wire, colour not known" : colours,
    pin.size === null ? "" : `${pin.size} mm²`,
    more > 0 ? `${more + 1} wires in one terminal` : "",
    look?.doubt === true ? "in doubt" : "",
  ].filter((part) => part !== "");
  const what = { ...STATE_WORDS, occupied: wire.join("; ") }[state];
  return `Cavity ${label}: ${pin.function === "" ? "" : `${pin.function}; `}${what}`;
}
