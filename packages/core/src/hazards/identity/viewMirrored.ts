import { linkedConnectors, type Finding, type Rule } from "../rule.ts";

/** One source prints the mating face, the other the wire side: the same count lands on mirrored cavities (common practice). */
export const viewMirrored: Rule = {
  id: "view-mirrored",
  class: "identity",
  find: ({ links }) =>
    linkedConnectors(links).flatMap((between): readonly Finding[] => {
      const [first] = between;
      if (first === undefined) return [];
      const [a, b] = [first.vehicle.placed.connector, first.incoming.placed.connector];
      if (
        a.shell === null ||
        b.shell === null ||
        a.shell.view === b.shell.view ||
        a.shell.pattern.kind === "none" ||
        b.shell.pattern.kind === "none"
      )
        return [];
      return [
        {
          severity: "note",
          pins: [first.vehicle, first.incoming],
          cured: true,
          title: "Labels printed for opposite sides",
          detail: `${a.name} is labelled for the ${a.shell.view === "wire" ? "wire side" : "mating face"}, ${b.name} for the ${b.shell.view === "wire" ? "wire side" : "mating face"}.`,
          cure: "Both faces are drawn from the side you are holding.",
        },
      ];
    }),
};
