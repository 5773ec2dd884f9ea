import type { Direction, OpenEffect, SignalClass } from "../../model/index.ts";

/** A function term with the words it goes by and the signal it usually is. `vital`: the part is dead or unsafe without it. */
export interface Term {
  readonly name: string;
  readonly words: readonly string[];
  readonly signal: SignalClass;
  /** Seen from the module or part that the wire serves. */
  readonly direction: Direction;
  readonly open: OpenEffect;
  readonly vital: boolean;
}

/** DIN 72552 numbers go by several forms: "#30" stands for 30, KL30, KL 30, terminal 30. */
const forms = (word: string): readonly string[] => {
  if (!word.startsWith("#")) return [word];
  const number = word.slice(1);
  return [
    `kl${number}`,
    `kl ${number}`,
    `klemme ${number}`,
    `terminal ${number}`,
    ...(number.length > 1 ? [number] : []),
  ];
};

const make =
  (vital: boolean) =>
  (name: string, signal: SignalClass, direction: Direction, open: OpenEffect, words: string): Term => ({
    name,
    signal,
    direction,
    open,
    vital,
    words: words
      .split("|")
      .map((word) => word.trim())
      .filter((word) => word !== "")
      .flatMap(forms),
  });
export const term = make(false);
export const vital = make(true);
