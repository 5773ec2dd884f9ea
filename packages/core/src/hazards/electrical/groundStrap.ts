import type { Finding, Rule } from "../rule.ts";

/** Starter and charging current come back through the engine's ground strap; without it they look for a thinner way (common practice). */
export const groundStrap: Rule = {
  id: "ground-strap",
  class: "electrical",
  find: ({ dossier, wires }) => {
    if (dossier.head.kind !== "engine-swap") return [];
    const strap = /\b(strap|engine (block )?(ground|earth)|block (ground|earth)|ground braid)\b/i;
    const named =
      [...wires.vehicle, ...wires.incoming].some(({ placed }) =>
        strap.test(`${placed.pin.function} ${placed.pin.note}`),
      ) ||
      dossier.points.some((point) => strap.test(`${point.name} ${point.place}`)) ||
      dossier.brief.some(({ text }) => strap.test(text));
    const [pin] = wires.incoming;
    return named || pin === undefined
      ? []
      : ([
          {
            severity: "caution",
            pins: [pin],
            title: "Engine ground strap",
            detail:
              "Nothing in this job is the strap from engine to body. Without it, starter current runs through sensor grounds.",
            cure: "Fit a strap as thick as the battery cable and add it to the brief.",
          },
        ] satisfies readonly Finding[]);
  },
};
