import { comparedWith, findingKey, type CircuitFinding, type Proof, type WhatIf } from "../circuit/index.ts";
import { joined, leftOpen } from "../proposals/index.ts";
import { colourForColour } from "../hazards/index.ts";
import { decisionId, decisionPins, type DecisionId, type Dossier } from "../model/index.ts";
import { provedAtEnd } from "./atEnd.ts";

/** How a job could have been decided: the wires of one decision left alone, or every wire joined to the one of its colour. */
export type Otherwise =
  { readonly kind: "without"; readonly decision: DecisionId } | { readonly kind: "by-colour" };

/** What would come of it. */
export interface OtherwiseOutcome extends WhatIf {
  readonly verdict: Proof["verdict"];
  /** What the other circuit shows and the planned one does not, worst first. */
  readonly findings: readonly CircuitFinding[];
}

/** The job as planned from its start, against the same job decided otherwise: both circuits solved. */
export function provedOtherwise(dossier: Dossier, how: Otherwise): OtherwiseOutcome {
  const planned = provedAtEnd(dossier);
  const other = provedAtEnd(decidedOtherwise(dossier, how));
  const known = new Set(planned.findings.map(findingKey));
  return {
    ...comparedWith(planned, other, dossier.head.nominalVolts),
    verdict: other.verdict,
    findings: other.findings.filter((one) => !known.has(findingKey(one))),
  };
}

function decidedOtherwise(dossier: Dossier, how: Otherwise): Dossier {
  // What is not decided counts as right, so its wires are said to end where they are.
  if (how.kind === "without")
    return {
      ...dossier,
      decisions: dossier.decisions.flatMap((decision) =>
        decisionId(decision) === how.decision
          ? decisionPins(decision).map((pin) => leftOpen("leave", pin, null))
          : [decision],
      ),
    };
  const joins = colourForColour(dossier);
  const touched = new Set(joins.flatMap(({ vehicle, incoming }) => [vehicle, incoming]));
  return {
    ...dossier,
    decisions: [
      ...dossier.decisions.filter((decision) => !decisionPins(decision).some((pin) => touched.has(pin))),
      ...joins.map(({ vehicle, incoming }) => ({
        ...joined(dossier, vehicle, incoming, false),
        sure: "guess" as const,
        reason: "",
        answers: [],
      })),
    ],
  };
}
