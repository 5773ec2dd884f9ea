import { nameLookAlikes } from "../../lookalikes/index.ts";
import type { Finding, Rule } from "../rule.ts";

/** Connectors and circuit numbers whose names differ in one character that is easily misread; cavities of one plug do by nature (common practice). */
export const nameLookAlike: Rule = {
  id: "name-look-alike",
  class: "identity",
  find: ({ dossier, wires }) => {
    const all = [...wires.vehicle, ...wires.incoming];
    const told = nameLookAlikes(dossier).filter(({ what }) => what !== "cavity");
    return told.map((alike): Finding => {
      const pins = all.filter(({ placed }) =>
        alike.what === "connector"
          ? alike.names.includes(placed.connector.name)
          : placed.connector.name === alike.at && alike.names.includes(placed.pin.circuit),
      );
      return {
        severity: "note",
        pins: alike.what === "connector" ? [] : pins.slice(0, 2),
        title: `${alike.names.join(" and ")} are easily misread`,
        detail: `Two ${alike.what === "connector" ? "connectors" : "circuits"} differ in one character.`,
        cure: "Read connector names back with their location: which connector, which row.",
      };
    });
  },
};
