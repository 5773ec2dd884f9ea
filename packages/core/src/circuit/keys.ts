import { driveOf, type JobHead, type VehicleDrive } from "../model/index.ts";
import type { Rail } from "./ports.ts";

/** Positions of the key; `start` is live while cranking. */
export const KEYS = ["off", "accessory", "run", "crank"] as const;
export type Key = (typeof KEYS)[number];
/** The positions that the key has by what drives the vehicle: nothing cranks an electric one, and what hangs on another vehicle or on the bench is fed or not (common practice, no source). */
const KEYS_OF: Readonly<Record<VehicleDrive, readonly Key[]>> = {
  combustion: KEYS,
  hybrid: KEYS,
  electric: ["off", "accessory", "run"],
  trailer: ["off", "run"],
  bench: ["off", "run"],
};
/** The key positions in which each supply is live (domain practice; DIN 72552: 30, 75, 15, 15 without 50, 50). */
export const LIVE_IN: Readonly<Record<Rail, readonly Key[]>> = {
  battery: KEYS,
  accessory: ["accessory", "run"],
  ignition: ["run", "crank"],
  "run-not-crank": ["run"],
  start: ["crank"],
};

/** The positions of a job's key: those of its drive, and those in which a supply that the job has is live at all. */
export function positionsOf(
  head: Pick<JobHead, "drive" | "nominalVolts">,
  rails: ReadonlySet<Rail>,
): readonly Key[] {
  const usual = KEYS_OF[driveOf(head)];
  const wanted = [...rails].filter((rail) => LIVE_IN[rail].every((key) => !usual.includes(key)));
  return KEYS.filter((key) => usual.includes(key) || wanted.some((rail) => LIVE_IN[rail].includes(key)));
}

/** The positions in which a supply of the job is live. */
export const liveIn = ({ positions }: { readonly positions: readonly Key[] }, rail: Rail): readonly Key[] =>
  LIVE_IN[rail].filter((key) => positions.includes(key));

/** One of a thing for each position of the key; a position that it has not is as off. */
export function byKey<T>(positions: readonly Key[], of: (key: Key) => T): Readonly<Record<Key, T>> {
  const off = of("off");
  const at = (key: Key): T => (key !== "off" && positions.includes(key) ? of(key) : off);
  return { off, accessory: at("accessory"), run: at("run"), crank: at("crank") };
}
