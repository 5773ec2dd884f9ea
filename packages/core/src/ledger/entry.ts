import type { Operation } from "../harness/index.ts";
import type {
  Connector,
  ConnectorId,
  Decision,
  DecisionId,
  Half,
  JobHead,
  Pin,
  PinId,
  Reading,
  StepId,
} from "../model/index.ts";

/** What the technician can correct about a wire once work has begun; where it sits is said beside them. */
export type PinFacts = Partial<Omit<Pin, "id" | "cavity" | "order" | "content">>;

/** The facts in which a pin as it was found differs from what was believed. Place and content are no facts of the wire. */
export function factsBetween(believed: Pin, found: Pin): PinFacts {
  const { id: _id, cavity: _cavity, order: _order, content: _content, ...facts } = found;
  return Object.fromEntries(
    Object.entries(facts).filter(
      ([field, value]) => JSON.stringify(value) !== JSON.stringify(believed[field as keyof PinFacts]),
    ),
  );
}

/** What happened. A physical change is one of these and nothing else. */
export type What =
  /** `begins`: what the harness is taken to be; left out by older ledgers, in which nothing was plugged in and no membrane counted. */
  | {
      readonly kind: "baseline";
      readonly head: JobHead;
      readonly connectors: readonly Connector[];
      readonly begins?: "plugged" | undefined;
    }
  /**
   * `decided` and `undone`: how the decisions in force differ from those of the last plan that was adopted, from none at the first
   * time. Older records do not say, and the next one that does holds them all.
   */
  | {
      readonly kind: "plan-adopted";
      readonly steps: number;
      readonly decided?: readonly Decision[] | undefined;
      readonly undone?: readonly Decision[] | undefined;
    }
  | {
      readonly kind: "done";
      readonly step: StepId;
      readonly decision: DecisionId | null;
      readonly op: Operation | null;
      readonly note: string;
      /** Of a wire that was cut to find out: the half that carries the supply. Older records do not say, and went on with the loom's. */
      readonly live?: Half | undefined;
      /** What was measured at it. */
      readonly readings?: readonly Reading[] | undefined;
      /** The step in the words that it was done by; older entries have none, and are put into today's. */
      readonly words?: string | undefined;
    }
  | {
      readonly kind: "skipped";
      readonly step: StepId;
      readonly decision: DecisionId | null;
      readonly reason: string;
      readonly words?: string | undefined;
    }
  | {
      readonly kind: "note";
      readonly step: StepId | null;
      readonly text: string;
      readonly words?: string | undefined;
    }
  /** A photo that was taken while the work was under way; its fingerprint tells whether the picture is still the same. */
  | {
      readonly kind: "photo";
      readonly photo: string;
      readonly sha256: string;
      readonly connector: ConnectorId | null;
      readonly pin: PinId | null;
    }
  | {
      readonly kind: "found";
      readonly pin: PinId;
      readonly facts: PinFacts;
      /** The cavity that its wire was found in, and the one that it was believed to be in; left out where that was right. */
      readonly place?: { readonly found: string; readonly believed: string } | undefined;
      readonly note: string;
    }
  | { readonly kind: "retracted"; readonly seq: number; readonly reason: string };

export interface Entry {
  /** Version of this shape; older ones are read through an upcaster, never rewritten. */
  readonly v: 1;
  readonly seq: number;
  /** Made by the device; the same id is never entered twice. */
  readonly event: string;
  /** ISO 8601, server clock; `deviceAt` is the device's own. */
  readonly at: string;
  readonly deviceAt: string;
  readonly person: string;
  readonly device: string;
  /** Hash of the plan that was being followed, or null where none was. */
  readonly plan: string | null;
  readonly what: What;
  /** Hash of the entry before; 64 zeros for the first. */
  readonly prev: string;
}

/** An entry as it is kept: the exact bytes that were hashed. */
export interface StoredEntry {
  readonly bytes: string;
  readonly hash: string;
}
