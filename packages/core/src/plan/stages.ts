import type { HarnessState } from "../harness/index.ts";
import {
  connectorsInOrder,
  counterpartIn,
  decisionId,
  goesAway,
  isNewShell,
  mateOf,
  parting,
  type Connector,
  type ConnectorId,
  type Decision,
  type DecisionId,
  type Dossier,
  type PartInTheWay,
  type PinId,
  type PlacedPin,
  type WorklistEdits,
} from "../model/index.ts";
import type { Draft } from "./templates/draft.ts";
import type { Step } from "./step.ts";

/** Steps of one place, or of the job as a whole. */
export interface Stage {
  readonly id: string;
  readonly title: string;
  readonly place: string;
  readonly drafts: readonly Draft[];
}

export const BATTERY = "battery";
export const SEAT = "driver's seat";

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

export const power = (role: string, to: "on" | "off"): Draft => ({
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

export const partsInTheWay = (edits: WorklistEdits, handled: readonly Connector[]): WorklistEdits["parts"] =>
  edits.parts.filter(({ hides }) => hides.length === 0 || handled.some(({ id }) => hides.includes(id)));

/** The part in the way that a step takes off, puts back or drills for. */
export const partOfStep = ({ role }: Step, { parts }: WorklistEdits): PartInTheWay | undefined =>
  parts.find(({ id }) => [`remove:${id}`, `refit:${id}`, `drill:${id}`].includes(role));
