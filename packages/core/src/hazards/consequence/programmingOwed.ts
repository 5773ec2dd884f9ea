import { list } from "../../util/index.ts";
import { isData } from "../../model/index.ts";
import type { Finding, HazardContext, Rule } from "../rule.ts";
import { isTerm } from "../say.ts";

const COMPUTER = /\b(?:computer|control unit|controller|module|ecu|ecm|pcm|tcm)\b/i;

/** A computer whose wires go to other cavities does something else with them only once it is told so (common practice). */
function movedAtComputers({ connectors, wires, decided }: HazardContext): readonly Finding[] {
  return connectors.flatMap((connector): readonly Finding[] => {
    const cavities = new Set(connector.pins.map(({ id }) => id));
    const moved = wires.vehicle.filter(({ placed }) => {
      const decision = decided.get(placed.pin.id);
      return cavities.has(placed.pin.id) && decision?.kind === "move" && cavities.has(decision.to);
    });
    const [first] = moved;
    if (first === undefined || !COMPUTER.test(`${connector.place} ${connector.module}`)) return [];
    return [
      {
        severity: "note",
        pins: moved,
        decision: decided.get(first.placed.pin.id) ?? null,
        title: "Programming may be needed",
        detail: `${connector.name} has ${moved.length === 1 ? "a wire in another cavity" : `${moved.length} wires in other cavities`}: the computer does not know them there.`,
        cure: "Find out which software or coding goes with the new cavities. It is listed for after the job.",
      },
    ];
  });
}

/** A module that comes onto the bus is a stranger there until it is told about the car (common practice). */
export const programmingOwed: Rule = {
  id: "programming-owed",
  class: "consequence",
  find: (context) => {
    const { links } = context;
    const data = links.filter(
      ({ incoming }) =>
        isData(incoming.signal) &&
        incoming.signal !== "audio" &&
        !isTerm(incoming, "antenna signal", "camera signal"),
    );
    const [first] = data;
    const moved = movedAtComputers(context);
    if (first === undefined) return moved;
    const plugs = [...new Set(data.map(({ incoming }) => incoming.placed.connector.name))];
    return [
      ...moved,
      {
        severity: "note",
        pins: [first.incoming],
        decision: first.decision,
        title: "Programming may be needed",
        detail: `${list(plugs)} communicates with the vehicle's modules.`,
        cure: "Find out what the maker requires: coding, key learning, calibration. It is listed for after the job.",
      },
    ] satisfies readonly Finding[];
  },
};
