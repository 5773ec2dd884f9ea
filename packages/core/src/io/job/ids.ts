import { builtShell } from "../../harness/index.ts";
import { connectorId } from "../../model/index.ts";
import type { JobFile } from "./jobFile.ts";

/** Gives an id that no other one is, nor what is named after another one: the shell that is built for a connector, say. */
type Named = (wanted: string) => string;
export function namesTaken(file: JobFile): { readonly connector: Named; readonly pin: Named } {
  const among = (given: readonly (string | undefined)[]): Named => {
    const taken = new Set(given.flatMap((id) => (id === undefined ? [] : [id, builtShell(connectorId(id))])));
    return (wanted) => {
      let id = wanted;
      while (taken.has(id) || taken.has(builtShell(connectorId(id)))) id += "'";
      taken.add(id);
      taken.add(builtShell(connectorId(id)));
      return id;
    };
  };
  return {
    connector: among(file.connectors.map(({ id }) => id)),
    pin: among(file.connectors.flatMap(({ pins }) => pins.map(({ id }) => id))),
  };
}
