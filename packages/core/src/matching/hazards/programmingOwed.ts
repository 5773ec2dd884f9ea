import { list } from "../../util/index.ts";
import { isData } from "../../model/index.ts";
import type { Finding, Rule } from "./rule.ts";
import { isTerm } from "./say.ts";

/** A module that comes onto the bus is a stranger there until it is told about the car (common practice). */
export const programmingOwed: Rule = {
  id: "programming-owed",
  class: "consequence",
  find: ({ links }) => {
    const data = links.filter(
      ({ incoming }) =>
        isData(incoming.signal) &&
        incoming.signal !== "audio" &&
        !isTerm(incoming, "antenna signal", "camera signal"),
    );
    const [first] = data;
    if (first === undefined) return [];
    const plugs = [...new Set(data.map(({ incoming }) => incoming.placed.connector.name))];
    return [
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
