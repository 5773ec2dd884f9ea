import { readFileSync } from "node:fs";
import { readJobFile } from "../contract/index.ts";
import { applyCommand } from "../dossier/index.ts";
import {
  decisionFromAlone,
  decisionFromGroup,
  decisionFromJumper,
  decisionFromPair,
  suggest,
} from "../proposals/index.ts";
import { findHazards, type Hazard } from "../hazards/index.ts";
import { indexPins, namedPins, pinName, type Decision, type Dossier } from "../model/index.ts";
import { checkPlan, kitOf, planWork, type Plan } from "../plan/index.ts";

/** An ordinary job of `scenes/`, with everything accepted that the crosswalk proposes. */
export interface Scene {
  readonly dossier: Dossier;
  /** Each decision in a line: "tap X4.1 H1.1", "join KI.1 CM.A2 sure". */
  readonly decided: readonly string[];
  readonly hazards: readonly Hazard[];
  readonly plan: Plan;
  /** The rule that the plan breaks, or null. */
  readonly fault: string | null;
  readonly kit: readonly string[];
}

const sceneJob = (name: string): Dossier => {
  const read = readJobFile(readFileSync(new URL(`./scenes/${name}.json`, import.meta.url), "utf8"));
  if (!read.ok) throw new Error(`${name}: ${JSON.stringify(read.error)}`);
  return read.value.dossier;
};

/** Takes every proposal of the crosswalk, as a person would who presses Enter all the way down. */
function withProposals(dossier: Dossier): Dossier {
  const { pairs, groups, jumpers, alone } = suggest(dossier);
  const put: readonly (Decision | null)[] = [
    ...pairs.map((pair) => decisionFromPair(pair, dossier)),
    ...groups.map((group) => decisionFromGroup(group, dossier)),
    ...jumpers.map(decisionFromJumper),
    ...alone.map((one) => decisionFromAlone(one, dossier)),
  ];
  const done = applyCommand(dossier, { kind: "decide", put: put.flatMap((one) => one ?? []), remove: [] });
  if (!done.ok) throw new Error(JSON.stringify(done.error));
  return done.value;
}

export function sceneOf(name: string, prepare: (dossier: Dossier) => Dossier = (dossier) => dossier): Scene {
  const dossier = prepare(withProposals(sceneJob(name)));
  const pins = indexPins(dossier);
  const plan = planWork(dossier);
  return {
    dossier,
    decided: dossier.decisions.map((decision) =>
      [
        decision.kind,
        ...namedPins(decision).map((id) => {
          const placed = pins.get(id);
          return placed === undefined ? id : pinName(placed);
        }),
        decision.sure,
      ].join(" "),
    ),
    hazards: findHazards(dossier),
    plan,
    fault: checkPlan(dossier, plan)?.code ?? null,
    kit: kitOf(dossier, plan).map(({ what, count }) => `${count} ${what}`),
  };
}
