import { pinName } from "../../model/index.ts";
import type { Rule } from "./rule.ts";

const TOPICS: readonly { readonly words: RegExp; readonly severity: "stop" | "note"; readonly title: string; readonly detail: string }[] = [
  { words: /\b(airbag|air bag|srs|pretensioner|restraint|squib|clock ?spring)\b/i, severity: "stop", title: "Restraint circuit: keep out", detail: "is part of a restraint system. It is not worked on here; a pick or a meter can set it off." },
  { words: /\b(high voltage|hv battery|hvil|traction battery|orange hv)\b/i, severity: "stop", title: "High voltage: keep out", detail: "is a high-voltage circuit. It is for licensed practice only." },
  { words: /\b(immobili[sz]er|odometer|brake|abs|steering|eps|head ?lamp|stop lamp|turn (?:lamp|signal))\b/i, severity: "note", title: "Inspection rules apply", detail: "touches brakes, steering, lighting, the immobiliser or the odometer. Local law and inspection rules apply; licensed practice decides." },
];

const SHUT: (typeof TOPICS)[number] = { words: /^/, severity: "stop", title: "Keep out: this plug stays shut", detail: "sits in a connector that is marked as keep-out." };

/** Keep-out circuits and circuits that law and inspection look at, told by the words of the function or by the mark on the connector. */
export const lawReminder: Rule = ({ links }) =>
  links.flatMap(({ vehicle, incoming, decision }) =>
    [vehicle, incoming].flatMap((placed) =>
      (placed.connector.keepOut !== "" ? [SHUT] : TOPICS.filter((topic) => topic.words.test(placed.pin.function) && !/park(ing)? brake/i.test(placed.pin.function)).slice(0, 1)).map((topic) => ({
        rule: topic.severity === "stop" ? "keep-out" : "law-reminder",
        class: "law" as const,
        severity: topic.severity,
        pins: [placed.pin.id],
        decision,
        title: topic.title,
        detail: `${pinName(placed)}, ${placed.pin.function}, ${topic.detail}`,
        cure: topic.severity === "stop" ? "Leave both wires as they are." : "Defer to local codes and licensed practice.",
      })),
    ),
  );
