import type { Fact, Pin } from "@trevin/core";

/** These values of the pins marked as doubtful; where all of them are marked already, the marks taken back. */
export function doubted(pins: readonly Pin[], facts: readonly Fact[]): readonly Pin[] {
  const all = pins.every((pin) => facts.every((fact) => pin.doubts[fact] !== undefined));
  return pins.map((pin) => ({
    ...pin,
    doubts: {
      ...Object.fromEntries(Object.entries(pin.doubts).filter(([fact]) => !facts.includes(fact as Fact))),
      ...(all ? {} : Object.fromEntries(facts.map((fact) => [fact, "marked by hand"]))),
    },
  }));
}

/** The wires ticked as identified; where all are, the ticks taken back. Empty cavities hold none. */
export function identified(chosen: readonly Pin[]): readonly Pin[] {
  const pins = chosen.filter((pin) => pin.content !== "empty");
  const all = pins.every((pin) => pin.identified);
  return pins.map((pin) => ({ ...pin, identified: !all }));
}
