import type { Hazard, HazardClass } from "../hazards/index.ts";
import type { PinId } from "../model/index.ts";

/** Something that the job still owes when the last wire is in: programming, codes to expect, functions lost, what law looks at. */
export interface Owed {
  readonly rule: string;
  readonly title: string;
  readonly detail: string;
  readonly cure: string;
  readonly pins: readonly PinId[];
  /** Accepted with a reason; empty while nobody has. */
  readonly accepted: string;
}

const OWING: readonly HazardClass[] = ["consequence", "law"];

/** What stays owed after the work, each thing once, with all the pins that it is about. What a part or another order cures is not owed. */
export function owedAfter(hazards: readonly Hazard[]): readonly Owed[] {
  const owed = new Map<string, Owed>();
  for (const { rule, class: kind, title, detail, cure, pins, decision, answered, cured, about } of hazards) {
    if (!OWING.includes(kind) || decision === null || cured) continue;
    // What law looks at is told once for each subject, whatever number of wires touches it.
    const told = about === "" ? detail : `The work touches ${about}. Local law and inspection rules apply.`;
    const key = `${rule} ${title} ${told}`;
    const before = owed.get(key);
    owed.set(key, {
      rule,
      title,
      detail: told,
      cure,
      pins: [...new Set([...(before?.pins ?? []), ...pins])],
      accepted: before?.accepted || (answered?.reason ?? ""),
    });
  }
  return [...owed.values()];
}
