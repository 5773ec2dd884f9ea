import {
  allPins,
  canUnplug,
  decisionByPin,
  decisionId,
  FAULT_WORDS,
  FAULTS,
  otherwiseWords,
  pinName,
  pinNamer,
  provedOtherwise,
  provedAtEnd,
  swappable,
  whatIf,
  whatIfSwapped,
  whatIfUnplugged,
  whatIfWords,
  type JobDocument,
  type Otherwise,
  type PinId,
  type Proof,
  type WhatIf,
} from "@trevin/core";
import { InputError } from "./failure.ts";
import { findingsReport } from "./solve.ts";

/** What may be asked of one wire, beside a fault. */
export const WHAT_IFS = [...FAULTS, "unplugged", "alone", "swap=CAVITY"] as const;

/** What differs in the circuit that a job ends with: with a fault at the wire of a pin, its plug pulled, its decision not made, or another wire of the plug in its place. */
export function whatIfReport(
  document: JobDocument,
  connector: string,
  cavity: string,
  wanted: string,
): unknown {
  const { dossier } = document;
  const name = pinNamer(dossier);
  const pinAt = (where: string): PinId => {
    const own = allPins(dossier).find((placed) => pinName(placed) === `${connector}.${where}`);
    if (own === undefined) throw new InputError(`there is no ${connector}.${where} in this job`);
    return own.pin.id;
  };
  const pin = pinAt(cavity);
  if (wanted === "alone") {
    const decision = decisionByPin(dossier).get(pin);
    if (decision === undefined) throw new InputError(`nothing is decided of ${connector}.${cavity}`);
    return otherwiseReport(document, { kind: "without", decision: decisionId(decision) });
  }
  const proof = provedAtEnd(dossier);
  if (proof.network.ports.every(({ read }) => read.placed.pin.id !== pin))
    throw new InputError(`the wire of ${connector}.${cavity} is not in the circuit of what is decided`);
  const { said, found } = faultOf(proof, { pin, pinAt, wanted, nominal: dossier.head.nominalVolts });
  return {
    fault: said,
    at: name(pin),
    words: whatIfWords(found, name),
    changes: changesOf(found, name),
    crossed: found.crossed.map(({ row, before, after }) => ({
      pin: name(row.pin),
      before: before.map(name),
      after: after.map(name),
    })),
    extraAmps: Math.round(found.extra * 100) / 100,
  };
}

function faultOf(
  proof: Proof,
  {
    pin,
    pinAt,
    wanted,
    nominal,
  }: {
    readonly pin: PinId;
    readonly pinAt: (cavity: string) => PinId;
    readonly wanted: string;
    readonly nominal: number;
  },
): { readonly said: string; readonly found: WhatIf } {
  const fault = FAULTS.find((one) => one === wanted);
  if (fault !== undefined) return { said: FAULT_WORDS[fault], found: whatIf(proof, nominal, pin, fault) };
  const plug = proof.network.ports.find(({ read }) => read.placed.pin.id === pin)?.read.placed.connector;
  if (wanted === "unplugged" && plug !== undefined) {
    if (!canUnplug(proof.network, plug.id))
      throw new InputError(`${plug.name} goes into no part of this circuit`);
    return { said: `${plug.name} pulled`, found: whatIfUnplugged(proof, nominal, plug.id) };
  }
  const other = /^swap=(.+)$/.exec(wanted)?.[1];
  if (other === undefined)
    throw new InputError(`what if takes ${WHAT_IFS.join(", ")} or by-colour, not "${wanted}"`);
  const twin = pinAt(other);
  if (!swappable(proof.network, pin).includes(twin))
    throw new InputError(`the wire of cavity ${other} is not in the circuit at the same end`);
  return { said: `swapped with ${other}`, found: whatIfSwapped(proof, nominal, pin, twin) };
}

const changesOf = ({ changes }: WhatIf, name: (pin: PinId) => string): readonly object[] =>
  changes.map(({ row, before, after, comesOn }) => ({ pin: name(row.pin), before, after, comesOn }));

/** What would come of a job decided otherwise. */
export function otherwiseReport({ dossier }: JobDocument, how: Otherwise): unknown {
  const name = pinNamer(dossier);
  const outcome = provedOtherwise(dossier, how);
  const { verdict, lines, more } = otherwiseWords(outcome, name);
  return {
    verdict: outcome.verdict,
    words: [verdict, ...lines, ...(more > 0 ? [`and ${more} more`] : [])],
    findings: findingsReport(outcome.findings, name),
    changes: changesOf(outcome, name),
  };
}
