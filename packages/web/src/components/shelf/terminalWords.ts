import type { Release, SecondaryLock, SeenTraits, TerminalSystem } from "@trevin/core";

export const RELEASE_WORDS: Readonly<Record<Release, string>> = {
  "lance-from-front": "a lance on the terminal, pressed from the front",
  "lance-from-rear": "let go from the rear, round the wire",
  "push-forward-first": "a lance that is pressed after the wire was pushed forward",
  "shell-finger-from-front": "a finger of the shell, lifted from the front",
  "pull-to-seat": "pull to seat: it goes out to the front",
  "no-lock": "no lock",
};
export const SECONDARY_WORDS: Readonly<Record<SecondaryLock, string>> = {
  none: "nothing",
  "side-slide": "a slide pushed in from the side",
  "rear-comb": "a comb at the rear",
  "front-lock": "a lock or wedge in the mating face",
  "hinged-cover": "a hinged cover",
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
