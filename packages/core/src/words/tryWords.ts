import type { SignalClass, VehicleDrive } from "../model/index.ts";
import { readFunction } from "../meaning/index.ts";
import { TRIED } from "./powerWords.ts";

/** In which condition a function is tried, and what to see, by what its wire carries (common practice, no source). */
const BY_SIGNAL: Readonly<Partial<Record<SignalClass, string>>> = {
  battery: "key off, doors shut: what it keeps is kept",
  accessory: "key to accessory: on; key off: off; cranking: off",
  ignition: "key on: on; while cranking: still on; key off: off",
  "run-not-crank": "key on: on; while cranking: off; key off: off",
  start: "park brake on, out of gear: the starter turns in start only",
  "lamp-feed": "switch it on and off, key on: this lamp lights at full brightness, and no other",
  "lamp-dimmer": "lights on, turn the dimmer: it follows without flicker",
  "charge-indicator": "key on: lit; engine running: out",
  "switched-supply": "switch it on and off, key on: it runs, and nothing else comes on with it",
  "switched-ground": "work its switch, key on: it answers, and rests when released",
  "dry-contact": "work its switch, key on: it answers, and rests when released",
  coil: "work it, key on: the relay or valve clicks once",
  analog: "key on: the reading is plausible cold, and follows as it changes",
  "resistive-sensor": "key on: the gauge reads plausibly, and follows as it changes",
  "vr-pair": "engine running or wheel turning: a steady reading that follows the speed",
  hall: "engine running or wheel turning: a steady reading that follows the speed",
  pwm: "engine running: a steady reading that follows",
  "can-h": "key on: the scan tool reaches the module, and no new code is set",
  "can-l": "key on: the scan tool reaches the module, and no new code is set",
  lin: "key on: the scan tool reaches the module, and no new code is set",
  "k-line": "key on: the scan tool reaches the module",
  audio: "volume up slowly: both sides, no hum with the engine running",
};

/** How a function is tried: the condition and what to see; a general rule where its words are not understood. */
export function tryWords(text: string, drive: VehicleDrive = "combustion"): string {
  const { signal, certain, fuzzy } = readFunction(text);
  const known = fuzzy || certain < 0.75 ? undefined : BY_SIGNAL[signal];
  const fits = (words: string): boolean => !NOT_THERE[drive].test(words);
  return known !== undefined && fits(known) ? known : TRIED[drive];
}

/** What a vehicle without an engine, or without a key of its own, cannot be tried with. */
const NOT_THERE: Readonly<Record<VehicleDrive, RegExp>> = {
  combustion: /(?!)/,
  hybrid: /(?!)/,
  electric: /engine|cranking/,
  trailer: /engine|cranking|key|scan tool/,
  bench: /engine|cranking|key/,
};
