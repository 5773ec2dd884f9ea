import {
  circuitFindingWords,
  circuitNoteWords,
  circuitOf,
  frozen,
  indexPins,
  isInner,
  jobNetwork,
  pinName,
  pinNamer,
  readSpice,
  solverOf,
  spiceProblemWords,
  provedAtEnd,
  stateAtEnd,
  VERDICT_WORDS,
  writeSpice,
  type CircuitFinding,
  type JobDocument,
  type Key,
  type OperatingPoint,
  type PinId,
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

/** Findings as plain data, with their words. */
export const findingsReport = (
  findings: readonly CircuitFinding[],
  name: (pin: PinId) => string,
): readonly object[] =>
  findings.map((finding) => ({
    kind: finding.kind,
    severity: finding.severity,
    pins: finding.pins.map(name),
    ...circuitFindingWords(finding, name),
  }));

/** The circuit that a job ends with: the verdict, what it found, and what each part gets in each position of the key (docs/circuit.md). */
export function proofReport(document: JobDocument): unknown {
  const { dossier } = document;
  const name = pinNamer(dossier);
  const pins = indexPins(dossier);
  const proof = provedAtEnd(dossier);
  const rounded = (volts: Readonly<Record<Key, number>>): object =>
    Object.fromEntries(proof.network.positions.map((key) => [key, Math.round(volts[key] * 100) / 100]));
  return {
    verdict: proof.verdict,
    words: VERDICT_WORDS[proof.verdict],
    findings: findingsReport(proof.findings, name),
    loads: proof.loads.map(({ pin, rail, atRest, on, workedBy, fares }) => ({
      pin: name(pin),
      function: pins.get(pin)?.pin.function ?? "",
      supply: rail,
      fares,
      atRest: rounded(atRest),
      on: rounded(on),
      workedBy: workedBy.length,
    })),
    states: proof.states,
    assumed: proof.assumed,
    notes: proof.notes.map(circuitNoteWords),
  };
}

/** A position of the key with outputs and switches: all of them, or those of the pins named. */
export interface Position {
  readonly key: Key;
  readonly on: boolean;
  /** By pin, as CONNECTOR.CAVITY. */
  readonly thrown: ReadonlyMap<string, boolean>;
}
function solvedAt(document: JobDocument, { key, on, thrown }: Position) {
  const network = jobNetwork(document.dossier, stateAtEnd(document.dossier));
  const some = new Set(network.drivers.filter(() => on).map(({ element }) => element));
  for (const [pin, isOn] of thrown) {
    const own = network.drivers.filter(({ port }) => pinName(port.read.placed) === pin);
    if (own.length === 0) throw new InputError(`no output or switch stands at ${pin} in this circuit`);
    for (const { element } of own)
      if (isOn) some.add(element);
      else some.delete(element);
  }
  return { network, point: solverOf(network)(key, some.size === 0 ? "none" : { some }) };
}

/** Volts at each end of a wire and amperes through it, in one position: by pin, at the loom's end and at the part's. */
export function positionReport(document: JobDocument, position: Position): unknown {
  const { network, point } = solvedAt(document, position);
  const rounded = (value: number | null | undefined): number | null =>
    value === null || value === undefined ? null : Math.round(value * 1e4) / 1e4;
  return {
    key: position.key,
    ends: network.ports.map(({ node, wire, end, kind, read }) => ({
      pin: pinName(read.placed),
      end: end === "part" ? "part" : "loom",
      is: kind.kind,
      v: rounded(point.volts.get(node)),
      i: rounded(point.amps.get(wire)),
    })),
    notes: point.notes.map(circuitNoteWords),
  };
}

/** The same position as a SPICE netlist. */
export function spiceReport(document: JobDocument, position: Position): string {
  const { network, point } = solvedAt(document, position);
  return writeSpice(`${document.dossier.head.name}, key ${position.key}`, frozen(network.elements, point));
}
