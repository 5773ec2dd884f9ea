import { describe, expect, it } from "vitest";
import { crosswalkCommands } from "./crosswalk/crosswalkCommands.ts";
import { pinoutsCommands } from "./pinouts/pinoutsCommands.ts";

/** Stands for whatever a view hands to its commands: none of them is run here. */
const anything: never = new Proxy(() => undefined, {
  get: (_target, name) => (name === Symbol.iterator ? undefined : anything),
  apply: () => anything,
}) as never;

describe("keys of a view", () => {
  it.each([
    ["crosswalk", crosswalkCommands],
    ["pinouts", pinoutsCommands],
  ])("the %s gives each to one command only", (_view, commandsOf) => {
    const make = commandsOf as (...given: readonly never[]) => readonly { readonly keys?: string }[];
    const keys = make(anything, anything, anything, anything, anything, anything).flatMap(
      ({ keys: own }) => own ?? [],
    );
    expect(keys.length).toBeGreaterThan(8);
    expect(keys.filter((key, index) => keys.indexOf(key) !== index)).toEqual([]);
  });
});
