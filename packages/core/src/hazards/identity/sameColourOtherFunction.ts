import { capital, list } from "../../util/index.ts";
import { signalFit, type PinId } from "../../model/index.ts";
import { colourForColour } from "../colourVerdict.ts";
import type { ReadPin } from "../../pairing/index.ts";
import { plugOf, type Finding, type Rule } from "../rule.ts";
import { at, fromTo, what } from "../say.ts";

/** So many of one colour that naming each would help nobody. */
const MOST_NAMED = 3;

/**
 * The black-on-black trap: a wire of the other side that looks like this one does something that would hurt (common practice).
 * Looked for from both ends of every join; grave where a hand that joins by colour would really take that one, a note elsewhere.
 */
export const sameColourOtherFunction: Rule = {
  id: "same-colour-other-function",
  class: "identity",
  together: {
    by: (finding) => `${plugOf(finding)} ${finding.severity}`,
    words: (findings) => ({
      title: `${plugOf(findings[0])}: ${findings.length} wires that match by colour and not by function`,
      detail: `${list(findings.map(({ about }) => about ?? ""))}. Joined by colour, they would do damage.`,
      cure: `Count cavities: ${list(findings.map((finding) => fromTo({ pins: finding.pins.slice(0, 2) })))}, whatever the colours say.`,
    }),
  },
  find: ({ links, byLook, dossier }) => {
    const taken = new Map(
      colourForColour(dossier).flatMap((join) =>
        join.outcome === "damage"
          ? [[join.vehicle, join.incoming] as const, [join.incoming, join.vehicle] as const]
          : [],
      ),
    );
    const told = new Set<PinId>();
    const mirrored = new Set<string>();
    const partners = new Map<PinId, ReadPin[]>();
    for (const { vehicle, incoming } of links)
      for (const [one, other] of [
        [vehicle, incoming],
        [incoming, vehicle],
      ] as const)
        partners.set(one.placed.pin.id, [...(partners.get(one.placed.pin.id) ?? []), other]);
    return links.flatMap(({ vehicle, incoming, decision }) =>
      (
        [
          [vehicle, incoming, "incoming"],
          [incoming, vehicle, "vehicle"],
        ] as const
      ).flatMap(([here, partner, across]): readonly Finding[] => {
        if (here.look === "" || told.has(here.placed.pin.id)) return [];
        const byHand = taken.get(here.placed.pin.id);
        const traps = (byLook[across].get(here.look) ?? [])
          .filter((other) => other.placed.pin.id !== partner.placed.pin.id && hurts(here, other))
          .sort((a, b) => Number(b.placed.pin.id === byHand) - Number(a.placed.pin.id === byHand));
        const [trap] = traps;
        if (trap === undefined) return [];
        told.add(here.placed.pin.id);
        // Told at the other wire already, with this one as its trap: once is enough for both, and both circuits show it.
        const pair = [here.placed.pin.id, trap.placed.pin.id].sort().join("\n");
        if (traps.length === 1 && mirrored.has(pair)) return [];
        mirrored.add(pair);
        const names = traps
          .slice(0, MOST_NAMED)
          .map((other) => `${at(other)} is ${what(other)}`)
          .join(", ");
        return [
          {
            severity: trap.placed.pin.id === byHand ? "caution" : "note",
            pins: [here, partner, ...traps.slice(0, MOST_NAMED), ...(partners.get(trap.placed.pin.id) ?? [])],
            decision,
            title: `${capital(here.look)} here, ${here.look} there`,
            detail: `${at(here)} is ${what(here)}; of the ${here.look} wires over there, ${names}. Joined by colour, they would do damage.`,
            about: `${at(here)}, ${here.look}, is ${what(here)}, and ${at(trap)} is ${what(trap)}`,
            cure: `Count cavities: ${here.placed.pin.cavity} goes to ${partner.placed.pin.cavity}, whatever the colours say.`,
          },
        ];
      }),
    );
  },
};

function hurts(here: ReadPin, other: ReadPin): boolean {
  const fit = signalFit(here.signal, other.signal);
  return fit === "damage" || fit === "device";
}
