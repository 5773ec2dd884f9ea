import { DIRECTIONS, type SignalClass } from "./signal.ts";

/** What hangs on a wire at its end: a relay, a switch, a lamp. */
const PART_KINDS = [
  "relay",
  "coil",
  "switch",
  "sensor",
  "motor",
  "lamp",
  "telltale",
  "gauge",
  "valve",
  "heater",
  "pump",
  "contactor",
] as const;
export type PartKind = (typeof PART_KINDS)[number];

/** What a wire does at its connector. */
const WIRE_ROLES = [
  "in",
  "out",
  "request",
  "signal",
  "supply",
  "return",
  "feedback",
  "control",
  "ground",
] as const;
export type WireRole = (typeof WIRE_ROLES)[number];

/** What a label may be taught to say beside the thing and the class, slot by slot. */
export const TAUGHT_SLOTS = {
  side: ["left", "right"],
  end: ["front", "rear"],
  level: ["low", "medium", "high"],
  bank: ["1", "2"],
  number: ["1", "2", "3", "4", "5", "6", "7", "8", "9", "10", "11", "12"],
  kind: PART_KINDS,
  role: WIRE_ROLES,
  pole: ["plus", "minus"],
  direction: DIRECTIONS,
} as const;
export type TaughtSlot = keyof typeof TAUGHT_SLOTS;
/** A slot left out stays as the words say; null: the label says nothing of it. */
export type TaughtSlots = {
  readonly [Slot in TaughtSlot]?: (typeof TAUGHT_SLOTS)[Slot][number] | null;
};

/** A text as the user writes it, and what it stands for: a term of the vocabulary, or a signal class alone. */
export interface OwnWord {
  readonly text: string;
  readonly term: string | null;
  readonly signal: SignalClass;
  /** Also said of the same words with another side, end or number. */
  readonly like?: boolean;
  readonly slots?: TaughtSlots;
}
