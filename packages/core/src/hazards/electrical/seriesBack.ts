import { signalFit } from "../../model/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { named } from "../say.ts";

/** What a part in series leads back takes the wire's place in its plug: it has to be of the same kind (common practice). */
export const seriesBack: Rule = {
  id: "series-back",
  class: "electrical",
  find: ({ series }) =>
    series.flatMap(({ vehicle, back, decision }): readonly Finding[] =>
      signalFit(vehicle.signal, back.signal) === "damage"
        ? [
            {
              severity: "stop",
              pins: [vehicle, back],
              decision,
              title: "Return lead carries a different signal",
              detail: `${named(back)} would replace ${named(vehicle)} in its connector and do damage there.`,
              cure: "Choose the lead that returns this signal.",
            },
          ]
        : [],
    ),
};
