import type { SignalClass } from "../model/index.ts";

/** Where a meter was read on a wire that nobody knows: volts to ground in four states, and resistance with the battery off. */
export const MEASURED_AT = ["off", "on", "lamps", "cranking"] as const;
export type MeasuredAt = (typeof MEASURED_AT)[number];
/** V for the four states, Ω to ground; null where it was not measured. */
export type Measured = Readonly<Record<MeasuredAt | "ohms", number | null>>;

export const NOT_MEASURED: Measured = { off: null, on: null, lamps: null, cranking: null, ohms: null };
export const MEASURED_WORDS: Readonly<Record<MeasuredAt, string>> = {
  off: "key off",
  on: "key on",
  lamps: "lamps on",
  cranking: "cranking",
};
const LEAD = "Measured: ";

/** "Measured: key off 12.4 V, key on 12.3 V, 0.2 Ω to ground": how readings stand in a note; empty without any. */
export function measuredText(measured: Measured): string {
  const parts = [
    ...MEASURED_AT.flatMap((at) =>
      measured[at] === null ? [] : [`${MEASURED_WORDS[at]} ${String(measured[at])} V`],
    ),
    ...(measured.ohms === null ? [] : [`${String(measured.ohms)} Ω to ground`]),
  ];
  return parts.length === 0 ? "" : `${LEAD}${parts.join(", ")}`;
}

const NUMBER = String.raw`(-?\d+(?:\.\d+)?)`;
/** Every run of readings in a note, up to the next sentence. */
const IN_NOTE = /Measured: [^\n]*?(?:V|Ω to ground)(?=$|\n|\. |; (?!\d))/;

/** The readings that stand in a note. The inverse of `measuredText`. */
export function measuredIn(note: string): Measured {
  const text = IN_NOTE.exec(note)?.[0] ?? "";
  const found = (pattern: string): number | null => {
    const match = new RegExp(pattern).exec(text)?.[1];
    return match === undefined ? null : Number(match);
  };
  return {
    off: found(`${MEASURED_WORDS.off} ${NUMBER} V`),
    on: found(`${MEASURED_WORDS.on} ${NUMBER} V`),
    lamps: found(`${MEASURED_WORDS.lamps} ${NUMBER} V`),
    cranking: found(`${MEASURED_WORDS.cranking} ${NUMBER} V`),
    ohms: found(`${NUMBER} Ω to ground`),
  };
}

/** A note with its readings replaced by new ones; everything else of it stays. */
export function noteWith(note: string, measured: Measured): string {
  const rest = note
    .replace(IN_NOTE, "")
    .replace(/^[\s.;]+|[\s;]+$/g, "")
    .trim();
  return [rest, measuredText(measured)].filter((part) => part !== "").join("\n");
}

/** Of the nominal voltage: what counts as live, live while the starter pulls the battery down, and dead (common practice, no source). */
const LIVE = 0.85;
const LIVE_CRANKING = 0.6;
const DEAD = 0.1;
/** Ω: a ground, with the leads of the meter (common practice, no source). */
const GROUND = 1;

/**
 * What a wire may be by its readings; null while they do not tell. A hint and never proof: a lamp or a winding that the wire
 * runs through shows a voltage or a ground as well, so it is for a person to confirm.
 */
export function classMeasured(measured: Measured, nominalVolts: number): SignalClass | null {
  const { off, on, lamps, cranking, ohms } = measured;
  const live = (volts: number | null): boolean => volts !== null && volts >= LIVE * nominalVolts;
  const dead = (volts: number | null): boolean => volts !== null && Math.abs(volts) <= DEAD * nominalVolts;
  if (
    ohms !== null &&
    ohms <= GROUND &&
    [off, on, lamps, cranking].every((volts) => volts === null || dead(volts))
  )
    return "ground";
  if (live(off)) return cranking === null || cranking >= LIVE_CRANKING * nominalVolts ? "battery" : null;
  if (!dead(off)) return null;
  if (live(on)) {
    if (cranking === null) return null;
    if (dead(cranking)) return "run-not-crank";
    return cranking >= LIVE_CRANKING * nominalVolts ? "ignition" : null;
  }
  if (!dead(on)) return on !== null && on > 4.5 && on < 5.5 ? "sensor-supply" : null;
  if (cranking !== null && cranking >= LIVE_CRANKING * nominalVolts) return "start";
  if (live(lamps)) return "lamp-feed";
  return lamps !== null && !dead(lamps) ? "lamp-dimmer" : null;
}
