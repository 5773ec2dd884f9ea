import { readFileSync } from "node:fs";
import { readJobFile } from "@trevin/core/contract";
import { pinName, type Direction, type Dossier, type SignalClass, allPins } from "@trevin/core";

/** A table of two looms as it was typed, with what an experienced fitter would make of it. */
export interface TableJob {
  readonly id: string;
  readonly dossier: Dossier;
  readonly joins: readonly { readonly vehicle: readonly string[]; readonly incoming: readonly string[] }[];
  readonly damage: ReadonlySet<string>;
  readonly alone: readonly string[];
  /** The true class and direction of each pin, by CONNECTOR.CAVITY. */
  readonly meaning: ReadonlyMap<string, { readonly signal: SignalClass; readonly direction: Direction }>;
}

interface RawPin {
  readonly cavity: string | number;
  readonly code?: string;
  readonly size?: string;
  readonly function?: string;
  readonly meaning: { readonly signal: SignalClass; readonly direction: Direction };
}
interface RawSide {
  readonly connector: string;
  readonly pins: readonly RawPin[];
}
interface RawJob {
  readonly id: string;
  readonly kind: string;
  readonly volts?: number;
  readonly vehicle: readonly RawSide[];
  readonly incoming: readonly RawSide[];
  readonly joins: TableJob["joins"];
  readonly damage?: readonly (readonly [string, string])[];
  readonly alone: readonly { readonly pin: string }[];
}

/** Cross-section in mm² of a size as typed: "0.75 mm2", "18 AWG", 0.5. */
function squareMillimetres(text: string | undefined): number | undefined {
  const awg = /(\d+)\s*(?:AWG|ga)/i.exec(text ?? "");
  if (awg !== null) return Math.round(53.4751 * 92 ** (-Number(awg[1]) / 19.5) * 100) / 100;
  const plain = /\d+(?:\.\d+)?/.exec(text ?? "");
  return plain === null ? undefined : Number(plain[0]);
}

/** Reads files of tables; throws with the job's name where one is no job. */
export function readTables(files: readonly string[]): readonly TableJob[] {
  return files.flatMap((file) => (JSON.parse(readFileSync(file, "utf8")) as RawJob[]).map(tableJob));
}

function tableJob(raw: RawJob): TableJob {
  const sides = [
    ...raw.vehicle.map((one) => ({ ...one, side: "vehicle" })),
    ...raw.incoming.map((one) => ({ ...one, side: "incoming" })),
  ];
  const connectors = sides.map(({ connector, side, pins }) => ({
    name: connector,
    side,
    pins: pins.map((pin) => {
      const size = squareMillimetres(pin.size);
      return {
        cavity: String(pin.cavity),
        ...(pin.function ? { function: pin.function } : {}),
        ...(pin.code ? { colour: pin.code } : {}),
        ...(size === undefined ? {} : { size }),
      };
    }),
  }));
  const file = {
    format: "trevin-job",
    version: 1,
    job: { name: raw.id, kind: raw.kind, nominalVolts: raw.volts ?? 12 },
    connectors,
  };
  const read = readJobFile(JSON.stringify(file));
  if (!read.ok) throw new Error(`${raw.id}: ${JSON.stringify(read.error)}`);
  return {
    id: raw.id,
    dossier: read.value.dossier,
    joins: raw.joins,
    damage: new Set((raw.damage ?? []).flatMap(([a, b]) => [`${a} ${b}`, `${b} ${a}`])),
    alone: raw.alone.map(({ pin }) => pin),
    meaning: new Map(
      sides.flatMap(({ connector, pins }) =>
        pins.map((pin) => [`${connector}.${pin.cavity}`, pin.meaning] as const),
      ),
    ),
  };
}

/** Names of pins as the tables use them. */
export const namesOf = (dossier: Dossier): ReadonlyMap<string, string> =>
  new Map(allPins(dossier).map((placed) => [placed.pin.id as string, pinName(placed)]));
