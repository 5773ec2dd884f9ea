import { colourInWords } from "../colour/index.ts";
import type { CavityLook } from "../face/index.ts";
import type { Pin } from "../model/index.ts";

/** "Cavity 7: level sender, left; blue, white stripe; 0.5 mm²": what one points at. */
export function cavityWords(label: string, pin: Pin | null, look: CavityLook | undefined): string {
  if (pin === null) return `Cavity ${label}: not in the pin table`;
  const state = look?.state ?? pin.content;
  const colours = (look?.readings ?? []).map(colourInWords).join(" or ");
  const what =
    state === "occupied"
      ? [
          colours === "" ? "wire, colour not known" : colours,
          pin.size === null ? "" : `${pin.size} mm²`,
          (look?.more.length ?? 0) > 0 ? `${(look?.more.length ?? 0) + 1} wires in one terminal` : "",
          look?.doubt === true ? "in doubt" : "",
        ]
          .filter((part) => part !== "")
          .join("; ")
      : state === "unknown"
        ? "nobody has looked"
        : state;
  return `Cavity ${label}: ${pin.function === "" ? "" : `${pin.function}; `}${what}`;
}
