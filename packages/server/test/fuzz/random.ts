/** A source of random choices that gives the same ones for the same seed (mulberry32). */
export class Random {
  #state: number;
  constructor(seed: number) {
    this.#state = seed >>> 0;
  }
  /** At least 0, less than 1. */
  next(): number {
    this.#state = (this.#state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(this.#state ^ (this.#state >>> 15), this.#state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  }
  /** A whole number from 0 to `below` - 1. */
  int(below: number): number {
    return Math.floor(this.next() * below);
  }
  chance(p: number): boolean {
    return this.next() < p;
  }
  pick<T>(list: readonly T[]): T {
    return list[this.int(list.length)] as T;
  }
}
