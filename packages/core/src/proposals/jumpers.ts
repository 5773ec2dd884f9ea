import { solveAssignment } from "../numeric/index.ts";
import { pinsOfSide, type Dossier, type PinId, type PlacedPin, type Sureness } from "../model/index.ts";
import { present, tokensOf } from "../util/index.ts";
import { weigh, pinReader, surenessAt, type ReadPin } from "../pairing/index.ts";
import { keepOutOf } from "../brief/index.ts";

/** Cavities of one plug to join so that what ran through the module goes on working without it. */
export interface SuggestedJumper {
  readonly pins: readonly [PinId, PinId];
  readonly sure: Sureness;
  readonly strength: number;
}

const INTO = /\b(in|input|from|switch|stalk|request|supply in|feed in)\b/i;
const OUT_OF = /\b(out|output|to|motor|lamp|relay|actuator|controller|ksi)\b/i;
const FARS_INPUT = /\b(controller|motor|relay|actuator|pump|valve)\b.*\b(in|input|request|enable)\b/i;
const FARS_OUTPUT = /\b(switch|stalk|key)\b.*\b(out|output)\b/i;

/** Which way a wire works at the plug of a module: as written down, else as its words say; null when neither tells. */
function wayOf({ placed: { pin }, direction }: ReadPin): "source" | "load" | null {
  if (direction === "source" || direction === "load") return direction;
  const [from, to] = [/\bfrom\b/i.test(pin.function), /\bto\b/i.test(pin.function)];
  if (from !== to) return from ? "source" : "load";
  // Named after what is at its other end: the input of a controller takes, the output of a switch gives.
  if (FARS_INPUT.test(pin.function)) return "load";
  if (FARS_OUTPUT.test(pin.function)) return "source";
  const [into, out] = [INTO.test(pin.function), OUT_OF.test(pin.function)];
  if (into === out) return null;
  return into ? "source" : "load";
}
/** Words that only say which way a wire works, and what is at its end, tell nothing of what it is for. */
const WAY_WORDS =
  /(?<=\w\s)\b(from|to)\b[^,;(]*|\b(in|input|out|output|from|to)\b\s*(the\s*)?(switch|stalk|motor|lamp|relay|actuator|module|dash)?|\bcontroller\b/gi;
const withoutWay = (text: string): string => tokensOf(text.replace(WAY_WORDS, " ")).join(" ");

/**
 * For a job that takes a module out: which wires of its plug belong together. A wire that brings something in goes with the one
 * that carried the same thing out, the best pairing of each plug taken as a whole. Nothing is proposed where neither the table nor
 * the words say which way a wire works, nor for supplies and grounds.
 */
export function suggestJumpers(dossier: Dossier, open: readonly ReadPin[]): readonly SuggestedJumper[] {
  if (dossier.head.kind !== "module-bypass") return [];
  // Where a link plug takes the module's place, the crosswalk pairs its pins.
  if (pinsOfSide(dossier, "incoming").some(({ pin }) => pin.content === "occupied")) return [];
  const read = pinReader(dossier);
  const plugs = [...new Set(open.map(({ placed }) => placed.connector.id))];
  return plugs.flatMap((plug) => {
    const own = open.filter(
      ({ placed }) =>
        placed.connector.id === plug && placed.pin.content === "occupied" && keepOutOf(placed) === null,
    );
    return pairsWithin(
      own.filter((pin) => wayOf(pin) === "source"),
      own.filter((pin) => wayOf(pin) === "load"),
      read,
    );
  });
}

function pairsWithin(
  sources: readonly ReadPin[],
  loads: readonly ReadPin[],
  read: (placed: PlacedPin) => ReadPin,
): readonly SuggestedJumper[] {
  // Both are weighed by what they carry, without the way that they carry it.
  const carried = (own: ReadPin): ReadPin => {
    const { pin, connector } = own.placed;
    const plain = read({
      connector,
      pin: { ...pin, function: withoutWay(pin.function), direction: null },
    });
    return { ...plain, way: { direction: null, certain: 0 } };
  };
  const strength = (source: ReadPin, load: ReadPin): number => {
    const evidence = weigh(source, load);
    const named = source.reading.text === load.reading.text;
    return evidence === null ? -1 : evidence.strength + (named ? 20 : 0);
  };
  const [from, to] = [sources.map(carried), loads.map(carried)];
  const table = from.map((source) => to.map((load) => strength(source, load)));
  const edges = table.map((row) =>
    row.flatMap((value, column) => (value > 0 ? [{ column, cost: [-value, 0] as const }] : [])),
  );
  const zero = [0, 0] as const;
  const solved = solveAssignment({
    columns: loads.length,
    edges,
    rowAlone: sources.map(() => zero),
    columnAlone: loads.map(() => zero),
  });
  return solved.columnOf.flatMap((column, row): readonly SuggestedJumper[] => {
    if (column === null) return [];
    const [source, load] = [present(sources[row], "source"), present(loads[column], "load")];
    const [margin] = solved.marginOf(row);
    const value = present(table[row]?.[column], "strength");
    const sure = surenessAt(Math.min(value, margin));
    // Two wires are never bridged on a guess.
    return sure === "guess"
      ? []
      : [{ pins: [source.placed.pin.id, load.placed.pin.id], strength: value, sure }];
  });
}
