import type { Opposite } from "../meaning/index.ts";
import type { FeedClass, Fit, SignalClass } from "../model/index.ts";

/** Why two pins go together or not, one fact each; `weight` in tenths of a natural log-odds unit. */
export type Reason =
  | { readonly kind: "same-function"; readonly term: string; readonly weight: number }
  /** The one is left and the other right, or the like: never one wire. */
  | ({ readonly kind: "opposite"; readonly weight: number } & Opposite)
  /** One is the plus and the other the minus of one thing: never one wire. */
  | { readonly kind: "poles"; readonly weight: number }
  /** One feeds a part and the other drives it or leads back: never one wire. */
  | { readonly kind: "ends"; readonly left: string; readonly right: string; readonly weight: number }
  /** One is the coil of a relay and the other its contact. */
  | { readonly kind: "relay-sides"; readonly weight: number }
  | { readonly kind: "same-function-place-open"; readonly term: string; readonly weight: number }
  | {
      readonly kind: "same-feed";
      readonly feed: FeedClass;
      readonly left: string;
      readonly right: string;
      readonly weight: number;
    }
  | {
      readonly kind: "related-function";
      readonly left: string;
      readonly right: string;
      readonly weight: number;
    }
  | {
      readonly kind: "other-function";
      readonly left: string;
      readonly right: string;
      readonly weight: number;
    }
  | { readonly kind: "named-aside"; readonly term: string; readonly weight: number }
  /** Letters on one side, numbers on the other, for what works cylinder by cylinder. */
  | { readonly kind: "letters-for-cylinders"; readonly weight: number }
  | { readonly kind: "same-words"; readonly words: readonly string[]; readonly weight: number }
  | { readonly kind: "not-understood"; readonly words: readonly string[]; readonly weight: number }
  | { readonly kind: "nothing-shared"; readonly weight: number }
  | { readonly kind: "function-missing"; readonly weight: number }
  | {
      readonly kind: "signal";
      readonly fit: Fit;
      readonly left: SignalClass;
      readonly right: SignalClass;
      readonly weight: number;
    }
  | { readonly kind: "level"; readonly left: number; readonly right: number; readonly weight: number }
  | { readonly kind: "direction"; readonly both: "source" | "load" | "meets"; readonly weight: number }
  /** One is fused for so many amps, the other only keeps a memory. */
  | {
      readonly kind: "too-heavy";
      readonly amps: number;
      readonly fuse: number | null;
      readonly weight: number;
    }
  | { readonly kind: "size"; readonly ratio: number; readonly weight: number }
  | { readonly kind: "shared-wire"; readonly weight: number }
  | { readonly kind: "colour"; readonly same: boolean; readonly weight: number }
  | { readonly kind: "position"; readonly weight: number };
