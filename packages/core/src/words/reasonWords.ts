import type { Reason, SuggestedAlone } from "../matching/index.ts";
import { unreachable } from "../util/index.ts";

/** Why two pins go together, in plain words. */
export function reasonWords(reason: Reason): string {
  switch (reason.kind) {
    case "same-function":
      return `same function: ${reason.term}`;
    case "same-function-place-open":
      return `same function: ${reason.term}, but only one of them says which side or number`;
    case "other-place":
      return `same kind of wire, other place: ${reason.left} here, ${reason.right} there`;
    case "other-function":
      return `other function: ${reason.left} here, ${reason.right} there`;
    case "similar-text":
      return `the words are ${reason.percent} % alike; neither is in the vocabulary for sure`;
    case "function-missing":
      return "the function is not known on one side";
    case "signal":
      return signalWords(reason);
    case "size":
      return reason.ratio <= 1.6 ? "sizes agree" : `one wire is ${reason.ratio.toFixed(1)} times the other's size`;
    case "colour":
      return reason.same ? "same colour, which proves nothing" : "colour differs, which proves nothing";
    default:
      return unreachable(reason);
  }
}

function signalWords({ fit, left, right }: Extract<Reason, { kind: "signal" }>): string {
  switch (fit) {
    case "same":
      return `both are ${left}`;
    case "compatible":
      return `${left} and ${right} go together`;
    case "device":
      return `${left} to ${right} needs a device between`;
    case "poor":
      return `${left} and ${right} do not go together`;
    case "damage":
      return `${left} onto ${right} does damage`;
    case "unknown":
      return "the signal is not known on one side";
  }
}

export function aloneWords(alone: SuggestedAlone): string {
  switch (alone.why) {
    case "no-partner":
      return "nothing on the other side does this";
    case "needs-feed":
      return "nothing on the vehicle's side feeds it";
    case "other-side-undecided":
      return "nobody has looked into this cavity";
    case "spare":
      return "spare";
  }
}
