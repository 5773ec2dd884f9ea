import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

/** A high-speed CAN bus has 120 Ω at its two ends, 60 Ω together; a node more or less may add or take one (ISO 11898-2). */
export const busTermination: Rule = {
  id: "bus-termination",
  class: "electrical",
  find: ({ links, open }) => {
    const [link] = links.filter(
      ({ vehicle, incoming }) => vehicle.signal === "can-h" && incoming.signal === "can-h",
    );
    const lost = open.filter(({ pin }) => pin.placed.connector.side === "vehicle" && pin.signal === "can-h");
    const joined: readonly Finding[] =
      link === undefined
        ? []
        : [
            {
              severity: "note",
              pins: [link.vehicle, link.incoming],
              decision: link.decision,
              title: "Count the terminating resistors",
              detail: `${at(link.incoming)} joins the bus. If its module has its own resistor there may be three.`,
              cure: "Battery off, everything mated: 60 Ω between high and low. 40 Ω is one too many, 120 Ω one too few.",
            },
          ];
    return [
      ...joined,
      ...lost.map(({ pin, decision }): Finding => ({
        severity: "caution",
        pins: [pin],
        decision,
        title: "A terminating resistor may be lost",
        detail: `${at(pin)} leaves the bus; if its module terminated the bus, the resistor is lost.`,
        cure: "Battery off: 60 Ω between high and low. At 120 Ω, fit a 120 Ω resistor where the module was.",
      })),
    ];
  },
};
