import { isGeneric, type Meaning } from "../meaning/index.ts";
import type { TaughtSlot, TaughtSlots } from "../model/index.ts";
import { SIGNAL_WORDS } from "../shelf/index.ts";

const DIRECTION_WORDS = { source: "gives", load: "takes", both: "both ways", passive: "passive" } as const;

/** What the wire serves and which one: "radiator fan · low"; what it does not know it leaves out. */
export function servesWords({ things, either, vague, which, pole, signal }: Meaning): string {
  if (signal === "none") return "spare";
  const [first, ...rest] = things.map(({ name }) => name);
  const mayBe = [first, ...either.map(({ name }) => name)].join(" or ");
  const named = `${[mayBe, ...rest].join(" and ")}${vague ? "?" : ""}`;
  const places = [...which].flatMap(([dimension, values]) =>
    [...values].map((value) => (COUNTED.has(dimension) ? `${dimension} ${value}` : value)),
  );
  return [named, places.join(" "), pole ?? ""].filter((part) => part !== "").join(" · ");
}
const COUNTED: ReadonlySet<string> = new Set(["bank", "sensor", "number"]);

/** A reading in few words: "radiator fan · low · switched ground, gives". A supply or ground says itself what it carries. */
export function meaningWords(meaning: Meaning): string {
  const { things, signal, certain, direction } = meaning;
  if (signal === "none") return "spare";
  const way = direction === null ? "" : DIRECTION_WORDS[direction];
  const isSaid = signal === "unknown" || (things.length > 0 && things.every(isGeneric));
  const carries = isSaid ? "" : `${SIGNAL_WORDS[signal]}${certain < 0.6 ? "?" : ""}`;
  const last = [carries, way].filter((part) => part !== "").join(", ");
  return [servesWords(meaning), last].filter((part) => part !== "").join(" · ");
}

/** The slots of a reading as a form names them. */
export const SLOT_WORDS: Readonly<Record<TaughtSlot, string>> = {
  kind: "Part at its end",
  role: "Job of the wire",
  direction: "Gives or takes",
  pole: "Pole",
  side: "Side",
  end: "End",
  level: "Level",
  bank: "Bank",
  number: "Number",
};

/** A value of a slot: "output", "gives". */
export function slotValueWords(slot: TaughtSlot, value: string): string {
  if (slot === "direction") return DIRECTION_WORDS[value as keyof typeof DIRECTION_WORDS];
  return slot === "role" && (value === "in" || value === "out") ? `${value}put` : value;
}

/** What a label was taught to say beside its thing and class: "left, number 2, no pole". */
export const slotWords = (slots: TaughtSlots = {}): string =>
  (Object.keys(SLOT_WORDS) as readonly TaughtSlot[])
    .flatMap((slot) => {
      const value = slots[slot];
      if (value === undefined) return [];
      if (value === null) return [`${SLOT_WORDS[slot].toLowerCase()} not said`];
      return [COUNTED.has(slot) ? `${slot} ${value}` : slotValueWords(slot, value)];
    })
    .join(", ");
