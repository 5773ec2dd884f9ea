import { isLowLevel, type SignalClass } from "../model/index.ts";
import type { ReadPin } from "./readPin.ts";

const REFERENCES: readonly SignalClass[] = ["sensor-supply", "sensor-return", "coil"];
/** Parts that sit on an engine or gearbox, and so in its own loom (common practice, no source). */
const ON_THE_ENGINE =
  /^(injector|idle|air valves|ignition coil|coolant temperature|oil |air temperature|throttle position|manifold pressure|air flow|crankshaft position|knock sensor|oxygen sensor|exhaust|fuel pressure|glow|gearbox|radiator fan)/;

/** A wire of a loom that came with its engine or gearbox, and that leads on to a part of the same loom: nothing of the car is wanted for it. */
export function goesOnInItsLoom({ placed: { connector }, signal, reading }: ReadPin): boolean {
  if (connector.side !== "incoming" || connector.leads !== "loom") return false;
  if (reading.kinds.has("gauge") || reading.kinds.has("telltale") || reading.kinds.has("lamp")) return false;
  return (
    REFERENCES.includes(signal) ||
    (reading.thing !== null && ON_THE_ENGINE.test(reading.thing.family)) ||
    (reading.thing === null && isLowLevel(signal) && signal !== "k-line" && signal !== "other-data")
  );
}
