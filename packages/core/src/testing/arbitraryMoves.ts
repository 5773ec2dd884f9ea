import {
  isDeadEnd,
  joinPointId,
  leadPin,
  seatOf,
  seatsOf,
  type Decision,
  type Dossier,
  type Pin,
  type Sureness,
} from "../model/index.ts";

/** Pins that are to move within their side, in rings, and in chains where an empty cavity is left. */
export function addMoves(
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

interface Choice {
  readonly kind: string;
  readonly last: boolean;
  readonly sure: Sureness;
}

/** Cavities of the vehicle that are free, or become free, filled with free leads, with wires of an incoming loom, or with new ones from a supply. */
export function addFilled(
  vehicle: readonly Pin[],
  left: readonly Choice[],
  incoming: readonly Pin[],
  right: readonly Choice[],
  add: (decision: Decision) => void,
): void {
  const common = { reason: "", answers: [] };
  const free = vehicle.filter(
    ({ content }, i) => content === "empty" || left[i]?.kind === "cap" || left[i]?.kind === "remove",
  );
  incoming.forEach((pin, i) => {
    const { kind, sure } = right[i]!;
    const cavity = kind === "fill" ? free.pop() : undefined;
    if (cavity === undefined) return;
    add({ kind: "populate", lead: pin.id, cavity: cavity.id, sure, ...common });
    add({ kind: "move", pin: pin.id, to: cavity.id, sure, ...common });
  });
  for (const { id, content } of free)
    if (content === "empty" && left[0]?.last === true)
      add({ kind: "feed", pin: id, feed: "ground", supply: joinPointId("G2"), sure: "sure", ...common });
}

/** Kinds of decision that name one pin and nothing more. */
export const isPlain = (kind: string): kind is "cap" | "remove" | "leave" =>
  kind === "cap" || kind === "remove" || kind === "leave";

/** Without moves into a cavity whose own wire stays: they only block. */
export function withoutKept(dossier: Dossier): Dossier {
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
  const decisions = dossier.decisions.filter((decision) => {
    const to = decision.kind === "move" || decision.kind === "populate" ? seatsOf(decision)[0] : undefined;
    return to === undefined || pins.get(to)?.pin.content !== "occupied" || leaving.has(to);
  });
  return decisions.length === dossier.decisions.length ? dossier : withoutKept({ ...dossier, decisions });
}
