import type { ReadPin } from "../pairing/index.ts";

/** Whether the words name one lamp for both: "stop/turn lamp left". */
export const combined = ({ placed }: ReadPin): boolean =>
  !/\bsep[ae]rate\b|\bonly\b/i.test(placed.pin.function) &&
  /\b(stop|brake)\b.*\b(turn|indicator)\b|\b(turn|indicator)\b.*\b(stop|brake)\b/i.test(placed.pin.function);
