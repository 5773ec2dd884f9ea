import { decisionId, decisionPins, indexPins, rankPins, type Dossier } from "../../model/index.ts";
import { present } from "../../util/index.ts";
import type { SuggestedPair } from "../crosswalk.ts";
import { damagingJoin } from "./damagingJoin.ts";
import { lawReminder } from "./lawReminder.ts";
import { missingFeed } from "./missingFeed.ts";
import { sameColourOtherFunction } from "./sameColourOtherFunction.ts";
import { sizeStep } from "./sizeStep.ts";
import { twinColour } from "./twinColour.ts";
import type { Hazard, HazardContext, Link, Rule } from "./rule.ts";

export type { Hazard, HazardContext, Link, Rule, Severity } from "./rule.ts";

const RULES: readonly Rule[] = [damagingJoin, missingFeed, sameColourOtherFunction, lawReminder, sizeStep, twinColour];

function contextOf(dossier: Dossier, suggested: readonly SuggestedPair[]): HazardContext {
  const pins = indexPins(dossier);
  const pin = (id: Parameters<typeof pins.get>[0]) => present(pins.get(id), `pin ${id}`);
  const fixed = dossier.decisions.flatMap((decision): Link[] =>
    decision.kind === "join" ? [{ vehicle: pin(decision.vehicle), incoming: pin(decision.incoming), decision: decisionId(decision), sure: decision.sure }] : [],
  );
  const open = suggested.map((pair): Link => ({ vehicle: pin(pair.vehicle), incoming: pin(pair.incoming), decision: null, sure: pair.sure }));
  const rank = rankPins(dossier);
  const links = [...fixed, ...open].sort((a, b) => (rank.get(a.vehicle.pin.id) ?? 0) - (rank.get(b.vehicle.pin.id) ?? 0));
  return { dossier, links, decided: new Set(dossier.decisions.flatMap(decisionPins)) };
}

/** All hazards of the decided and suggested joins; an answered stop carries the reason it was accepted with. */
export function findHazards(dossier: Dossier, suggested: readonly SuggestedPair[]): readonly Hazard[] {
  const context = contextOf(dossier, suggested);
  const answers = new Map(dossier.decisions.flatMap((decision) => decision.answers.map((answer) => [`${decisionId(decision)} ${answer.rule}`, answer.reason] as const)));
  return RULES.flatMap((rule) => rule(context)).map((hazard) => ({ ...hazard, answered: hazard.decision === null ? null : (answers.get(`${hazard.decision} ${hazard.rule}`) ?? null) }));
}
