import {
  circuitNoteWords,
  circuitOf,
  isInner,
  readSpice,
  spiceProblemWords,
  type OperatingPoint,
} from "@trevin/core";
import { InputError } from "./failure.ts";

/** The operating point of a SPICE netlist (docs/circuit.md). */
export function networkReport(path: string, text: string): unknown {
  const read = readSpice(text);
  if (!read.ok) throw new InputError(`${path}: ${spiceProblemWords(read.error)}`);
  const { elements, title, titleLooksLikeElement } = read.value;
  const point = circuitOf(elements).solve();
  const answer = pointReport(point);
  const says = Object.values(answer.i).some((value) => value !== null);
  if (!says)
    throw new InputError(
      `${path}: ${answer.notes.join(" ") || "nothing can be said of this network"}`,
      answer,
    );
  return titleLooksLikeElement
    ? { ...answer, notes: [`Line 1 is the title, as in SPICE, and was not read: ${title}`, ...answer.notes] }
    : answer;
}

/** Volts of each node and amperes through each element from its first node to its second; null where nothing can be said. */
function pointReport({ volts, amps, floating, notes }: OperatingPoint): {
  readonly v: Readonly<Record<string, number | null>>;
  readonly i: Readonly<Record<string, number | null>>;
  readonly floating: readonly string[];
  readonly notes: readonly string[];
} {
  const outer = (pairs: ReadonlyMap<string, number | null>): Readonly<Record<string, number | null>> =>
    Object.fromEntries([...pairs].filter(([name]) => !isInner(name)));
  return {
    v: outer(volts),
    i: outer(amps),
    floating: floating.filter((node) => !isInner(node)),
    notes: notes.map(circuitNoteWords),
  };
}
