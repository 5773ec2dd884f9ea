import { readJobValue } from "../contract/index.ts";
import { indexPins, pinName, type Dossier, type PinId } from "../model/index.ts";
import { suggest } from "../proposals/index.ts";

/** A pin as a test writes it. */
export type Row = readonly [
  cavity: string,
  name: string,
  colour?: string,
  signal?: string,
  more?: Record<string, unknown>,
];

/** A job from two short tables, the vehicle's in V and the incoming part's in X. */
export function shortJob(
  vehicle: readonly Row[],
  incoming: readonly Row[],
  file: Record<string, unknown> = {},
): Dossier {
  const pins = (rows: readonly Row[]) =>
    rows.map(([cavity, name, colour, signal, more]) => ({
      cavity,
      function: name,
      ...(colour ? { colour } : {}),
      ...(signal ? { signal } : {}),
      ...more,
    }));
  const read = readJobValue({
    format: "trevin-job",
    version: 1,
    connectors: [
      { name: "V", colourSystem: "iec", pins: pins(vehicle) },
      { name: "X", colourSystem: "iec", pins: pins(incoming) },
    ],
    ...file,
  });
  if (!read.ok) throw new Error(JSON.stringify(read.error));
  return read.value.dossier;
}

export const nameOf = (dossier: Dossier, id: PinId): string => pinName(indexPins(dossier).get(id)!);
/** What is suggested, "V.1 X.A sure". */
export const pairsIn = (dossier: Dossier): readonly string[] =>
  suggest(dossier).pairs.map(
    (pair) => `${nameOf(dossier, pair.vehicle)} ${nameOf(dossier, pair.incoming)} ${pair.sure}`,
  );
