import { capital } from "../../util/index.ts";
import { plugOf, type Rule } from "../rule.ts";
import { at, fromTo } from "../say.ts";

/** The same function in another colour: nothing is wrong, but a hand that looks for the colour will miss it (common practice). */
export const sameFunctionOtherColour: Rule = {
  id: "same-function-other-colour",
  class: "identity",
  together: {
    by: plugOf,
    words: (findings) => ({
      title: `${plugOf(findings[0])}: ${findings.length} wires change colour`,
      detail: `${capital(findings.map((one) => `${fromTo(one)}: ${one.title}`).join("; "))}.`,
    }),
  },
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }) =>
      vehicle.reading.thing === null ||
      vehicle.reading.thing !== incoming.reading.thing ||
      vehicle.look === "" ||
      incoming.look === "" ||
      vehicle.look === incoming.look
        ? []
        : [
            {
              severity: "note",
              pins: [vehicle, incoming],
              decision,
              title: `${vehicle.look} becomes ${incoming.look}`,
              detail: `${at(vehicle)} and ${at(incoming)} have the same function but different colours.`,
              cure: "Go by cavity; flag the wire with its new position.",
            },
          ],
    ),
};
