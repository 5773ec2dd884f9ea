import { decisionPins } from "../../model/index.ts";
import { list } from "../../util/index.ts";
import type { Rule } from "../rule.ts";
import { at, named } from "../say.ts";

const TOPICS = [
  {
    words: /\b(brake|abs|stop lamp|stability|esc|esp)\b/i,
    not: /park(ing)? brake|hand ?brake/i,
    what: "the brakes",
  },
  {
    words: /\b(steering|eps)\b/i,
    not: /steering wheel (controls|switch|buttons|remote)/i,
    what: "the steering",
  },
  {
    words:
      /\b(head ?lamp|headlight|dipped|main beam|high beam|low beam|turn (lamp|signal)|indicator lamp|tail lamp|fog lamp|side lamp|reverse lamp|daytime running)\b/i,
    not: /^$/,
    what: "the lighting",
  },
  { words: /\b(immobili[sz]er|transponder)\b/i, not: /^$/, what: "the immobiliser" },
  { words: /\b(odometer|road speed|vehicle speed|speedometer)\b/i, not: /^$/, what: "the odometer" },
  {
    words: /\b(oxygen sensor|lambda|catalyst|nox|egr|evap|secondary air|particulate)\b/i,
    not: /^$/,
    what: "emissions",
  },
  {
    words: /\b(airbag|srs|restraint) (warning )?(lamp|light)\b/i,
    not: /^$/,
    what: "the warning of the restraint system, which stays as it is",
  },
] as const;

/** Circuits that law and inspection look at: one reminder for each (common practice; local codes decide). */
export const lawReminder: Rule = {
  id: "law-reminder",
  class: "law",
  together: {
    by: ({ about = "" }) => about,
    words: (findings) => ({
      title: "Inspection rules apply",
      detail: `${list(findings.flatMap(({ pins: [pin] }) => (pin === undefined ? [] : [at(pin)])))} touch ${findings[0].about ?? ""}. Local law and inspection rules apply.`,
    }),
  },
  find: ({ links, open }) =>
    [
      ...links.map(({ vehicle, incoming, decision }) => ({ pins: [vehicle, incoming], decision })),
      ...open.map(({ pin, decision }) => ({ pins: [pin], decision })),
    ].flatMap(({ pins, decision }) => {
      const own = pins.find(({ placed }) =>
        TOPICS.some(({ words, not }) => words.test(placed.pin.function) && !not.test(placed.pin.function)),
      );
      const topic =
        own === undefined
          ? undefined
          : TOPICS.find(
              ({ words, not }) => words.test(own.placed.pin.function) && !not.test(own.placed.pin.function),
            );
      if (
        own === undefined ||
        topic === undefined ||
        (decision !== null && decisionPins(decision).length === 1 && decision.kind === "leave")
      )
        return [];
      return [
        {
          severity: "note" as const,
          pins,
          decision,
          title: "Inspection rules apply",
          detail: `${named(own)} touches ${topic.what}. Local law and inspection rules apply.`,
          about: topic.what,
          cure: "Defer to local codes and licensed practice.",
        },
      ];
    }),
};
