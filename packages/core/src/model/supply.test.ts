import { describe, expect, it } from "vitest";
import { pinId, withOneSpelling, type Decision } from "./index.ts";

const feed = (pin: string, from: string, kind: "battery" | "ground" = "battery"): Decision => ({
  kind: "feed",
  pin: pinId(pin),
  feed: kind,
  from,
  sure: "sure",
  reason: "",
  answers: [],
});
const places = (...texts: readonly string[]): readonly string[] =>
  withOneSpelling(texts.map((text, i) => feed(`X.${i}`, text))).map((one) =>
    one.kind === "feed" ? one.from : "",
  );

describe("places that feeds are taken from", () => {
  it("are one fuse in whatever way it is written", () => {
    expect(places("F22, 5 A", "F22 5 A", "spare fuse F22, 5A", "f22,5 a")).toEqual(
      Array.from({ length: 4 }, () => "F22, 5 A"),
    );
  });
  it("stay apart where the fuse, its rating, the place or the class differs", () => {
    const texts = ["F22, 5 A", "F2, 25 A", "F22, 15 A", "F22, 5 A, boot", "G201", "G20.1"];
    expect(places(...texts)).toEqual(texts);
    expect(withOneSpelling([feed("X.1", "F22, 5 A"), feed("X.2", "F22 5 A", "ground")])).toMatchObject([
      { from: "F22, 5 A" },
      { from: "F22 5 A" },
    ]);
  });
});
