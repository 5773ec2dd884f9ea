import fc from "fast-check";
import {
  blankConnector,
  joinPointId,
  loomWireId,
  rowsOnly,
  type CounterpartAnswer,
  type Half,
  type InsertedDevice,
  type LoomWire,
  type WireEnd,
  blankPin,
  connectorId,
  emptyDossier,
  isDeadEnd,
  leadPin,
  methodOf,
  namedPins,
  pinId,
  seatOf,
  type CavityContent,
  type Connector,
  type Decision,
  type Dossier,
  type Pin,
  type PinId,
  type SignalClass,
  type Sureness,
} from "../model/index.ts";
import { applyCommand } from "../dossier/index.ts";

const FUNCTIONS = [
  "Ground",
  "Ignition supply",
  "Constant supply",
  "CAN high",
  "CAN low",
  "Level sender, left",
  "Level sender, right",
  "Road speed",
  "Door ajar",
  "Horn",
  "odd lead",
  "",
];
const COLOURS = ["B", "W/R", "L/W", "SB", "GR/R", "Y", "G", "BR", "", "zz"];
const SIGNALS: readonly SignalClass[] = [
  "ground",
  "ignition",
  "battery",
  "can-h",
  "can-l",
  "analog",
  "pwm",
  "switched-ground",
  "unknown",
];

const pinBody = fc.record({
  content: fc.constantFrom<CavityContent>("occupied", "occupied", "occupied", "empty"),
  function: fc.constantFrom(...FUNCTIONS),
  colour: fc.constantFrom(...COLOURS),
  size: fc.constantFrom(null, 0.35, 0.5, 1.5, 2),
  signal: fc.constantFrom(...SIGNALS),
});

/** Plain names, and some that people really use and that look like parts of a key. */
function connectorWith(
  names: readonly string[],
  side: Connector["side"],
  largest: number,
): fc.Arbitrary<Connector> {
  return fc
    .record({
      name: fc.constantFrom(...names),
      bars: fc.integer({ min: 0, max: 5 }).map((n) => n === 0),
      leads: fc.constantFrom("loom" as const, "flying" as const),
      sealed: fc.boolean(),
      place: fc.constantFrom("", "left sill", "bulkhead"),
      bodies: fc.array(pinBody, { minLength: 1, maxLength: largest }),
    })
    .map(({ name, bars, leads, sealed, place, bodies }) => ({
      ...blankConnector(connectorId(name), name, side),
      colourSystem: "japanese" as const,
      leads,
      sealed,
      place,
      shell: bars
        ? { ...rowsOnly([{ places: bodies.length, offset: 0 }], "wire"), joined: [["1", "2"]] }
        : null,
      pins: bodies.map((body, order): Pin => ({
        ...blankPin(pinId(`${name}.${order + 1}`), String(order + 1), order),
        ...body,
      })),
    }));
}

/** A dossier of up to four connectors without decisions. */
export const undecidedDossier = (largest = 7): fc.Arbitrary<Dossier> =>
  fc
    .tuple(
      connectorWith(["V1", "V1", "T10/1"], "vehicle", largest),
      connectorWith(["V2", "V2", "A:B"], "vehicle", largest),
      connectorWith(["X1", "X1", "X2#1"], "incoming", largest),
      connectorWith(["X2", "X2", "C1~"], "incoming", largest),
    )
    .map((connectors) => ({
      ...emptyDossier({
        name: "arbitrary",
        kind: "module-integration",
        vehicle: "",
        incoming: "",
        nominalVolts: 12,
        method: "move",
      }),
      connectors,
    }));

/** What is known of the looms: wires from pin to pin and to points; and which plugs are in each other already. */
const withLooms = (dossier: Dossier): fc.Arbitrary<Dossier> => {
  const pins = dossier.connectors
    .filter(({ leads }) => leads === "loom")
    .flatMap((connector) => connector.pins.filter(({ content }) => content === "occupied"));
  if (pins.length === 0) return fc.constant(dossier);
  const end = fc.constantFrom(...pins).map(({ id }): WireEnd => ({ at: "pin", pin: id }));
  const point = fc.constantFrom(...POINTS).map(({ id }): WireEnd => ({ at: "point", point: id }));
  return fc
    .record({
      wires: fc.array(fc.tuple(end, fc.oneof(end, point)), { maxLength: 3 }),
      mated: fc.integer({ min: 0, max: 9 }),
    })
    .map(({ wires, mated }) => ({
      ...dossier,
      points: POINTS,
      wires: wires.map((ends, i): LoomWire => ({
        id: loomWireId(`run ${i}`),
        ends,
        colour: "",
        colourSystem: null,
        size: null,
        circuit: "",
        bundle: null,
      })),
      connectors: dossier.connectors.map((one, i) =>
        i === 0 && mated === 0 ? { ...one, matesWith: dossier.connectors[2]?.id ?? null } : one,
      ),
    }));
};
const POINTS = (["splice", "ground", "supply"] as const).map((kind) => ({
  id: joinPointId(kind),
  name: kind,
  kind,
  place: "",
  thread: null,
}));

/** Parts between, with what their further terminals hang on, or not. */
const BETWEEN: readonly (InsertedDevice | undefined)[] = [
  undefined,
  undefined,
  undefined,
  { kind: "divider", upper: 22_000, lower: 10_000 },
  {
    kind: "relay",
    coil: "vehicle",
    legs: [
      { terminal: "30", to: { kind: "feed", feed: "battery", from: "fuse F5" } },
      { terminal: "85", to: { kind: "feed", feed: "ground", from: "stud G2" } },
      { terminal: "87a", to: { kind: "open" } },
    ],
  },
  { kind: "resistor", ohms: 470, how: "in parallel" },
];

/** A dossier with random decisions of every kind, each pin in one at most. */
export const decidedDossier = (largest = 7): fc.Arbitrary<Dossier> =>
  undecidedDossier(largest)
    .chain(withLooms)
    .chain((dossier) => {
      const pins = (side: string): readonly Pin[] =>
        dossier.connectors
          .filter((connector) => connector.side === side)
          .flatMap((connector) => connector.pins);
      const choice = fc.record({
        kind: fc.constantFrom(
          "join",
          "join",
          "join",
          "tap",
          "tap",
          "move",
          "move",
          "move",
          "merge",
          "split",
          "series",
          "series",
          "jumper",
          "forbid",
          "cap",
          "remove",
          "leave",
          "feed",
          "none",
        ),
        method: fc.constantFrom("move" as const, "move" as const, "splice" as const, "adapter" as const),
        live: fc.boolean(),
        plugs: fc.integer({ max: 4, min: 0 }).map((n) => n === 0),
        last: fc.boolean(),
        half: fc.constantFrom<Half | undefined>(undefined, undefined, "plug"),
        device: fc.constantFrom(...BETWEEN),
        leaves: fc.integer({ min: 0, max: 3 }).map((n) => n === 0),
        sure: fc.constantFrom<Sureness>("sure", "check", "guess"),
      });
      const vehicle = pins("vehicle");
      const incoming = pins("incoming");
      return fc
        .tuple(
          fc.array(choice, { minLength: vehicle.length, maxLength: vehicle.length }),
          fc.array(choice, { minLength: incoming.length, maxLength: incoming.length }),
          fc.shuffledSubarray([...incoming]),
        )
        .map(([left, right, order]) => {
          const partners = [...order];
          let result = dossier;
          const add = (decision: Decision): void => {
            const next = applyCommand(result, { kind: "decide", put: [decision], remove: [] });
            if (next.ok) result = next.value.dossier;
          };
          const common = { reason: "", answers: [] };
          const joined = (method: string) => (method === "adapter" ? { method: "adapter" as const } : {});
          const plugs =
            left[0]?.plugs === true ? ([dossier.connectors[1], dossier.connectors[3]] as const) : [];
          const wired = (one: Connector | undefined): readonly Pin[] =>
            (one?.pins ?? []).filter(({ content }) => content === "occupied");
          const met = Math.min(wired(plugs[0]).length, wired(plugs[1]).length);
          if (met > 0) {
            const [ours, theirs] = [wired(plugs[0]), wired(plugs[1])].map((side) =>
              side.slice(0, met).map(({ id }) => id),
            ) as [PinId[], PinId[]];
            add({ kind: "mate", vehicle: ours, incoming: theirs, sure: left[0]?.sure ?? "sure", ...common });
          }
          vehicle.forEach((pin, i) => {
            const { kind, method, sure, live, half, device } = left[i]!;
            const spliced = method === "splice" || method === "adapter";
            const between = device === undefined || !spliced ? {} : { device };
            const parted = half === undefined || method !== "splice" ? {} : { half };
            if (kind === "join") {
              const partner = partners.pop();
              // A splice needs a wire on both sides.
              if (partner !== undefined)
                add({
                  kind: "join",
                  vehicle: pin.id,
                  incoming: partner.id,
                  method: partner.content === "empty" ? "move" : method,
                  sure,
                  ...(live && method === "splice" && partner.content !== "empty" ? { findLive: true } : {}),
                  ...(partner.content === "empty" ? {} : { ...between, ...parted }),
                  ...common,
                });
            } else if (kind === "tap") {
              const branches = [partners.pop(), live ? partners.pop() : undefined].flatMap((one) =>
                one === undefined ? [] : [one.id],
              );
              if (branches.length > 0)
                add({
                  kind: "tap",
                  vehicle: pin.id,
                  incoming: branches,
                  ...(device === undefined ? {} : { device }),
                  joint: live ? "solder" : "crimp",
                  sure,
                  ...common,
                });
            } else if (kind === "merge" || kind === "split") {
              const [first, second] = [partners.pop(), partners.pop()];
              const next = vehicle[i + 1];
              if (kind === "split" && first && second)
                add({
                  kind,
                  vehicle: pin.id,
                  incoming: [first.id, second.id],
                  ...joined(method),
                  ...between,
                  ...parted,
                  sure,
                  ...common,
                });
              if (kind === "merge" && first && next)
                add({
                  kind,
                  vehicle: [pin.id, next.id],
                  incoming: first.id,
                  device: { kind: "diodes", band: "incoming" },
                  ...joined(method),
                  sure,
                  ...common,
                });
            } else if (kind === "series") {
              const [into, back] = [partners.pop(), partners.pop()];
              if (into && back)
                add({
                  kind,
                  vehicle: pin.id,
                  into: into.id,
                  back: back.id,
                  method: method === "splice" && into.content !== "empty" ? "splice" : "move",
                  joint: live ? "solder" : "sleeve",
                  sure,
                  ...common,
                });
            } else if (kind === "jumper") {
              const next = vehicle[i + 1];
              if (next) add({ kind, pins: [pin.id, next.id], ...joined(method), sure, ...common });
            } else if (kind === "forbid") {
              const partner = partners.at(-1);
              if (partner) add({ kind, vehicle: pin.id, incoming: partner.id, sure: "sure", ...common });
            } else if (kind === "cap" || kind === "remove" || kind === "leave")
              add({ kind, pin: pin.id, sure, ...common });
          });
          for (const [side, choices] of [
            [vehicle, left],
            [incoming, right],
          ] as const)
            addMoves(side, choices, add);
          incoming.forEach((pin, i) => {
            const { kind, sure } = right[i]!;
            if (kind === "cap" || kind === "remove" || kind === "leave")
              add({ kind, pin: pin.id, sure, ...common });
            else if (kind === "feed")
              add({ kind: "feed", pin: pin.id, feed: "battery", from: "spare fuse", sure, ...common });
          });
          const counterparts = dossier.connectors
            .filter(({ side }) => side === "vehicle")
            .flatMap(({ id }, i): readonly CounterpartAnswer[] =>
              left[i]?.leaves === true ? [{ connector: id, becomes: "leaves" }] : [],
            );
          return withoutKept(freeToMate({ ...result, worklist: { ...result.worklist, counterparts } }));
        });
    });

/** Plugs that are in each other already stay so; where an adapter or another plug claims one of them, they begin apart. */
function freeToMate(dossier: Dossier): Dossier {
  const claimed = new Set(
    dossier.decisions
      .filter((decision) => decision.kind === "mate" || methodOf(decision) === "adapter")
      .flatMap(namedPins),
  );
  const taken = dossier.connectors.filter(({ pins }) => pins.some(({ id }) => claimed.has(id)));
  return {
    ...dossier,
    connectors: dossier.connectors.map((one) =>
      taken.some(({ id, matesWith }) => id === one.id || id === one.matesWith || matesWith === one.id)
        ? { ...one, matesWith: null }
        : one,
    ),
  };
}

/** Without moves into a cavity whose own wire stays: they only block. */
function withoutKept(dossier: Dossier): Dossier {
  const pins = new Map(
    dossier.connectors.flatMap((connector) =>
      connector.pins.map((pin) => [pin.id, { pin, connector }] as const),
    ),
  );
  const leaving = new Set(
    dossier.decisions.flatMap((decision) =>
      (seatOf(decision) !== null && decision.kind !== "series") ||
      (isDeadEnd(decision) && pins.get(decision.pin)?.connector.leads === "loom")
        ? [leadPin(decision)]
        : [],
    ),
  );
  const decisions = dossier.decisions.filter(
    (decision) =>
      decision.kind !== "move" ||
      pins.get(decision.to)?.pin.content !== "occupied" ||
      leaving.has(decision.to),
  );
  return decisions.length === dossier.decisions.length ? dossier : withoutKept({ ...dossier, decisions });
}

/** Pins that are to move within their side, in rings, and in chains where an empty cavity is left. */
function addMoves(
  side: readonly Pin[],
  choices: readonly { readonly kind: string; readonly last: boolean; readonly sure: Sureness }[],
  add: (decision: Decision) => void,
): void {
  const free = side.filter(({ content }) => content === "empty");
  let run: { pin: Pin; sure: Sureness }[] = [];
  const finish = (): void => {
    const end = free.pop() ?? (run.length > 1 ? run[0]?.pin : undefined);
    const targets = [...run.slice(1).map(({ pin }) => pin), end];
    run.forEach(({ pin, sure }, i) => {
      const to = targets[i];
      if (to !== undefined) add({ kind: "move", pin: pin.id, to: to.id, sure, reason: "", answers: [] });
    });
    run = [];
  };
  side.forEach((pin, i) => {
    const choice = choices[i];
    if (choice?.kind !== "move" || pin.content !== "occupied") return;
    run.push({ pin, sure: choice.sure });
    if (choice.last) finish();
  });
  if (run.length > 0) finish();
}
