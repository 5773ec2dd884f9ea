/** The rating of a fuse in a place that a feed comes from, A: "F22, 5 A", "30 amp", "7,5A", "10-amp fuse"; null where none is said. */
export function fuseAmps(from: string): number | null {
  const found = /(\d+(?:[.,]\d+)?)[\s-]*a(?:mp(?:ere)?s?)?(?![\p{L}\p{N}])/iu.exec(from)?.[1];
  return found === undefined ? null : Number(found.replace(",", "."));
}
