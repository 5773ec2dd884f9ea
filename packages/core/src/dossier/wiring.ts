import {
  areEndsOfWire,
  indexPins,
  suppliesOf,
  towardsSource,
  type Dossier,
  type JoinPoint,
  type JoinPointId,
  type LoomWire,
  type PinId,
  type WireEnd,
} from "../model/index.ts";
import { fail, ok, type Result } from "../util/index.ts";
import type { Command, CommandProblem } from "./command.ts";

/** Puts and removes wires and the points where they meet; a wire keeps two ends at least, and every end is somewhere. */
export function changeWiring(
  dossier: Dossier,
  command: Extract<Command, { kind: "change-wiring" }>,
): Result<Dossier, CommandProblem> {
  const wires = new Map(dossier.wires.map((wire) => [wire.id, wire]));
  const points = new Map(dossier.points.map((point) => [point.id, point]));
  for (const id of command.remove) if (!wires.delete(id)) return fail({ code: "no-such-wire", wire: id });
  for (const id of command.removePoints)
    if (!points.delete(id)) return fail({ code: "no-such-point", point: id });
  for (const wire of command.put) wires.set(wire.id, wire);
  for (const point of command.putPoints) points.set(point.id, point);
  const names = new Set<string>();
  for (const { name } of points.values()) {
    if (name.trim() === "") return fail({ code: "name-missing" });
    if (names.has(name)) return fail({ code: "name-taken", name });
    names.add(name);
  }
  const used = dossier.decisions.flatMap(suppliesOf).find((id) => !points.has(id));
  const behind = [...points.values()].find(
    ({ supply }) => supply !== null && supply.behind !== null && !points.has(supply.behind),
  );
  const lost = used ?? behind?.supply?.behind ?? null;
  if (lost !== null) return fail(missing(dossier, lost));
  const ring = [...points.values()].find((point) => isBehindItself(point, points));
  if (ring !== undefined) return fail({ code: "supply-ring", name: ring.name });
  const problem = brokenEnd(dossier, [...wires.values()], new Set(points.keys()));
  if (problem !== null) return fail(problem);
  return ok({ ...dossier, wires: [...wires.values()], points: [...points.values()] });
}

/** A supply that is taken from itself, by way of others or not. */
const isBehindItself = (point: JoinPoint, points: ReadonlyMap<JoinPointId, JoinPoint>): boolean =>
  towardsSource(point, points).some(({ supply }) => supply?.behind === point.id);

/** A point that something hangs on is gone, or was never there. */
function missing({ points }: Dossier, id: JoinPointId): CommandProblem {
  const known = points.find((point) => point.id === id);
  return known === undefined
    ? { code: "no-such-point", point: id }
    : { code: "point-in-use", name: known.name };
}

function brokenEnd(
  dossier: Dossier,
  wires: readonly LoomWire[],
  points: ReadonlySet<string>,
): CommandProblem | null {
  const pins = indexPins(dossier);
  for (const wire of wires) {
    if (!areEndsOfWire(wire.ends)) return { code: "wire-needs-two-ends", wire: wire.id };
    for (const end of wire.ends) {
      if (end.at === "pin" && !pins.has(end.pin)) return { code: "no-such-pin", pin: end.pin };
      if (end.at === "pin" && pins.get(end.pin)?.pin.content === "empty")
        return { code: "pin-is-empty", pin: end.pin };
      if (end.at !== "point" || points.has(end.point)) continue;
      return missing(dossier, end.point);
    }
  }
  return null;
}

/** The wires once these pins are gone: an end there is lost, and a wire with fewer than two ends goes with it. */
export function withoutEnds(wires: readonly LoomWire[], pins: ReadonlySet<PinId>): readonly LoomWire[] {
  const isGone = (end: WireEnd): boolean => end.at === "pin" && pins.has(end.pin);
  if (!wires.some((wire) => wire.ends.some(isGone))) return wires;
  return wires.flatMap((wire) => {
    if (!wire.ends.some(isGone)) return [wire];
    const ends = wire.ends.filter((end) => !isGone(end));
    return areEndsOfWire(ends) ? [{ ...wire, ends }] : [];
  });
}
