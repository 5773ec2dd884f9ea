import type { FeedClass } from "../model/index.ts";
import type { Reason } from "../pairing/index.ts";
import type { SuggestedAlone } from "../proposals/index.ts";
import { SIGNAL_WORDS } from "../shelf/index.ts";
import { unreachable } from "../util/index.ts";

const DIRECTION_WORDS = {
  meets: "one gives, the other takes",
  source: "both drive the wire",
  load: "both are loads; nothing drives the wire",
} as const;

/** Why two pins go together, in plain words. */
export function reasonWords(reason: Reason): string {
  switch (reason.kind) {
    case "same-function":
      return `same function: ${reason.term}`;
    case "same-function-place-open":
      return `same function: ${reason.term}, but only one says which side or number`;
    case "same-feed":
      return `both are fed by ${feedWords(reason.feed)}, for different uses: ${reason.left} here, ${reason.right} there`;
    case "opposite":
      return `${reason.left} here, ${reason.right} there: never one wire`;
    case "poles":
      return "plus here, minus there: never one wire";
    case "ends":
      return `${reason.left} here, ${reason.right} there: never one wire`;
    case "relay-sides":
      return "the coil of a relay here, its contact there: never one wire";
    case "related-function":
      return `related: ${reason.left} and ${reason.right}`;
    case "named-aside":
      return `one names ${reason.term} in passing`;
    case "other-function":
      return `other function: ${reason.left} here, ${reason.right} there`;
    case "letters-for-cylinders":
      return "letters here, numbers there: letters may follow the firing order, so find out which cylinder each letter is";
    case "same-words":
      return `both say “${reason.words.join(" ")}”`;
    case "not-understood":
      return `not understood: ${reason.words.join(", ")}`;
    case "nothing-shared":
      return "nothing says that the two belong together";
    case "function-missing":
      return "the function is not known on one side";
    case "signal":
      return signalWords(reason);
    case "too-heavy":
      return reason.fuse === null
        ? `${reason.amps} A here, a memory feed there: its wire is too thin`
        : `wants a ${reason.amps} A fuse: this feed is fused for ${reason.fuse} A`;
    case "size":
      return reason.ratio <= 1.6
        ? "sizes agree"
        : `one wire is ${reason.ratio.toFixed(1)} times the other's size`;
    case "level":
      return `${reason.left} V here, ${reason.right} V there: not one level`;
    case "direction":
      return DIRECTION_WORDS[reason.both];
    case "shared-wire":
      return "shares a joint: one side has more of these wires";
    case "position":
      return "same cavity of the same housing";
    case "colour":
      return reason.same ? "same colour (not proof)" : "colour differs (not proof)";
    default:
      return unreachable(reason);
  }
}

function signalWords({ fit, left, right }: Extract<Reason, { kind: "signal" }>): string {
  switch (fit) {
    case "same":
      return `both are ${SIGNAL_WORDS[left]}`;
    case "compatible":
      return `${SIGNAL_WORDS[left]} and ${SIGNAL_WORDS[right]} go together`;
    case "device":
      return `${SIGNAL_WORDS[left]} to ${SIGNAL_WORDS[right]} needs a device between`;
    case "poor":
      return `${SIGNAL_WORDS[left]} and ${SIGNAL_WORDS[right]} do not go together`;
    case "damage":
      return `${SIGNAL_WORDS[left]} onto ${SIGNAL_WORDS[right]} does damage`;
    case "unknown":
      return "the signal is not known on one side";
  }
}

export function aloneWords(alone: SuggestedAlone): string {
  switch (alone.why) {
    case "no-partner":
      return alone.proposal === "leave"
        ? "nothing on the other side does this: it stays in its plug"
        : "nothing on the other side does this";
    case "needs-feed":
      return `nothing on the vehicle side feeds it: it needs ${alone.feed === null ? "a feed" : feedWords(alone.feed)}`;
    case "not-looked":
      return "cavity not checked yet";
    case "spare":
      return "spare";
    case "option-dropped":
      return "belongs to equipment that is not kept";
    case "keep-out":
      return "keep-out: it stays as it is";
    case "ends-at-adapter":
      return "nothing on the other side does this: it stays in its cavity and ends at the adapter";
    case "own-loom":
      return "it goes on to its own part in the loom that it came with";
    case "one-sided":
      return "only one side is recorded: it stays as it is";
    case "terminal-spent":
      return "its note says that the terminal is spent";
    case "nothing-known":
      return "function and signal unknown: identify it first";
    default:
      return unreachable(alone.why);
  }
}

/** "battery (constant)": a feed as it is asked for. */
const feedWords = (feed: FeedClass): string => SIGNAL_WORDS[feed];
