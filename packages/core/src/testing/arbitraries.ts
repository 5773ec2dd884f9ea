import fc from "fast-check";
import {
  type CounterpartAnswer,
  type Part,
  decisionPins,
  emptyDossier,
  joinPointId,
  type Connector,
  type Decision,
  type Dossier,
  type Pin,
  type PinId,
  type Sureness,
} from "../model/index.ts";
import { applyCommand } from "../dossier/index.ts";
import { connectorWith } from "./arbitraryConnectors.ts";
import { addFilled, addMoves, withoutKept, isPlain } from "./arbitraryMoves.ts";
import { BETWEEN, freeToMate, POINTS, withLooms } from "./arbitraryLooms.ts";

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
      points: POINTS,
    }));

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
          "re-end",
          "feed",
          "fill",
          "none",
        ),
        method: fc.constantFrom("move" as const, "move" as const, "splice" as const, "adapter" as const),
        live: fc.boolean(),
        plugs: fc.integer({ max: 4, min: 0 }).map((n) => n === 0),
        last: fc.boolean(),
        half: fc.constantFrom<Part | undefined>(undefined, undefined, "plug", "pulled"),
        device: fc.constantFrom(...BETWEEN),
        cutAt: fc.constantFrom(undefined, undefined, undefined, 60, 250, 400),
        becomes: fc.constantFrom("leaves" as const, "comes" as const, null, null, null),
        sure: fc.constantFrom<Sureness>("sure", "check", "guess"),
        tapped: fc.integer({ min: 0, max: 3 }).map((n) => n === 0),
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
            if (next.ok) result = next.value;
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
            const { kind, method, sure, live, half, device, cutAt } = left[i]!;
            const at = cutAt === undefined ? {} : { cutAt: cutAt + i };
            const spliced = method === "splice" || method === "adapter";
            const between = device === undefined || !spliced ? {} : { device };
            const parted =
              half === undefined || method !== "splice"
                ? {}
                : { half, ...at, theirHalf: live || half === "pulled" ? ("loom" as const) : half };
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
                  ...(half === undefined ? {} : { theirHalf: "loom" as const }),
                  joint: live ? "solder" : "crimp",
                  ...at,
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
                  ...(half === undefined || method === "adapter"
                    ? joined(method)
                    : { half: live ? "whole" : half }),
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
                  ...(method === "splice" && into.content !== "empty"
                    ? { method, ...(live ? { findLive: true } : {}), ...(half === "plug" ? { half } : {}) }
                    : { method: "move" as const }),
                  joint: live ? "solder" : "sleeve",
                  sure,
                  ...common,
                });
            } else if (kind === "jumper") {
              const next = vehicle[i + 1];
              if (next)
                add({
                  kind,
                  pins: [pin.id, next.id],
                  ...(half === "plug" && method !== "adapter" ? { half } : {}),
                  ...joined(method),
                  sure,
                  ...common,
                });
            } else if (kind === "forbid") {
              const partner = partners.at(-1);
              if (partner) add({ kind, vehicle: pin.id, incoming: partner.id, sure: "sure", ...common });
            } else if (isPlain(kind) || kind === "re-end") add({ kind, pin: pin.id, sure, ...common });
          });
          for (const [side, choices] of [
            [vehicle, left],
            [incoming, right],
          ] as const)
            addMoves(side, choices, add);
          incoming.forEach((pin, i) => {
            const { kind, sure } = right[i]!;
            if (isPlain(kind)) add({ kind, pin: pin.id, sure, ...common });
            else if (kind === "feed")
              add({
                kind: "feed",
                pin: pin.id,
                feed: i % 2 === 0 ? "battery" : "ignition",
                ...(i % 3 === 0 ? { theirHalf: "loom" as const } : {}),
                supply: joinPointId(["bus", "F6", "F5", "F6"][i % 4] ?? "F5"),
                sure,
                ...common,
              });
          });
          addFilled(vehicle, left, incoming, right, add);
          const decided = new Set(result.decisions.flatMap(decisionPins));
          const free = incoming.filter(({ id, content }) => content === "occupied" && !decided.has(id));
          vehicle.forEach(({ id }, i) => {
            const branch = left[i]?.tapped === true ? free.pop() : undefined;
            if (branch) add({ kind: "tap", vehicle: id, incoming: [branch.id], sure: "sure", ...common });
          });
          const counterparts = dossier.connectors
            .filter(({ side }) => side === "vehicle")
            .flatMap(({ id }, i): readonly CounterpartAnswer[] => {
              const becomes = left[i]?.becomes ?? null;
              return becomes === null ? [] : [{ connector: id, becomes }];
            });
          return withoutKept(freeToMate({ ...result, worklist: { ...result.worklist, counterparts } }));
        });
    });
