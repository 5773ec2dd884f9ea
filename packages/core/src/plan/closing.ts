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
import type { Hazard } from "../hazards/index.ts";
import {
  connectorsInOrder,
  hangingOn,
  hasFuseToFit,
  pinsInOrder,
  type Connector,
  type ConnectorId,
  type Decision,
  type Dossier,
  type EndId,
  type JoinPointId,
  type PinId,
  type PlacedPin,
} from "../model/index.ts";
import { inHand, type Draft } from "./templates/draft.ts";
import { emptied } from "./emptied.ts";
import {
  type Stage,
  BATTERY,
  SEAT,
  type Handling,
  type Mates,
  leaving,
  power,
  partsInTheWay,
} from "./stages.ts";

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
  /** What is written on a plug that nothing goes into any more. */
  const leftOver = (id: ConnectorId): string => (alive.has(id) ? "apart" : "dead");
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
                  text: lives || aside.has(connector.id) ? "" : leftOver(connector.id),
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
