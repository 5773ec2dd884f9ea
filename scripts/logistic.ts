import { FEATURES, type Feature, type Weights } from "@trevin/core";

/** A pair of pins: its features in the order of `FEATURES`, and 1 for a true join. */
export interface Sample {
  readonly x: readonly number[];
  readonly y: number;
}

/** What is believed before any table is seen, with the sign that a weight must keep where it may not turn (common practice, no source). */
const PRIOR: Readonly<Partial<Record<Feature, number>>> = {
  base: -3,
  "thing-same": 4,
  "thing-same-feed": 2,
  "thing-shared": 2.5,
  "thing-aside": 0.5,
  "thing-shows": 1.5,
  "thing-kin": 1,
  "thing-other": -3,
  "thing-other-doubt": -1,
  "thing-other-feed": -1,
  "thing-other-reference": -2,
  "class-same": 2,
  "class-device": -1,
  "class-poor": -2,
  "class-damage": -4,
  "feed-same": 2,
  "ground-same": 2,
  "reference-same": 1,
  "bus-same": 3,
  "direction-meets": 0.7,
  "direction-clashes": -1.2,
  "which-agrees": 1.5,
  "which-open": -0.7,
  "pole-agrees": 1,
  "kind-agrees": 0.5,
  "kind-lamp-of-fed": -2,
  "kind-input-on-worked": -1,
  "kind-contact-fits": 0.7,
  "kind-contact-misfits": -1,
  "kind-differs": -0.7,
  "kind-clashes": -0.7,
  "words-shared": 0.3,
  "words-open": 1,
  "words-other": 1,
  "words-covered": 1,
  "text-same": 2.5,
  "volts-differ": -1,
  "not-understood": -0.5,
};
/** These turn up too rarely to be left to the tables alone. */
const FIRM: ReadonlySet<Feature> = new Set([
  "direction-clashes",
  "pole-agrees",
  "not-understood",
  "kind-clashes",
  "kind-lamp-of-fed",
  "kind-input-on-worked",
  "kind-contact-misfits",
]);
const STEPS = 250;
/**
 * What every pair gains because a pin has one partner, not one in thirty: the assignment decides between rivals. Set where the share of right
 * proposals still pays for the wrong ones.
 */
const ONE_PARTNER = 2.4;

/**
 * Weights of a logistic regression with a normal prior and fixed signs, by gradient descent with momentum and step sizes per weight
 * (D. P. Kingma and J. Ba, Adam, 2015), in natural log-odds, rounded to hundredths.
 */
export function fitWeights(samples: readonly Sample[]): Weights {
  const size = FEATURES.length;
  const prior = FEATURES.map((name) => PRIOR[name] ?? 0);
  const ridge = FEATURES.map((name) => (FIRM.has(name) ? 12 : 1));
  const sign = FEATURES.map((name) => (name === "base" ? 0 : Math.sign(PRIOR[name] ?? 0)));
  const weights = Float64Array.from(prior);
  const first = new Float64Array(size);
  const second = new Float64Array(size);
  const at = (list: ArrayLike<number>, index: number): number => list[index] as number;
  for (let step = 1; step <= STEPS; step++) {
    const slope = new Float64Array(size);
    for (const { x, y } of samples) {
      let sum = 0;
      for (let j = 0; j < size; j++) sum += at(weights, j) * at(x, j);
      const error = 1 / (1 + Math.exp(-sum)) - y;
      for (let j = 0; j < size; j++) slope[j] = at(slope, j) + error * at(x, j);
    }
    for (let j = 0; j < size; j++) {
      const own = at(slope, j) + at(ridge, j) * (at(weights, j) - at(prior, j));
      first[j] = 0.9 * at(first, j) + 0.1 * own;
      second[j] = 0.99 * at(second, j) + 0.01 * own ** 2;
      const pace = at(first, j) / (1 - 0.9 ** step) / (Math.sqrt(at(second, j) / (1 - 0.99 ** step)) + 1e-8);
      weights[j] = at(weights, j) - 0.05 * pace;
      if (at(sign, j) !== 0 && Math.sign(at(weights, j)) === -at(sign, j)) weights[j] = 0;
    }
  }
  weights[0] = at(weights, 0) + ONE_PARTNER;
  return Object.fromEntries(
    FEATURES.map((name, j) => [name, Math.round(at(weights, j) * 100) / 100]),
  ) as Weights;
}
