import fc from "fast-check";
import { blankConnector, blankPin, connectorId, emptyDossier, pinId, type CavityContent, type Connector, type Decision, type Dossier, type Pin, type SignalClass, type Sureness } from "../model/index.ts";
import { applyCommand } from "../dossier/index.ts";

const FUNCTIONS = ["Ground", "Ignition supply", "Constant supply", "CAN high", "CAN low", "Level sender, left", "Level sender, right", "Road speed", "Door ajar", "Horn", "odd lead", ""];
const COLOURS = ["B", "W/R", "L/W", "SB", "GR/R", "Y", "G", "BR", "", "zz"];
const SIGNALS: readonly SignalClass[] = ["ground", "ignition", "battery", "can-h", "can-l", "analog", "pwm", "switched-ground", "unknown"];

const pinBody = fc.record({
  content: fc.constantFrom<CavityContent>("occupied", "occupied", "occupied", "empty"),
  function: fc.constantFrom(...FUNCTIONS),
  colour: fc.constantFrom(...COLOURS),
  size: fc.constantFrom(null, 0.35, 0.5, 1.5, 2),
  signal: fc.constantFrom(...SIGNALS),
});

function connectorWith(name: string, side: Connector["side"], largest: number): fc.Arbitrary<Connector> {
  return fc.record({ leads: fc.constantFrom("loom" as const, "flying" as const), sealed: fc.boolean(), bodies: fc.array(pinBody, { minLength: 1, maxLength: largest }) }).map(({ leads, sealed, bodies }) => ({
    ...blankConnector(connectorId(name), name, side), colourSystem: "japanese" as const, leads, sealed,
    pins: bodies.map((body, order): Pin => ({ ...blankPin(pinId(`${name}.${order + 1}`), String(order + 1), order), ...body })),
  }));
}

/** A dossier of up to four connectors without decisions. */
export const undecidedDossier = (largest = 7): fc.Arbitrary<Dossier> =>
  fc.tuple(connectorWith("V1", "vehicle", largest), connectorWith("V2", "vehicle", largest), connectorWith("X1", "incoming", largest), connectorWith("X2", "incoming", largest)).map((connectors) => ({
    ...emptyDossier({ name: "arbitrary", kind: "module-integration", vehicle: "", incoming: "", nominalVolts: 12, method: "move" }),
    connectors,
  }));

/** A dossier with random decisions of every kind, each pin in one at most. */
export const decidedDossier = (largest = 7): fc.Arbitrary<Dossier> =>
  undecidedDossier(largest).chain((dossier) => {
    const pins = (side: string): readonly Pin[] => dossier.connectors.filter((connector) => connector.side === side).flatMap((connector) => connector.pins);
    const choice = fc.record({ kind: fc.constantFrom("join", "join", "join", "merge", "split", "jumper", "forbid", "cap", "leave", "feed", "none"), method: fc.constantFrom("move" as const, "splice" as const), sure: fc.constantFrom<Sureness>("sure", "check", "guess") });
    const vehicle = pins("vehicle");
    const incoming = pins("incoming");
    return fc
      .tuple(fc.array(choice, { minLength: vehicle.length, maxLength: vehicle.length }), fc.array(choice, { minLength: incoming.length, maxLength: incoming.length }), fc.shuffledSubarray([...incoming]))
      .map(([left, right, order]) => {
        const partners = [...order];
        let result = dossier;
        const add = (decision: Decision): void => {
          const next = applyCommand(result, { kind: "decide", put: [decision], remove: [] });
          if (next.ok) result = next.value.dossier;
        };
        const common = { reason: "", answers: [] };
        vehicle.forEach((pin, i) => {
          const { kind, method, sure } = left[i]!;
          if (kind === "join") {
            const partner = partners.pop();
            // A splice needs a wire on both sides.
            if (partner !== undefined) add({ kind: "join", vehicle: pin.id, incoming: partner.id, method: partner.content === "empty" ? "move" : method, sure, ...common });
          } else if (kind === "merge" || kind === "split") {
            const [first, second] = [partners.pop(), partners.pop()];
            const next = vehicle[i + 1];
            if (kind === "split" && first && second) add({ kind, vehicle: pin.id, incoming: [first.id, second.id], sure, ...common });
            if (kind === "merge" && first && next) add({ kind, vehicle: [pin.id, next.id], incoming: first.id, device: { kind: "diodes", band: "incoming" }, sure, ...common });
          } else if (kind === "jumper") {
            const next = vehicle[i + 1];
            if (next) add({ kind, pins: [pin.id, next.id], sure, ...common });
          } else if (kind === "forbid") {
            const partner = partners.at(-1);
            if (partner) add({ kind, vehicle: pin.id, incoming: partner.id, sure: "sure", ...common });
          } else if (kind === "cap" || kind === "leave") add({ kind, pin: pin.id, sure, ...common });
        });
        incoming.forEach((pin, i) => {
          const { kind, sure } = right[i]!;
          if (kind === "cap" || kind === "leave") add({ kind, pin: pin.id, sure, ...common });
          else if (kind === "feed") add({ kind: "feed", pin: pin.id, feed: "battery", from: "spare fuse", sure, ...common });
        });
        return result;
      });
  });
