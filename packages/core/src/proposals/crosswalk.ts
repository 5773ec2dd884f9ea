import { droppedOption, keepOutOf } from "../brief/index.ts";
import {
  decisionByPin,
  isKept,
  pinsOfSide,
  SIDES,
  takesAdapter,
  type Dossier,
  type PinId,
  type Side,
} from "../model/index.ts";
import {
  contestedSupplies,
  contactFeed,
  doubtfulBars,
  givesItself,
  matchProblem,
  pairedByPosition,
  pinReader,
  poweredParts,
  SURE,
  type ReadPin,
} from "../pairing/index.ts";
import { aloneOf, type SuggestedAlone } from "./alone.ts";
import { groupsOf, linksOf, starsOnly, type MatchOptions } from "./chosenLinks.ts";
import { feedPlaces } from "./feeds.ts";
import {
  grouped,
  joinBothSides,
  pairOf,
  seriesOf,
  type SuggestedGroup,
  type SuggestedPair,
} from "./grouped.ts";
import { suggestJumpers, type SuggestedJumper } from "./jumpers.ts";
import { nearestOf } from "./nearest.ts";
import { hasSpentTerminal } from "./spentTerminal.ts";

export interface Crosswalk {
  readonly pairs: readonly SuggestedPair[];
  readonly groups: readonly SuggestedGroup[];
  readonly jumpers: readonly SuggestedJumper[];
  readonly alone: readonly SuggestedAlone[];
}

/**
 * The best pairing of all undecided pins of the two sides, as one assignment: every pair's evidence is weighed against every
 * other's and against staying alone; one wire may serve several where its class permits. Decided pins are fixed and take no
 * part, nor do keep-out circuits and options that are given up; forbidden pairs are never proposed. Deterministic: the memo
 * changes how long it takes and nothing else.
 */
export function suggest(dossier: Dossier, options: MatchOptions = {}): Crosswalk {
  const read = pinReader(dossier);
  const decided = decisionByPin(dossier);
  const forbidden = new Map<PinId, Set<PinId>>();
  for (const decision of dossier.decisions)
    if (decision.kind === "forbid")
      forbidden.set(decision.vehicle, (forbidden.get(decision.vehicle) ?? new Set()).add(decision.incoming));
  const open = (side: Side): readonly ReadPin[] =>
    pinsOfSide(dossier, side)
      .filter(({ pin }) => !decided.has(pin.id) && pin.content !== "empty")
      .map(read);
  const left = open("vehicle");
  const right = open("incoming");
  // A table of one side only is read, not worked on.
  const isOneSided =
    dossier.head.kind !== "module-bypass" &&
    SIDES.some((side) => pinsOfSide(dossier, side).every(({ pin }) => pin.content === "empty"));
  const placed = pairedByPosition(dossier, left, right).map((pair) => ({ ...pair, ...BY_POSITION }));
  const bypass = suggestJumpers(
    dossier,
    left.filter(({ placed }) => !isKept(dossier, placed.connector)),
  );
  const settled = new Set([
    ...bypass.flatMap(({ pins }) => pins),
    ...placed.flatMap(({ vehicle, incoming }) => [vehicle, incoming]),
  ]);
  const doubtful = new Set(dossier.connectors.flatMap((one) => doubtfulBars(one, read).flat()));
  const takesPart = (pin: ReadPin): boolean =>
    !doubtful.has(pin.placed.pin.id) &&
    pin.placed.pin.content === "occupied" &&
    pin.signal !== "none" &&
    keepOutOf(pin.placed) === null &&
    droppedOption(dossier, pin.placed) === null &&
    !settled.has(pin.placed.pin.id);
  const rows = left.filter(takesPart);
  // Weighing the pairs is the first half of the work, choosing among them the second.
  const match = matchProblem(
    rows,
    right.filter(takesPart),
    forbidden,
    (row) => row % 64 === 63 && options.onProgress?.(row / 2, rows.length),
    options.weights,
  );
  const links = starsOnly(linksOf(match, options));
  const contested = new Set([...contestedSupplies(left), ...contestedSupplies(right)]);
  const taken = new Set(links.map(({ column }) => column));
  const free = match.columns.flatMap(({ pin, of }) => (of === null && !taken.has(pin) ? [pin] : []));
  const pairs: SuggestedPair[] = [...placed];
  const groups: SuggestedGroup[] = [];
  for (const group of groupsOf(links)) {
    const made = group.map((link) => pairOf(link, match, dossier.head.nominalVolts, contested));
    const [only] = made;
    const led = seriesOf(group, made, match, dossier.head.nominalVolts, contested, free);
    if (led !== null) groups.push(led);
    else if (made.length === 1 && only !== undefined) pairs.push(only);
    else groups.push(grouped(group, made));
  }
  joinBothSides(pairs, groups, match, dossier.head.nominalVolts, contested);
  const met = [...pairs, ...groups.flatMap((group) => group.pairs)];
  const partner = new Map(
    met.flatMap(
      ({ vehicle, incoming }) =>
        [
          [vehicle, incoming],
          [incoming, vehicle],
        ] as const,
    ),
  );
  const nearest = nearestOf(match, partner);
  const places = feedPlaces(dossier);
  const adapted = takesAdapter(dossier.decisions);
  const powered = poweredParts(pinsOfSide(dossier, "incoming").map(read));
  const alone = [...left, ...right]
    .filter(
      ({ placed: { pin, connector } }) =>
        !partner.has(pin.id) &&
        !settled.has(pin.id) &&
        (!isKept(dossier, connector) || hasSpentTerminal(pin)),
    )
    .map((pin) =>
      aloneOf(pin, {
        dossier,
        places,
        nearest: nearest.get(pin.placed.pin.id) ?? null,
        adapted,
        contactFeed: contactFeed(pin, links),
        isContradicted: doubtful.has(pin.placed.pin.id),
        isOneSided,
        isGiven: givesItself(pin, powered),
      }),
    );
  return { pairs, groups, jumpers: bypass, alone };
}

/** What stands in the same place of the same plug is one wire. */
const BY_POSITION = {
  sure: "sure",
  strength: SURE,
  margin: SURE,
  reasons: [{ kind: "position", weight: SURE }],
  device: null,
} as const;
