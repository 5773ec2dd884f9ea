import { hangingOn, indexPins, supplyWords, towardsSource } from "../../model/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { pointsById } from "../supplies.ts";

/** Share of its rating that a blade fuse carries for hours (common practice, no source; its maker's curve decides). */
const LASTING = 0.8;

/** What hangs on one fuse adds up (common practice). Loads of which no current is known count nothing, and are said. */
export const fuseTooSmall: Rule = {
  id: "fuse-too-small",
  class: "electrical",
  find: ({ feeds, dossier }) => {
    const hanging = hangingOn(dossier.decisions);
    const pins = indexPins(dossier);
    const points = pointsById(dossier);
    return dossier.points.flatMap((point): readonly Finding[] => {
      const rating = point.supply?.fuse?.amps ?? null;
      // What hangs on a branch behind this fuse draws through it, too.
      const behind = new Set(
        dossier.points.filter((one) => towardsSource(one, points).includes(point)).map(({ id }) => id),
      );
      const all = [...behind].flatMap((id) => hanging.get(id) ?? []);
      const own = feeds.filter(({ decision }) => decision.supply !== null && behind.has(decision.supply));
      const [first] = own;
      if (rating === null || first === undefined) return [];
      const currents = all
        .filter(({ terminal }) => terminal === null)
        .map(({ pin }) => pins.get(pin)?.pin.amps ?? null);
      const sum = currents.reduce<number>((total, amps) => total + (amps ?? 0), 0);
      if (sum <= rating * LASTING) return [];
      const unknown = all.length - currents.filter((amps) => amps !== null).length;
      return [
        {
          severity: sum > rating ? "stop" : "caution",
          pins: [first.pin, ...own.slice(1).map(({ pin }) => pin)],
          decision: first.decision,
          figures: [Number(sum.toFixed(2)), rating],
          title: `${Number(sum.toFixed(2))} A on a ${rating} A fuse`,
          detail: `${supplyWords(point)} feeds ${own.length === 1 ? "one wire" : `${own.length} wires`} that draw ${Number(sum.toFixed(2))} A together${unknown === 0 ? "" : `, and ${unknown} more of which no current is known`}.`,
          cure: "Spread the loads over several fuses; a larger fuse only where every wire behind it carries it.",
        },
      ];
    });
  },
};
