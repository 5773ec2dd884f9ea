/** Pins of the diagnostic socket (ISO 15031-3, from memory). */
export const SOCKET_PINS: Readonly<Record<number, string>> = {
  2: "j1850 bus plus",
  4: "chassis ground",
  5: "signal ground",
  6: "canh",
  7: "kline",
  10: "j1850 bus minus",
  14: "canl",
  15: "l line",
  16: "battery plus",
};
/** ISO 11446, thirteen pins (from memory). */
export const TRAILER_PINS: Readonly<Record<number, string>> = {
  1: "turn lamp left",
  2: "rear fog lamp",
  3: "ground",
  4: "turn lamp right",
  5: "tail lamp right",
  6: "stop lamp",
  7: "tail lamp left",
  8: "reverse lamp",
  9: "permanent supply",
  10: "ignition supply",
  11: "ground for ignition supply",
  13: "ground for permanent supply",
};
export const ROMAN: Readonly<Record<string, string>> = { i: "1", ii: "2", iii: "3", iv: "4" };
export const ORDINAL: Readonly<Record<string, string>> = {
  "1st": "first",
  "2nd": "second",
  "3rd": "third",
  "4th": "4",
  "5th": "5",
  "6th": "6",
};
export const SUFFIXES: Readonly<Record<string, string>> = {
  s: "signal",
  p: "supply",
  m: "minus",
  wl: "warning lamp",
};
const CORNER: Readonly<Record<string, string>> = { f: "front", r: "rear" };
export const corner = (letter: string): string => CORNER[letter] ?? "";
/** A terminal of DIN 72552 behind "Kl."; U, V and W are the phases of an alternator. */
export function terminal(number: string): string {
  if (/^[bd][+-]$/.test(number)) return marks(number);
  return /^[uvw]$/.test(number) ? "phase terminal" : `t${number}`;
}
const marks = (text: string): string => text.replace("+", "plus").replace("-", "minus");

/** How full, as it is written, in one word. */
export const SHARES: Readonly<Record<string, string>> = {
  "0%": "empty",
  "1/4": "quarter",
  "25%": "quarter",
  "33%": "onethird",
  "1/2": "half",
  "50%": "half",
  "66%": "twothirds",
  "3/4": "threequarters",
  "75%": "threequarters",
  "100%": "full",
  "4/4": "full",
};
