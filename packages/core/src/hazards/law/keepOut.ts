import { keepOutOf, type KeepOut } from "../../brief/index.ts";
import type { Rule } from "../rule.ts";
import { named } from "../say.ts";

const WORDS: Readonly<Record<KeepOut, { readonly title: string; readonly detail: string }>> = {
  restraint: {
    title: "Restraint circuit: keep out",
    detail: "is part of a restraint system. Do not work on it here: a pick or a meter can set it off",
  },
  "high-voltage": {
    title: "High voltage: keep out",
    detail: "is a high-voltage circuit, for licensed practice only",
  },
  mains: {
    title: "Mains: keep out",
    detail: "carries mains voltage or its protective earth, for a licensed electrician only",
  },
  marked: {
    title: "Keep out: leave this connector closed",
    detail: "is in a keep-out connector",
  },
};

/** Restraint, high-voltage and mains circuits and plugs that are marked are not worked on here. */
export const keepOut: Rule = {
  id: "keep-out",
  class: "law",
  find: ({ links, open, feeds, jumpers, series }) =>
    [
      ...links.flatMap(({ vehicle, incoming, decision }) => [
        { pin: vehicle, decision },
        { pin: incoming, decision },
      ]),
      ...[...open, ...feeds].filter(({ decision }) => decision.kind !== "leave"),
      ...series.map(({ back, decision }) => ({ pin: back, decision })),
      ...jumpers.flatMap(({ pins, decision }) => pins.map((pin) => ({ pin, decision }))),
    ].flatMap(({ pin, decision }) => {
      const why = keepOutOf(pin.placed);
      return why === null
        ? []
        : [
            {
              severity: "stop" as const,
              pins: [pin],
              decision,
              title: WORDS[why].title,
              detail: `${named(pin)}, ${WORDS[why].detail}.`,
              cure: "Leave the wire as it is.",
            },
          ];
    }),
};
