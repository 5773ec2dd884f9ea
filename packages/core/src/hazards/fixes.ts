import { isJoining, type Decision, type InsertedDevice } from "../model/index.ts";
import type { ReadPin } from "../pairing/index.ts";
import { deviceWords } from "../proposals/index.ts";
import type { Fix } from "./rule.ts";

/** "Put a divider, 22 kΩ over 10 kΩ, in": the same join with a part between; nothing for what is only suggested. */
export function fitDevice(decision: Decision | null, device: InsertedDevice): readonly Fix[] {
  if (decision === null || !isJoining(decision)) return [];
  return [
    {
      words: `Put in ${deviceWords(device)}`,
      put: [{ ...decision, ...(decision.kind === "join" ? { method: "splice" as const } : {}), device }],
      remove: [],
    },
  ];
}

/** "Splice instead": only where a wire sits in the other cavity; an empty one can only be filled. */
export function spliceInstead(
  decision: Extract<Decision, { kind: "join" }>,
  incoming: ReadPin,
): readonly Fix[] {
  return incoming.placed.pin.content === "empty"
    ? []
    : [{ words: "Splice instead", put: [{ ...decision, method: "splice" }], remove: [] }];
}
