import type { Rule } from "../rule.ts";
import { at } from "../say.ts";

/** The same kind of shell and the same function, but another cavity: the two are not interchangeable plug for plug. */
export const positionChanges: Rule = {
  id: "position-changes",
  class: "identity",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }) => {
      const [shell, other] = [
        vehicle.place.slice(0, vehicle.place.lastIndexOf(" ")),
        incoming.place.slice(0, incoming.place.lastIndexOf(" ")),
      ];
      if (
        shell === "" ||
        shell !== other ||
        vehicle.place === incoming.place ||
        vehicle.reading.thing === null ||
        vehicle.reading.thing !== incoming.reading.thing
      )
        return [];
      return [
        {
          severity: "note",
          pins: [vehicle, incoming],
          decision,
          title: `${vehicle.placed.pin.cavity} becomes ${incoming.placed.pin.cavity}`,
          detail: `${at(vehicle)} and ${at(incoming)} do the same in the same housing, in different cavities.`,
          cure: "Do not plug one into the other's counterpart before moving the wires.",
        },
      ];
    }),
};
