import type { Release, SecondaryLock, SeenTraits, TerminalSystem } from "@trevin/core";

export const RELEASE_WORDS: Readonly<Record<Release, string>> = {
  "lance-from-front": "a lance on the terminal, pressed from the front",
  "lance-from-rear": "let go from the rear, round the wire",
  "blade-from-rear": "a finger of the shell, pried up with a flat tool from the rear",
  "push-forward-first": "a lance that is pressed after the wire was pushed forward",
  "shell-finger-from-front": "a finger of the shell, lifted from the front",
  "pull-to-seat": "pull to seat: it goes out to the front",
  "no-lock": "no lock",
};
export const SECONDARY_WORDS: Readonly<Record<SecondaryLock, string>> = {
  none: "none seen",
  "front-lock": "a lock or wedge in the mating face",
  "side-slide": "a slide pushed in from the side",
  "rear-comb": "a comb or grid at the wire side",
  "hinged-cover": "a hinged cover",
  "body-plate": "a plate through the whole body",
  cap: "a cap over the wires",
  reinforcement: "a bar across the body",
  "outer-shell": "an outer shell that slides",
  "split-shell": "a shell in two halves",
  "rear-retainer": "a retainer inside the wire side",
};
export const LOCK_SIDE_WORDS: Readonly<Record<TerminalSystem["lockSide"], string>> = {
  top: "on its top",
  bottom: "on its bottom",
  side: "on its sides",
  none: "none seen",
};
export const TRAIT_WORDS: Readonly<Record<keyof SeenTraits, string>> = {
  sealed: "seal",
  lockSide: "side of the lock",
  secondary: "lock over it",
  gender: "gender",
  width: "width",
  conductor: "conductor size",
  text: "words",
};
