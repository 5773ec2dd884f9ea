import { awgToMm2 } from "../sizing/awg.ts";
import { readJobFile } from "../contract/index.ts";
import { compareText } from "../util/index.ts";
import { type Weights } from "../pairing/index.ts";
import { suggest } from "../proposals/index.ts";
import { allPins, pinName, type Direction, type Dossier, type SignalClass } from "../model/index.ts";

/** A pair that was proposed. */
export interface Chosen {
  readonly isRight: boolean;
  readonly sure: string;
  readonly isHarmful: boolean;
  /** The weaker of the pair's own case and its lead, in tenths of a log-odds unit. */
  readonly case: number;
}
/** What the crosswalk made of a table. */
export interface Outcome {
  readonly joins: number;
  readonly right: number;
  readonly chosen: readonly Chosen[];
  readonly alone: number;
  readonly aloneRight: number;
}

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
  readonly meaning?: { readonly signal: SignalClass; readonly direction: Direction };
}
interface RawSide {
  readonly connector: string;
  readonly pins: readonly RawPin[];
}
/** A job as the files hold it. */
export interface RawJob {
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
  if (awg !== null) return Math.round(100 * awgToMm2(Number(awg[1]))) / 100;
  const plain = /\d+(?:\.\d+)?/.exec(text ?? "");
  return plain === null ? undefined : Number(plain[0]);
}

/**
 * Swaps as `reading/swaps.txt` writes them: "# title", "= colour | function || colour | function" for a true join, "< …" and "> …" for what
 * stands alone. The incoming pins are numbered in the order of their texts, so that the order of the list tells nothing.
 */
export function swapJobs(text: string): readonly RawJob[] {
  return text
    .split(/^# /m)
    .slice(1)
    .map((block): RawJob => {
      const [title = "", ...lines] = block.trim().split("\n");
      const rows = lines.map((line) => {
        const [left = "", right = ""] = line.slice(2).split(" || ");
        if (line.startsWith("=")) return { vehicle: left, incoming: right };
        return line.startsWith("<") ? { vehicle: left, incoming: null } : { vehicle: null, incoming: left };
      });
      const vehicle = rows.flatMap((row) => row.vehicle ?? []);
      const incoming = rows.flatMap((row) => row.incoming ?? []).sort(compareText);
      const name = (side: "V" | "M", list: readonly string[], one: string): string =>
        `${side}1.${list.indexOf(one) + 1}`;
      return {
        id: `swap-${title.split(" ")[0] ?? ""}`,
        kind: "engine-swap",
        volts: Number(/\b(24|36|48) ?V\b/.exec(title)?.[1] ?? 12),
        vehicle: [{ connector: "V1", pins: vehicle.map(rawPin) }],
        incoming: [{ connector: "M1", pins: incoming.map(rawPin) }],
        joins: rows.flatMap((row) =>
          row.vehicle === null || row.incoming === null
            ? []
            : [{ vehicle: [name("V", vehicle, row.vehicle)], incoming: [name("M", incoming, row.incoming)] }],
        ),
        alone: rows.flatMap((row) => {
          if (row.vehicle !== null && row.incoming !== null) return [];
          return [
            {
              pin:
                row.vehicle === null
                  ? name("M", incoming, row.incoming ?? "")
                  : name("V", vehicle, row.vehicle),
            },
          ];
        }),
      };
    });
}
function rawPin(written: string, index: number): RawPin {
  const [first = "", second] = written.split(" | ");
  return { cavity: index + 1, code: second === undefined ? "" : first, function: second ?? first };
}

/** A table as a job; throws with its name where it is none. */
export function tableJob(raw: RawJob): TableJob {
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
        pins.flatMap(({ cavity, meaning }) =>
          meaning === undefined ? [] : [[`${connector}.${cavity}`, meaning] as const],
        ),
      ),
    ),
  };
}

/** Names of pins as the tables use them. */
export const namesOf = (dossier: Dossier): ReadonlyMap<string, string> =>
  new Map(allPins(dossier).map((placed) => [placed.pin.id as string, pinName(placed)]));

/** The true pairs of a table, "V.1 X.A". */
export const pairsOf = ({ joins }: TableJob): ReadonlySet<string> =>
  new Set(joins.flatMap(({ vehicle, incoming }) => vehicle.flatMap((v) => incoming.map((i) => `${v} ${i}`))));

/** What the crosswalk of a job proposes with some weights, counted against the truth. */
export function outcomeOf(job: TableJob, weights?: Weights): Outcome {
  const names = namesOf(job.dossier);
  const { pairs, groups } = suggest(job.dossier, { weights });
  const truth = pairsOf(job);
  const made = [
    ...pairs,
    ...groups.flatMap((group) => group.pairs.map((pair) => ({ ...pair, sure: group.sure }))),
  ].map((pair) => ({ ...pair, key: `${names.get(pair.vehicle) ?? ""} ${names.get(pair.incoming) ?? ""}` }));
  const got = new Set(made.map(({ key }) => key));
  const used = new Set([...got].flatMap((key) => key.split(" ")));
  const isMet = ({ vehicle, incoming }: TableJob["joins"][number]): boolean =>
    vehicle.every((v) => incoming.some((i) => got.has(`${v} ${i}`))) &&
    incoming.every((i) => vehicle.some((v) => got.has(`${v} ${i}`)));
  return {
    joins: job.joins.length,
    right: job.joins.filter(isMet).length,
    chosen: made.map(({ key, sure, strength, margin }) => ({
      isRight: truth.has(key),
      sure,
      isHarmful: !truth.has(key) && job.damage.has(key),
      case: Math.min(strength, margin),
    })),
    alone: job.alone.length,
    aloneRight: job.alone.filter((pin) => !used.has(pin)).length,
  };
}
