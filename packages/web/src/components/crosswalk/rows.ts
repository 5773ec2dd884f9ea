import {
  decisionId, indexPins, rankPins, type Decision, type DecisionId, type Dossier, type Hazard, type PlacedPin, type PinId, type Reason, type SuggestedAlone, type Sureness,
} from "@trevin/core";
import type { Analysis } from "../../workers/analysis.ts";

/** One circuit of the crosswalk: what stands on the vehicle's side, what on the other, and what is decided between. */
export interface WalkRow {
  readonly key: string;
  readonly vehicle: PlacedPin | null;
  readonly incoming: PlacedPin | null;
  readonly decision: Decision | null;
  readonly id: DecisionId | null;
  readonly sure: Sureness;
  readonly reasons: readonly Reason[];
  readonly alone: SuggestedAlone | null;
  readonly hazards: readonly Hazard[];
}

/** Decided joins, suggestions and loners in the order of the vehicle's pins, then the rest of the incoming side. */
export function walkRows(dossier: Dossier, analysis: Analysis): readonly WalkRow[] {
  const pins = indexPins(dossier);
  const rank = rankPins(dossier);
  const at = (id: PinId): PlacedPin | null => pins.get(id) ?? null;
  const rows: WalkRow[] = [];
  const base = { reasons: [], alone: null, decision: null, id: null, sure: "sure" as const };
  const add = (row: Omit<WalkRow, "hazards">): void => {
    const own = [row.vehicle?.pin.id, row.incoming?.pin.id];
    rows.push({ ...row, hazards: analysis.hazards.filter((hazard) => own.includes(hazard.pins[0]) && (hazard.severity !== "note" || hazard.rule !== "twin-colour")) });
  };
  for (const decision of dossier.decisions) {
    const id = decisionId(decision);
    if (decision.kind === "join") add({ ...base, key: id, vehicle: at(decision.vehicle), incoming: at(decision.incoming), decision, id, sure: decision.sure });
    else {
      const placed = at(decision.pin);
      const isVehicle = placed?.connector.side === "vehicle";
      add({ ...base, key: id, vehicle: isVehicle ? placed : null, incoming: isVehicle ? null : placed, decision, id, sure: decision.sure });
    }
  }
  for (const pair of analysis.crosswalk.pairs) add({ ...base, key: `${pair.vehicle}+${pair.incoming}`, vehicle: at(pair.vehicle), incoming: at(pair.incoming), sure: pair.sure, reasons: pair.reasons });
  for (const alone of analysis.crosswalk.alone) {
    const placed = at(alone.pin);
    const isVehicle = placed?.connector.side === "vehicle";
    add({ ...base, key: alone.pin, vehicle: isVehicle ? placed : null, incoming: isVehicle ? null : placed, alone });
  }
  const place = (row: WalkRow): number => rank.get((row.vehicle ?? row.incoming)?.pin.id as PinId) ?? 0;
  return rows.sort((a, b) => place(a) - place(b));
}

const WORDS: Readonly<Record<Decision["kind"], string>> = { join: "", cap: "cap and tuck", leave: "stays as it is", feed: "fed from elsewhere" };

/** The words on the line between the two pins. */
export function lineWords(row: WalkRow): string {
  const trap = row.hazards.some((hazard) => hazard.rule === "same-colour-other-function");
  if (row.decision?.kind === "join") return `${row.decision.method}${trap ? ", not by colour" : ""}`;
  if (row.decision?.kind === "feed") return row.decision.from === "" ? "from where?" : `from ${row.decision.from}`;
  if (row.decision !== null) return WORDS[row.decision.kind];
  if (row.alone !== null) return row.alone.why === "needs-feed" ? "no feed chosen" : "no partner";
  return trap ? "suggested, not by colour" : "suggested";
}
