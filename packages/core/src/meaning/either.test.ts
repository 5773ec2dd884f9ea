import { describe, expect, it } from "vitest";
import { isGeneric } from "./generic.ts";
import { lex } from "./lex.ts";
import { THINGS } from "./lexicon/index.ts";
import { leftOpenOf } from "./meaning.ts";
import { readMeaning } from "./readMeaning.ts";

const said = (phrase: string): string =>
  lex(phrase)
    .map(({ word }) => word)
    .join(" ");
/** Phrases that several things go by, each with the things. */
const SHARED = (() => {
  const owners = new Map<string, { readonly phrase: string; readonly names: Set<string> }>();
  for (const thing of THINGS)
    for (const phrase of thing.phrases) {
      const { name } = thing;
      const key = said(phrase);
      const known = owners.get(key) ?? { phrase, names: new Set() };
      known.names.add(name);
      owners.set(key, known);
    }
  const names = new Set(THINGS.map(({ name }) => said(name)));
  // A supply that goes by the name of a part is told by its class.
  const supplies = new Set(THINGS.filter(isGeneric).map(({ name }) => name));
  return [...owners].flatMap(([key, one]) =>
    one.names.size > 1 && !names.has(key) && [...one.names].every((name) => !supplies.has(name)) ? [one] : [],
  );
})();

describe("words that several things go by", () => {
  it("name one of them and say which others it may be", () => {
    expect(SHARED.length).toBeGreaterThan(80);
    const silent = SHARED.filter(({ phrase, names }) => {
      const { thing, either } = readMeaning(phrase);
      return thing !== null && names.has(thing.name) && either.length !== names.size - 1;
    });
    expect(silent.map(({ phrase }) => phrase)).toEqual([]);
  });

  it("leave the class as open as the things are", () => {
    const { either, classes } = readMeaning("Brake");
    expect(either.length).toBeGreaterThan(0);
    expect(Math.max(...classes.values())).toBeLessThan(0.7);
  });

  it("are clear again as soon as the text says more", () => {
    expect(readMeaning("Brake pedal switch").either).toEqual([]);
    expect(readMeaning("Brake warning lamp").either).toEqual([]);
  });

  it("are what a thing is called here only where the name is its own", () => {
    for (const { name } of THINGS) expect(readMeaning(name).either, name).toEqual([]);
  });

  it("tell no consequence unless all they may mean have the same", () => {
    const [brake, clear] = [readMeaning("Brake"), readMeaning("Brake warning lamp")];
    expect(new Set([brake.thing, ...brake.either].map((thing) => thing?.open)).size).toBeGreaterThan(1);
    expect(leftOpenOf(brake)).toBeNull();
    expect(leftOpenOf(clear)).toBe(clear.thing?.open);
  });
});
