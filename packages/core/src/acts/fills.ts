import {
  decisionPins,
  type Decision,
  type Dossier,
  type PinId,
  type PlacedPin,
  type Stud,
} from "../model/index.ts";
import { leftOpen } from "../proposals/index.ts";
import { claiming, common, hasWire, inTheWay, joinAlso, joinPins, undone, type Edit } from "./acts.ts";

/** One more lead on a vehicle's wire for an incoming pin; null where what is decided of the wire would be lost. */
export function branchOff(dossier: Dossier, wire: PinId, { pin, connector }: PlacedPin): Edit | null {
  if (connector.side !== "incoming") return null;
  const plain = joinPins(dossier, [wire], [pin.id]);
  const standing = plain === null ? [] : undone(dossier, plain);
  return standing.every((one) => one.kind === "feed" || one.kind === "leave")
    ? plain
    : joinAlso(dossier, [wire], [pin.id]);
}

/** A new terminal on this wire, in its own cavity; or a ring for a stud. */
export const reEnd = (dossier: Dossier, pin: PinId, stud: Stud | null): Edit => ({
  put: [
    {
      kind: "re-end",
      pin,
      ...(stud === null ? {} : { stud }),
      sure: "sure",
      ...common,
      reason: "chosen by hand",
    },
  ],
  remove: inTheWay(dossier, [pin]),
});

/** A wire or the free end of a lead goes into a cavity of the vehicle; a wire that sits there is capped and makes room. */
export function fillCavity(dossier: Dossier, { pin, connector }: PlacedPin, cavity: PinId): Edit {
  const chosen = { sure: "sure" as const, ...common, reason: "chosen by hand" };
  const put: Decision =
    connector.leads === "flying"
      ? { kind: "populate", lead: pin.id, cavity, ...chosen }
      : { kind: "move", pin: pin.id, to: cavity, ...chosen };
  const own = dossier.decisions.find((one) => decisionPins(one).includes(cavity));
  const makesRoom = own?.kind === "cap" || own?.kind === "remove" || own?.kind === "move";
  const old = hasWire(dossier, cavity) && !makesRoom;
  return {
    put: [put, ...(old ? [leftOpen("cap", cavity, null)] : [])],
    remove: [
      ...new Set([...inTheWay(dossier, [pin.id, ...(old ? [cavity] : [])]), ...claiming(dossier, [cavity])]),
    ],
  };
}
