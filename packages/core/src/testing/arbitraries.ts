import fc from "fast-check";
import {
  blankConnector,
  blankPin,
  connectorId,
  emptyDossier,
  isDeadEnd,
  leadPin,
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

function connectorWith(name: string, side: Connector["side"], largest: number): fc.Arbitrary<Connector> {
  return fc
    .record({
      leads: fc.constantFrom("loom" as const, "flying" as const),
      sealed: fc.boolean(),
      place: fc.constantFrom("", "left sill", "bulkhead"),
      bodies: fc.array(pinBody, { minLength: 1, maxLength: largest }),
    })
    .map(({ leads, sealed, place, bodies }) => ({
      ...blankConnector(connectorId(name), name, side),
      colourSystem: "japanese" as const,
      leads,
      sealed,
      place,
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
      connectorWith("V1", "vehicle", largest),
      connectorWith("V2", "vehicle", largest),
      connectorWith("X1", "incoming", largest),
      connectorWith("X2", "incoming", largest),
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

/** A dossier with random decisions of every kind, each pin in one at most. */
export const decidedDossier = (largest = 7): fc.Arbitrary<Dossier> =>
  undecidedDossier(largest).chain((dossier) => {
    const pins = (side: string): readonly Pin[] =>
      dossier.connectors
        .filter((connector) => connector.side === side)
        .flatMap((connector) => connector.pins);
    const choice = fc.record({
      kind: fc.constantFrom(
        "join",
        "join",
        "join",
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
          const { kind, method, sure, live } = left[i]!;
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
        return withoutKept(result);
      });
  });

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
