import { sharedWith } from "../../wiring/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { named } from "../say.ts";

/** A ground or supply that hangs with others on one splice or stud: what fails there fails together (common practice). */
export const sharedGround: Rule = {
  id: "shared-ground",
  class: "electrical",
  find: ({ links, dossier }) => {
    if (dossier.wires.length === 0) return [];
    const told = new Set<string>();
    return links.flatMap(({ vehicle, decision }): readonly Finding[] => {
      if (
        (vehicle.signal !== "ground" && vehicle.signal !== "sensor-return") ||
        told.has(vehicle.placed.pin.id)
      )
        return [];
      told.add(vehicle.placed.pin.id);
      const others = sharedWith(dossier, vehicle.placed.pin.id);
      return others.length < 2
        ? []
        : [
            {
              severity: "note",
              pins: [vehicle],
              decision,
              title: `Shares its ground with ${others.length} others`,
              detail: `${named(vehicle)} shares its ground point with ${others.length} other wires: a bad contact there affects all of them.`,
              cure: "Clean and tighten that point first; measure the voltage drop under load.",
            },
          ];
    });
  },
};
