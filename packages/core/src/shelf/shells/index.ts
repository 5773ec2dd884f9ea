import type { Shell } from "../../model/index.ts";
import {
  FACELESS,
  HEADER_SHELLS,
  JUNCTION_SHELLS,
  MIXED_SHELLS,
  ROUND_SHELLS,
  SEALED_SHELLS,
  UNSEALED_SHELLS,
} from "./generic.ts";
import type { ShelfShell } from "./build.ts";
import { DIAGNOSTIC_SHELLS, LAMPS, RELAY_AND_FUSE, TRAILER_SHELLS } from "./standards.ts";

/** Every shell that ships, by group. */
export const SHELLS: readonly ShelfShell[] = [
  ...SEALED_SHELLS,
  ...ROUND_SHELLS,
  ...UNSEALED_SHELLS,
  ...MIXED_SHELLS,
  ...HEADER_SHELLS,
  ...JUNCTION_SHELLS,
  ...RELAY_AND_FUSE,
  ...LAMPS,
  ...DIAGNOSTIC_SHELLS,
  ...TRAILER_SHELLS,
  ...FACELESS,
];

/** How many cavities a shell has; 0 for a part without a face. */
export function waysOf({ pattern }: Shell): number {
  if (pattern.kind === "none") return 0;
  return pattern.kind === "points"
    ? pattern.points.length
    : (pattern.kind === "rows" ? pattern.rows : pattern.rings).reduce((sum, line) => sum + line.places, 0);
}
