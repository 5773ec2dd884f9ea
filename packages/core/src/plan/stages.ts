import {
  anchorKey,
  builtShell,
  farEnd,
  netOf,
  type HarnessState,
  type PluggedInto,
} from "../harness/index.ts";
import { isPartlyRecorded } from "../face/index.ts";
import { briefLines } from "../brief/index.ts";
import { type Hazard } from "../hazards/index.ts";
import {
  connectorsInOrder,
  counterpartIn,
  decisionId,
  goesAway,
  hangingOn,
  hasFuseToFit,
  isNewShell,
  mateOf,
  parting,
  pinsInOrder,
  type Connector,
  type ConnectorId,
  type Decision,
  type DecisionId,
  type Dossier,
  type EndId,
  type JoinPointId,
  type PartInTheWay,
  type PinId,
  type PlacedPin,
  type WorklistEdits,
} from "../model/index.ts";
import { inHand, type Draft } from "./templates/draft.ts";
import { emptied } from "./emptied.ts";
import type { Step } from "./step.ts";

/** Steps of one place, or of the job as a whole. */
export interface Stage {
  readonly id: string;
  readonly title: string;
  readonly place: string;
  readonly drafts: readonly Draft[];
}

const BATTERY = "battery";
const SEAT = "driver's seat";

/** The connectors that a round handles, and what is done to them. */
export interface Handling {
  readonly handled: readonly Connector[];
  readonly unlocked: ReadonlySet<ConnectorId>;
  readonly jointed: ReadonlySet<ConnectorId>;
  readonly adapted: ReadonlySet<ConnectorId>;
  /** Connectors that stay plugged in, since nothing is done there but hanging branches on their wires. */
  readonly tapped: ReadonlySet<ConnectorId>;
  /** Plugs that go onto a new part. */
  readonly fresh: ReadonlySet<ConnectorId>;
  /** Places in the order in which they are visited. */
  readonly places: readonly string[];
}

/** A plug that is to go into one of the other side, by the plug; both are named. */
export type Mates = ReadonlyMap<ConnectorId, { readonly into: ConnectorId; readonly decision: DecisionId }>;

/** The plugs that are to be plugged together and are not yet. */
export function matesToCome(
  decisions: readonly Decision[],
  state: HarnessState,
  pin: (id: PinId) => PlacedPin,
): Mates {
  return new Map(
    decisions.flatMap((decision) => {
      const [a, b] =
        decision.kind === "mate"
          ? [decision.vehicle[0], decision.incoming[0]].map((id) =>
              id === undefined ? undefined : pin(id).connector.id,
            )
          : [];
      if (a === undefined || b === undefined || state.plugged[a] === b) return [];
      return [
        [a, { into: b, decision: decisionId(decision) }],
        [b, { into: a, decision: decisionId(decision) }],
      ] as const;
    }),
  );
}

/** The plugs that come off a part that is taken away, and stay off it. */
export function leaving(dossier: Dossier, state: HarnessState): ReadonlySet<ConnectorId> {
  const off = parting(dossier);
  return new Set(
    dossier.connectors.flatMap((one) => {
      const before = mateOf(dossier, one)?.id ?? "own";
      return off.has(one.id) && (state.plugged[one.id] ?? before) === before ? [one.id] : [];
    }),
  );
}

/** The plugs that come off a part which is taken out, and go onto the new one in its place. */
export const renewed = (dossier: Dossier, state: HarnessState): ReadonlySet<ConnectorId> =>
  new Set(
    dossier.connectors.flatMap((one) =>
      state.plugged[one.id] === "own" && counterpartIn(dossier, one) === "comes" ? [one.id] : [],
    ),
  );

export function handlingOf(
  dossier: Dossier,
  wire: readonly Step[],
  mates: Mates,
  state: HarnessState,
  pin: (id: PinId) => PlacedPin,
  fresh: ReadonlySet<ConnectorId>,
): Handling {
  // Whatever meets in a joint hangs on a plug of its own, which is handled too.
  const named = wire.flatMap(({ op, wire: held, at, partner, others }) =>
    op === null ? [] : [held, at, partner, ...others],
  );
  const touched = new Set([
    ...wire.flatMap(({ connector, op }) => (connector === null || op === null ? [] : [connector])),
    ...named.flatMap((id) => (id === null ? [] : [pin(id).connector.id])),
  ]);
  const gone = leaving(dossier, state);
  const handled = connectorsInOrder(dossier).filter(
    (one) =>
      touched.has(one.id) ||
      mates.has(one.id) ||
      fresh.has(one.id) ||
      // What goes away with its loom is parted where the other plug is.
      (gone.has(one.id) && (state.plugged[one.id] ?? null) !== null && !goesAway(dossier, one)),
  );
  const ofOps = (...kinds: readonly string[]): ReadonlySet<ConnectorId> =>
    new Set(
      wire.flatMap(({ op, connector }) =>
        op !== null &&
        kinds.includes(op.kind) &&
        connector !== null &&
        (!("cavity" in op) || state.cavities[op.cavity]?.connector === connector)
          ? [connector]
          : [],
      ),
    );
  const visited = wire
    .map(({ place }) => place)
    .filter((place) => handled.some((connector) => connector.place === place));
  return {
    handled,
    unlocked: ofOps("release", "insert"),
    jointed: ofOps("cut", "splice", "tap", "fit", "feed"),
    tapped: new Set(
      [...onlyTapped(wire, pin)].filter((id) => !gone.has(id) && !mates.has(id) && !fresh.has(id)),
    ),
    fresh,
    adapted: new Set(
      wire.flatMap(({ op, connector }) =>
        op?.kind === "build-shell" && connector !== null ? [connector] : [],
      ),
    ),
    places: [...new Set([...visited, ...handled.map(({ place }) => place)])],
  };
}

function onlyTapped(wire: readonly Step[], pin: (id: PinId) => PlacedPin): ReadonlySet<ConnectorId> {
  const taps = new Map<ConnectorId, Set<DecisionId | null>>();
  for (const { op, connector, decision } of wire)
    if (op?.kind === "tap" && connector !== null)
      taps.set(connector, (taps.get(connector) ?? new Set()).add(decision));
  for (const { op, connector, wire: held, at, partner, others, decision } of wire) {
    if (op === null) continue;
    const named = [held, at, partner, ...others].flatMap((id) => (id === null ? [] : [pin(id).connector.id]));
    for (const id of [...named, ...(connector === null ? [] : [connector])])
      if (taps.get(id)?.has(decision) === false) taps.delete(id);
  }
  return new Set(taps.keys());
}

const power = (role: string, to: "on" | "off"): Draft => ({
  kind: to === "off" ? "battery-off" : "battery-on",
  role,
  op: { kind: "battery", to },
  place: BATTERY,
});

/** What comes before the first wire: looks with the power on, battery off, parts out of the way, cuts that need a test, then place by place photograph, unplug, check, unlock. */
export function opening(
  dossier: Dossier,
  { handled, unlocked, tapped, fresh, places }: Handling,
  state: HarnessState,
  checks: readonly { readonly powered: boolean; readonly draft: Draft }[],
  window: readonly Draft[],
): readonly Stage[] {
  const odometer: readonly Draft[] =
    dossier.head.kind === "cluster-swap"
      ? [{ kind: "note-odometer", role: "odometer", op: null, place: SEAT }]
      : [];
  const looks = checks.filter(({ powered }) => powered).map(({ draft }) => draft);
  const parts = partsInTheWay(dossier.worklist, handled);
  const off: readonly Draft[] = [
    power("battery", "off"),
    { kind: "wait", role: "wait", op: null, place: BATTERY },
  ];
  const safe = { id: "open", title: "Make safe", place: BATTERY };
  const reach = parts.map((part): Stage => ({
    id: `reach:${part.id}`,
    title: "Gain access",
    place: part.place,
    drafts: [
      { kind: "remove-part", role: `remove:${part.id}`, op: null, place: part.place, text: part.name },
      ...(part.drill
        ? [{ kind: "drill", role: `drill:${part.id}`, op: null, place: part.place, text: part.name } as const]
        : []),
    ],
  }));
  const first: readonly Stage[] =
    parts.length === 0 || looks.length === 0
      ? [
          {
            id: "look",
            title: "Check before power goes off",
            place: looks.length === 0 ? SEAT : "",
            drafts: [...odometer, ...looks],
          },
          { ...safe, drafts: off },
          ...reach,
        ]
      : [
          { id: "note", title: "Before anything else", place: SEAT, drafts: odometer },
          { ...safe, drafts: off },
          ...reach,
          {
            id: "look",
            title: "Check with power on",
            place: "",
            drafts: [power("battery-for-looks", "on"), ...looks, power("battery-after-looks", "off")],
          },
        ];
  const lives = window
    .filter(({ kind }) => kind === "cut")
    .map((cut): Draft => ({
      ...cut,
      kind: "find-live",
      role: `find-live:${cut.wire ?? ""}`,
      op: null,
      length: null,
    }));
  const test: Stage = {
    id: "window",
    title: "Find the live half",
    place: "",
    drafts:
      window.length === 0
        ? []
        : [...window, power("battery-for-test", "on"), ...lives, power("battery-after-test", "off")],
  };
  const apart = new Set<ConnectorId>();
  const byPlace = places.map((place): Stage => ({
    id: `open:${place}`,
    title: "Open up",
    place,
    drafts: handled
      .filter((connector) => connector.place === place)
      .flatMap((connector): readonly Draft[] => {
        const here = { connector: connector.id, place };
        const from = state.plugged[connector.id] ?? null;
        const pull = from !== null && !apart.has(connector.id) && !tapped.has(connector.id);
        if (pull) for (const one of [connector.id, from]) apart.add(one as ConnectorId);
        return [
          // A new shell holds nothing yet.
          ...(isNewShell(connector) && from === null
            ? []
            : [{ kind: "photograph", role: `photograph:${connector.id}`, op: null, ...here } as const]),
          ...(pull
            ? [
                {
                  kind: "disconnect",
                  role: `disconnect:${connector.id}`,
                  op: { kind: "disconnect", connector: connector.id, from },
                  ...here,
                  text: fresh.has(connector.id) ? "old" : "",
                } as const,
              ]
            : []),
          ...checks
            .filter(({ powered, draft }) => !powered && draft.connector === connector.id)
            .map(({ draft }) => draft),
          ...(unlocked.has(connector.id)
            ? [
                {
                  kind: "open-lock",
                  role: `unlock:${connector.id}`,
                  op: { kind: "lock", connector: connector.id, to: "open" },
                  ...here,
                } as const,
              ]
            : []),
        ];
      }),
  }));
  // A doubt about a plug that is not opened is looked at where it is.
  const elsewhere = checks
    .filter(({ powered, draft }) => !powered && !handled.some(({ id }) => id === draft.connector))
    .map(({ draft }) => draft);
  return [
    ...first,
    { id: "doubts", title: "Check first", place: "", drafts: elsewhere },
    ...byPlace,
    test,
  ].filter(({ drafts }) => drafts.length > 0);
}

const partsInTheWay = (edits: WorklistEdits, handled: readonly Connector[]): WorklistEdits["parts"] =>
  edits.parts.filter(({ hides }) => hides.length === 0 || handled.some(({ id }) => hides.includes(id)));

/** The part in the way that a step takes off, puts back or drills for. */
export const partOfStep = ({ role }: Step, { parts }: WorklistEdits): PartInTheWay | undefined =>
  parts.find(({ id }) => [`remove:${id}`, `refit:${id}`, `drill:${id}`].includes(role));

/** After the last wire: place by place lock, tug, close cavities, tape, plug in; then measure, power, fuses last, try, program, put back. */
export function closing(
  dossier: Dossier,
  decisions: readonly Decision[],
  { handled, unlocked, jointed, adapted, fresh, places }: Handling,
  mates: Mates,
  before: HarnessState,
  state: HarnessState,
  inserted: ReadonlySet<ConnectorId>,
  insulate: ReadonlySet<EndId>,
  hazards: readonly Hazard[],
  pin: (id: PinId) => PlacedPin,
  aside: ReadonlySet<ConnectorId>,
): readonly Stage[] {
  const joined = new Set<ConnectorId>();
  const leaves = leaving(dossier, before);
  const bare = new Set([...emptied(before, state)].filter((id) => aside.has(id)));
  const alive = new Set([...liveConnectors(state), ...handled.filter(isPartlyRecorded).map(({ id }) => id)]);
  const order = places.flatMap((place) =>
    handled.filter((connector) => connector.place === place).map(({ id }) => id),
  );
  const closed = (one: PluggedInto, by: ConnectorId): boolean =>
    order.indexOf(one as ConnectorId) <= order.indexOf(by);
  const byPlace = places.map((place): Stage => ({
    id: `close:${place}`,
    title: "Close up",
    place,
    drafts: handled
      .filter((connector) => connector.place === place)
      .flatMap((connector): readonly Draft[] => {
        const here = { connector: connector.id, place };
        const holes =
          connector.sealed && !bare.has(connector.id)
            ? pinsInOrder(connector).filter(({ id }) => state.cavities[id]?.state === "vacated")
            : [];
        const gone = leaves.has(connector.id);
        const into = adapted.has(connector.id)
          ? builtShell(connector.id)
          : (mates.get(connector.id)?.into ?? before.plugged[connector.id] ?? connector.matesWith ?? "own");
        const lives =
          mates.has(connector.id) ||
          adapted.has(connector.id) ||
          (!gone && (alive.has(connector.id) || (into !== "own" && alive.has(into as ConnectorId))));
        // Two plugs of the job that meet are plugged together when the second one is closed.
        const connect =
          lives &&
          (state.plugged[connector.id] ?? null) === null &&
          !joined.has(connector.id) &&
          closed(into, connector.id);
        if (connect) for (const one of [connector.id, into]) joined.add(one as ConnectorId);
        return [
          ...(unlocked.has(connector.id) && !bare.has(connector.id)
            ? [
                {
                  kind: "close-lock",
                  role: `lock:${connector.id}`,
                  op: { kind: "lock", connector: connector.id, to: "closed" },
                  ...here,
                } as const,
              ]
            : []),
          ...(inserted.has(connector.id)
            ? [{ kind: "tug", role: `tug:${connector.id}`, op: null, ...here } as const]
            : []),
          ...insulated(connector, insulate),
          ...holes.map(({ id }): Draft => ({
            kind: "plug",
            role: `plug:${id}`,
            op: { kind: "plug", cavity: id, to: "plugged" },
            at: id,
            ...here,
          })),
          ...(aside.has(connector.id) ? [takenAway(connector.id, bare, here)] : []),
          ...(jointed.has(connector.id) || (!lives && !aside.has(connector.id))
            ? [
                {
                  kind: "tape",
                  role: `tape:${connector.id}`,
                  op: null,
                  ...here,
                  text: lives || aside.has(connector.id) ? "" : alive.has(connector.id) ? "apart" : "dead",
                } as const,
              ]
            : []),
          ...(connect
            ? [
                {
                  kind: "connect",
                  role: `connect:${connector.id}`,
                  op: { kind: "connect", connector: connector.id, into },
                  ...here,
                  text: fresh.has(connector.id) && into === "own" ? "new" : "",
                } as const,
              ]
            : []),
        ];
      }),
  }));
  const beside = connectorsInOrder(dossier).filter((connector) => !handled.includes(connector));
  return [
    ...beside.map((connector): Stage => ({
      id: `insulate:${connector.id}`,
      title: "Insulate",
      place: connector.place,
      drafts: insulated(connector, insulate),
    })),
    ...byPlace,
    ...proving(dossier, decisions, hazards, pin),
    puttingBack(dossier, handled, hazards),
  ].filter(({ drafts }) => drafts.length > 0);
}

/** An empty shell has no stubs in it that an operation would have to take off the loom. */
const takenAway = (
  connector: ConnectorId,
  empty: ReadonlySet<ConnectorId>,
  here: { readonly place: string },
): Draft => ({
  kind: "set-aside",
  role: `set-aside:${connector}`,
  op: empty.has(connector) ? null : { kind: "discard", connector, to: "out" },
  text: empty.has(connector) ? "empty" : "",
  connector,
  ...here,
});

const insulated = (connector: Connector, ends: ReadonlySet<EndId>): readonly Draft[] =>
  ends.size === 0
    ? []
    : pinsInOrder(connector)
        .filter(({ id }) => ends.has(farEnd(id)))
        .map((pin): Draft => ({
          kind: "cap",
          role: `insulate:${pin.id}`,
          op: { kind: "cap", end: farEnd(pin.id), to: "covered" },
          ...inHand({ pin, connector }),
        }));

/** Power and fuses, and then whether everything works. */
function proving(
  dossier: Dossier,
  decisions: readonly Decision[],
  hazards: readonly Hazard[],
  pin: (id: PinId) => PlacedPin,
): readonly Stage[] {
  const supplies = suppliesBrought(dossier, decisions, pin);
  const functions = briefLines(dossier).filter(
    ({ item, state }) => item.kind === "function" && item.kept && state !== "no-pin",
  );
  const modules = [
    ...new Set(
      hazards
        .filter(({ rule, decision }) => rule === "programming-owed" && decision !== null)
        .flatMap(({ pins }) => pins.map((id) => pin(id).connector.name)),
    ),
  ];
  return [
    {
      id: "close",
      title: "Measure, then power",
      place: BATTERY,
      drafts: [
        { kind: "measure", role: "measure", op: null, place: BATTERY },
        power("battery", "on"),
        ...supplies.map(({ supply, role, pin: id }): Draft => ({
          kind: "fuse",
          role: `fuse:${role}`,
          op: { kind: "fuse", supply, to: "in" },
          wire: id,
          at: id,
          connector: pin(id).connector.id,
          place: dossier.points.find((one) => one.id === supply)?.place || BATTERY,
          supply,
        })),
      ],
    },
    {
      id: "try",
      title: "Prove",
      place: SEAT,
      drafts: [
        ...(functions.length === 0
          ? [{ kind: "try", role: "try", op: null, place: SEAT } as const]
          : functions.map(({ item }): Draft => ({
              kind: "try",
              role: `try:${item.id}`,
              op: null,
              text: item.text,
              place: SEAT,
            }))),
        ...modules.map((name): Draft => ({
          kind: "program",
          role: `program:${name}`,
          op: null,
          text: name,
          place: SEAT,
        })),
      ],
    },
  ];
}

/** Each supply that is brought in and has a fuse of its own, once, at the last pin or device that hangs on it. */
function suppliesBrought(
  { points }: Dossier,
  decisions: readonly Decision[],
  pin: (id: PinId) => PlacedPin,
): readonly { readonly supply: JoinPointId; readonly role: string; readonly pin: PinId }[] {
  const brought = [...hangingOn(decisions)].flatMap(([supply, all]) =>
    all
      .filter((one) => one.terminal !== null || pin(one.pin).pin.content !== "unknown")
      .map((one) => ({
        supply,
        pin: one.pin,
        role: one.terminal === null ? (one.pin as string) : `${one.pin}/${one.terminal}`,
      })),
  );
  const byId = new Map(points.map((point) => [point.id, point]));
  const fused = new Set(points.filter((point) => hasFuseToFit(point, byId)).map(({ id }) => id));
  return [
    ...new Map(brought.filter(({ supply }) => fused.has(supply)).map((one) => [one.supply, one])).values(),
  ];
}

/** Parts go back on in reverse order, then what law and inspection look at. */
function puttingBack(dossier: Dossier, handled: readonly Connector[], hazards: readonly Hazard[]): Stage {
  const glares = hazards.some(({ rule, decision }) => rule === "glare" && decision !== null);
  return {
    id: "back",
    title: "Refit",
    place: "",
    drafts: [
      ...[...partsInTheWay(dossier.worklist, handled)].reverse().map((part): Draft => ({
        kind: "refit-part",
        role: `refit:${part.id}`,
        op: null,
        place: part.place,
        text: part.name,
      })),
      ...(glares ? [{ kind: "aim", role: "aim", op: null, place: "in front of a wall" } as const] : []),
      { kind: "inspect", role: "inspect", op: null, place: "" },
    ],
  };
}

/** Connectors in which something is left that leads anywhere: to a loom, to a supply, to another plug. */
export function liveConnectors(state: HarnessState): ReadonlySet<ConnectorId> {
  const nets = netOf(state);
  const alive = new Set<ConnectorId>();
  for (const place of Object.values(state.ends)) {
    if (place.at !== "cavity") continue;
    const connector = state.cavities[place.cavity]?.connector;
    const net = nets.ofCavity(place.cavity);
    const own = anchorKey({ at: "part", cavity: place.cavity });
    const elsewhere =
      (net?.cavities.size ?? 0) > 1 || net?.anchors.some((one) => anchorKey(one) !== own) === true;
    if (connector !== undefined && elsewhere) alive.add(connector);
  }
  return alive;
}
