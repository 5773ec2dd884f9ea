import { compareShells, type ShellLikeness } from "../face/index.ts";
import { connectorsInOrder, type Connector, type Dossier } from "../model/index.ts";

/** Two connectors of a job that a hand can take for each other by their shells. */
export interface ShellLookAlike {
  readonly pair: readonly [Connector, Connector];
  readonly likeness: Exclude<ShellLikeness, "different">;
}

/** Pairs of connectors whose shells are the same, keyed apart or mirror images; halves of one connection and contacts of different gender are none. */
export function shellLookAlikes(dossier: Dossier): readonly ShellLookAlike[] {
  const all = connectorsInOrder(dossier);
  return all.flatMap((a, i) =>
    all.slice(i + 1).flatMap((b): readonly ShellLookAlike[] => {
      if (a.shell === null || b.shell === null || a.matesWith === b.id || b.matesWith === a.id) return [];
      if (a.shell.gender !== null && b.shell.gender !== null && a.shell.gender !== b.shell.gender) return [];
      const likeness = compareShells(a.shell, b.shell);
      return likeness === "different" ? [] : [{ pair: [a, b], likeness }];
    }),
  );
}
