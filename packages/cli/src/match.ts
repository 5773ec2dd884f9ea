import {
  aloneWords,
  analyse,
  blockWords,
  briefLines,
  decisionFromAlone,
  decisionWords,
  deviceReasonWords,
  deviceWords,
  indexPins,
  pinReader,
  OPEN_WORDS,
  otherSide,
  pinName,
  pinNamer,
  proposalWords,
  reasonWords,
  type JobDocument,
  type ProposedDevice,
  type SuggestedPair,
} from "@trevin/core";

import { slotsOf } from "./meaning.ts";

/** Everything that the crosswalk of a job says, with pins as CONNECTOR.CAVITY (docs/match.md). */
export function matchReport({ dossier }: JobDocument): unknown {
  const pins = indexPins(dossier);
  const name = pinNamer(dossier);
  const read = pinReader(dossier);
  const { crosswalk: walk, hazards, verdict, bench } = analyse(dossier, []);
  const count = (outcome: string): number => verdict.filter((join) => join.outcome === outcome).length;
  const between = (device: ProposedDevice | null): object =>
    device === null ? {} : { device: deviceWords(device.device), deviceReason: deviceReasonWords(device) };
  const pairOf = ({ vehicle, incoming, sure, strength, margin, reasons, device }: SuggestedPair): object => ({
    vehicle: name(vehicle),
    incoming: name(incoming),
    sure,
    strength,
    margin,
    reasons: reasons.map(reasonWords),
    ...between(device),
  });
  return {
    decided: dossier.decisions.map((decision) => ({
      kind: decision.kind,
      words: decisionWords(decision, name),
      sure: decision.sure,
      reason: decision.reason,
    })),
    meaning: Object.fromEntries(
      [...pins.values()]
        .filter(({ pin }) => pin.function !== "")
        .map((placed) => [pinName(placed), slotsOf(read(placed).reading)]),
    ),
    pairs: walk.pairs.map(pairOf),
    groups: walk.groups.map(({ kind, pairs, sure, device }) => ({
      kind,
      sure,
      ...between(device),
      pairs: pairs.map(pairOf),
    })),
    jumpers: walk.jumpers.map((jumper) => ({
      pins: jumper.pins.map(name),
      sure: jumper.sure,
      strength: jumper.strength,
    })),
    alone: walk.alone
      .map((alone) => ({ alone, decision: decisionFromAlone(alone, dossier) }))
      .map(({ alone, decision }) => ({
        pin: name(alone.pin),
        proposal: alone.proposal,
        decision: decision === null ? null : decisionWords(decision, name),
        words: proposalWords(alone),
        reason: aloneWords(alone),
        ...(alone.feed === null ? {} : { feed: alone.feed, from: alone.from.map(({ words }) => words) }),
        ...(alone.open === null ? {} : { leftOpen: OPEN_WORDS[alone.open] }),
        ...(alone.nearest === null
          ? {}
          : {
              nearest: name(alone.nearest.pin),
              nearestTakenBy: alone.nearest.takenBy === null ? null : name(alone.nearest.takenBy),
            }),
      })),
    hazards: hazards.map(
      ({ rule, class: kind, severity, pins: at, title, detail, cure, fixes, cured, answered }) => ({
        rule,
        class: kind,
        severity,
        pins: at.map(name),
        title,
        words: detail,
        cure,
        fixes: fixes.map((fix) => fix.words),
        cured,
        accepted: answered === null ? null : { reason: answered.reason, by: answered.by ?? null },
      }),
    ),
    colourForColour: {
      works: count("works"),
      dead: count("dead"),
      damage: count("damage"),
      joins: verdict.map((join) => ({
        vehicle: name(join.vehicle),
        incoming: name(join.incoming),
        outcome: join.outcome,
        signals: join.signals,
      })),
    },
    brief: briefLines(dossier).map(({ item, pins: own, linked, state }) => ({
      kind: item.kind,
      text: item.text,
      kept: item.kept,
      state,
      pins: own.map(pinName),
      linked,
    })),
    secondSide: otherSide(dossier).map(({ like, copy, decided, differences }) => ({
      like: decisionWords(like, name),
      copy: decisionWords(copy, name),
      decided: decided !== null,
      differences: differences.map(({ pin, fact, here, there }) => ({
        pin: pinName(pin),
        fact,
        here,
        there,
      })),
    })),
    blocks: bench.plan.blocks.map((block) => blockWords(block, pinNamer(dossier))),
  };
}
