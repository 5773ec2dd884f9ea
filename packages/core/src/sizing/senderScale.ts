import type { Ohms } from "../util/index.ts";

/** A resistive sender from one end of what it measures to the other: empty to full, cold to hot, no pressure to full scale. */
export interface SenderScale {
  readonly from: Ohms;
  readonly to: Ohms;
}

const SCALE =
  /(\d+(?:[.,]\d+)?)\s*(k?)\s*(?:Ω|ohms?)?\s*(?:to|-|–|\.{2,3}|…)\s*(\d+(?:[.,]\d+)?)\s*(k?)\s*(?:Ω|ohms?)(?![\p{L}\p{N}])/iu;

/** The scale that a text writes down, "10 to 180 ohm" or "240–33 Ω"; null where it writes none. */
export function senderScaleIn(text: string): SenderScale | null {
  const found = SCALE.exec(text);
  if (found === null) return null;
  const [from, to] = [ohms(found[1], found[2]), ohms(found[3], found[4])];
  return from === to ? null : { from, to };
}
const ohms = (figure = "", kilo = ""): Ohms => Number(figure.replace(",", ".")) * (kilo === "" ? 1 : 1000);

/** Two scales that differ by no more than this share are one: senders are no more exact (common practice, no source). */
const EXACT = 0.1;
export const isOneScale = (a: SenderScale, b: SenderScale): boolean =>
  near(a.from, b.from) && near(a.to, b.to);
const near = (a: Ohms, b: Ohms): boolean => Math.abs(a - b) <= EXACT * Math.max(a, b);

/**
 * What a gauge made for one scale shows, 0 to 1, with a sender of another at a share of its way, 0 to 1. Between its ends each is taken as
 * straight, as the senders' floats and slides are (common practice, no source); a gauge stops at its ends.
 */
export function gaugeShows(gauge: SenderScale, sender: SenderScale, share: number): number {
  const now = sender.from + share * (sender.to - sender.from);
  return Math.max(0, Math.min(1, (now - gauge.from) / (gauge.to - gauge.from)));
}
