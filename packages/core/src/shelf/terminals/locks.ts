/** What stands over the terminals' own locks. It is nearly always of another colour than the shell, which is the first sign of it. */
export const SECONDARY_LOCKS = [
  "none",
  "front-lock",
  "side-slide",
  "rear-comb",
  "hinged-cover",
  "body-plate",
  "cap",
  "reinforcement",
  "outer-shell",
  "split-shell",
  "rear-retainer",
] as const;
export type SecondaryLock = (typeof SECONDARY_LOCKS)[number];

/** How a lock is opened, and how it is closed again (common practice, no source). */
export const LOCK_WORK: Readonly<
  Record<Exclude<SecondaryLock, "none">, { readonly open: string; readonly close: string }>
> = {
  "front-lock": {
    open: "Draw the front lock out of the mating face as far as it clicks",
    close: "Push the front lock home, flush with the mating face",
  },
  "side-slide": {
    open: "Push the side slide out until it stops",
    close: "Push the side slide home from the other side",
  },
  "rear-comb": {
    open: "Open the comb at the wire side to its first stop",
    close: "Close the comb at the wire side; no wire under its teeth",
  },
  "hinged-cover": { open: "Open the hinged cover", close: "Close the hinged cover till both catches click" },
  "body-plate": {
    open: "Push the plate through the body until it stands out on the far side",
    close: "Push the plate back until it is flush on both sides",
  },
  cap: {
    open: "Unclip the cap from the wire side and slide it back along the wires",
    close: "Slide the cap up and clip it home",
  },
  reinforcement: {
    open: "Draw the reinforcement bar out of the body",
    close: "Push the reinforcement bar home",
  },
  "outer-shell": {
    open: "Hold the outer shell back and slide the body out of it",
    close: "Slide the body into the outer shell until it clicks",
  },
  "split-shell": {
    open: "Unclip the halves of the shell and lay them open, the terminals in the lower one",
    close: "Lay the halves together, every seal in its seat, and clip them",
  },
  "rear-retainer": {
    open: "Push the retainer out from behind with a blunt rod",
    close: "Press the retainer in at the wire side until it is flush",
  },
};
