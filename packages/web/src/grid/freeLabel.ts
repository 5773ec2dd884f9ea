import { type Connector, faceOf, labelsOwnCavities, nextLabel } from "@trevin/core";

/** The label after the last one that is not taken; plain numbers where the last one does not count on. */
export function freeLabel(last: string | undefined, taken: ReadonlySet<string>): string {
  let label = last === undefined ? "1" : nextLabel(last);
  for (let tries = 0; tries <= taken.size && label !== "" && taken.has(label); tries++)
    label = nextLabel(label);
  for (let number = taken.size + 1; label === "" || label.length > 12 || taken.has(label); number++)
    label = String(number);
  return label;
}

/** The labels that the housing gives its cavities; none where the pin table names them. */
export function ownLabels(connector: Connector): ReadonlySet<string> {
  const { shell } = connector;
  if (shell === null || !labelsOwnCavities(shell)) return new Set();
  return new Set(faceOf(connector)?.places.map(({ label }) => label) ?? []);
}
