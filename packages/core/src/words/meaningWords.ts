import type { Meaning } from "../meaning/index.ts";
import { SIGNAL_WORDS } from "../shelf/index.ts";

const DIRECTION_WORDS = { source: "gives", load: "takes", both: "both ways", passive: "passive" } as const;

/** A reading in few words: "radiator fan · low · switched ground, gives"; what it does not know it leaves out. */
export function meaningWords({ things, vague, which, pole, signal, certain, direction }: Meaning): string {
  if (signal === "none") return "spare";
  const [thing] = things;
  const places = [...which].flatMap(([dimension, values]) =>
    [...values].map((value) =>
      dimension === "bank" || dimension === "sensor" || dimension === "number"
        ? `${dimension} ${value}`
        : value,
    ),
  );
  const carries =
    signal === "unknown"
      ? ""
      : `${SIGNAL_WORDS[signal]}${certain < 0.6 ? "?" : ""}${direction === null ? "" : `, ${DIRECTION_WORDS[direction]}`}`;
  return [
    things.length === 0
      ? ""
      : `${things.length > 1 ? things.map(({ name }) => name).join(" and ") : (thing?.name ?? "")}${vague ? "?" : ""}`,
    places.join(" "),
    pole ?? "",
    carries,
  ]
    .filter((part) => part !== "")
    .join(" · ");
}
