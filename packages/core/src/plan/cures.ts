import { findingKey, type CircuitFinding, type Proof } from "../circuit/index.ts";
import { applyCommand } from "../dossier/index.ts";
import {
  isJoining,
  methodOf,
  namedPins,
  polarityOf,
  type Decision,
  type DeviceLeg,
  type Dossier,
  type InsertedDevice,
  type Joining,
} from "../model/index.ts";
import { dividerFor } from "../sizing/index.ts";
import { provedAtEnd } from "./atEnd.ts";

type Kind = CircuitFinding["kind"];
/** What is fed backwards, or fed when it should not be: diodes may part it. */
const BACKWARDS: ReadonlySet<Kind> = new Set(["back-feed", "output-back-fed", "never-off"]);
const FAILS: ReadonlySet<Kind> = new Set(["dark", "dim", "reversed"]);

/**
 * Ways of deciding otherwise that cure a finding of the circuit that the job ends with: each was solved, shows the finding no more,
 * and nothing that would be worse. As decisions in place of those that are; none that would only hide it.
 */
export function curesOf(dossier: Dossier, finding: CircuitFinding): readonly Decision[] {
  const planned = provedAtEnd(dossier);
  const about = new Set(finding.pins);
  return dossier.decisions
    .filter((decision) => namedPins(decision).some((pin) => about.has(pin)))
    .flatMap((decision) => candidates(dossier, decision, finding))
    .filter((put) => cures(dossier, put, finding, planned));
}

const count = ({ findings }: Proof, of: (one: CircuitFinding) => boolean): number =>
  findings.filter(of).length;
const isStop = ({ severity }: CircuitFinding): boolean => severity === "stop";
const isFailing = ({ kind }: CircuitFinding): boolean => FAILS.has(kind);

function cures(dossier: Dossier, put: Decision, finding: CircuitFinding, planned: Proof): boolean {
  const decided = applyCommand(dossier, { kind: "decide", put: [put], remove: [] });
  if (!decided.ok) return false;
  const after = provedAtEnd(decided.value);
  return (
    !after.findings.some((one) => findingKey(one) === findingKey(finding)) &&
    count(after, isStop) <= count(planned, isStop) - (isStop(finding) ? 1 : 0) &&
    count(after, isFailing) <= count(planned, isFailing) - (isFailing(finding) ? 1 : 0)
  );
}

function candidates(dossier: Dossier, decision: Decision, finding: CircuitFinding): readonly Decision[] {
  if (!isJoining(decision) || methodOf(decision) === "adapter") return [];
  const { device } = decision;
  if (device?.kind === "diodes")
    return [through(decision, { ...device, band: device.band === "vehicle" ? "incoming" : "vehicle" })];
  if (device !== undefined) return [];
  if (BACKWARDS.has(finding.kind))
    return (["incoming", "vehicle"] as const).map((band) => through(decision, { kind: "diodes", band }));
  if (finding.kind === "level") return dividers(dossier, decision, finding.most);
  return FAILS.has(finding.kind) ? otherHalves(decision) : [];
}

/** With a part between; that wants a joint, whatever the wires did before. */
const through = (decision: Joining, device: InsertedDevice): Decision =>
  decision.kind === "join" ? { ...decision, method: "splice", device } : { ...decision, device };

/** The divider that brings the supply down to what the input takes, its ground at each ground point of the job. */
function dividers({ points, head }: Dossier, decision: Joining, most: number): readonly Decision[] {
  if (most <= 0 || most >= head.nominalVolts) return [];
  return points
    .filter((point) => polarityOf(point) === "ground")
    .map(({ id }) => {
      const leg: DeviceLeg = { terminal: "ground", to: { kind: "feed", feed: "ground", supply: id } };
      return through(decision, { kind: "divider", ...dividerFor(head.nominalVolts, most), legs: [leg] });
    });
}

/** The other halves of the wires that are cut. */
function otherHalves(decision: Joining): readonly Decision[] {
  if (methodOf(decision) !== "splice") return [];
  const theirs = { ...decision, theirHalf: decision.theirHalf === "loom" ? "plug" : "loom" } as const;
  if (decision.kind === "tap" || decision.half === "pulled" || decision.half === "whole") return [theirs];
  const ours = { ...decision, half: decision.half === "plug" ? "loom" : "plug" } as const;
  return [ours, theirs];
}
