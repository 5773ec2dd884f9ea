import { describe, expect, it } from "vitest";
import { SHELLS, slotsOf } from "@trevin/core";
import { draftOf, readDraft, shellLine } from "./draft.ts";

describe("the shell editor's draft", () => {
  it("gives every shell of the Shelf back as it was", () => {
    for (const { id, shell } of SHELLS) {
      const back = readDraft(draftOf(shell));
      expect(back, id).toEqual({ ok: true, value: shell });
    }
  });

  it("begins with something that is a shell, and can be made into any scheme", () => {
    const start = draftOf(null);
    expect(readDraft(start).ok).toBe(true);
    const labels = (over: Partial<typeof start>): string => {
      const read = readDraft({
        ...start,
        rows: [
          { places: "3", offset: "0", size: "" },
          { places: "3", offset: "0,5", size: "2,8" },
        ],
        ...over,
      });
      return read.ok
        ? slotsOf(read.value)
            .map((slot) => slot.label ?? "-")
            .join(" ")
        : read.error;
    };
    expect(labels({ scheme: "rows" })).toBe("1 2 3 4 5 6");
    expect(labels({ scheme: "rows", start: "11", from: "right" })).toBe("13 12 11 16 15 14");
    expect(labels({ scheme: "serpentine", letters: true, skip: "b" })).toBe("A C D G F E");
    expect(labels({ scheme: "grid", skip: "" })).toBe("A1 A2 A3 B1 B2 B3");
    expect(labels({ scheme: "listed" })).toBe("- - - - - -");
    expect(labels({ scheme: "explicit", labels: "30, 85 86 87 87a x" })).toBe("30 85 86 87 87a x");
  });

  it("says what is wrong, and where", () => {
    const start = draftOf(null);
    const why = (over: Partial<typeof start>): string => {
      const read = readDraft({ ...start, ...over });
      return read.ok ? "ok" : read.error;
    };
    expect(
      why({
        rows: [
          { places: "2", offset: "0", size: "" },
          { places: "x", offset: "0", size: "" },
        ],
      }),
    ).toMatch(/^Row 2: 1 to 60 places/);
    expect(why({ scheme: "explicit", labels: "1 1" })).toBe("Label 1 is used twice.");
    expect(why({ scheme: "explicit", labels: "1" })).toBe("1 labels are given for 2 cavities.");
    expect(why({ keying: "middle 0.5" })).toMatch(/^Ribs: “middle 0.5”/);
    expect(why({ joined: "1 2; 1 9" })).toBe("There is no cavity 9.");
    expect(why({ kind: "points", points: "1 0 0\n2 a b" })).toMatch(/^Places, line 2/);
    expect(why({ kind: "rings", rings: [{ places: "0", at: "0" }] })).toMatch(/^Ring 1/);
  });

  it("names a shell in a line", () => {
    const { shell } = SHELLS.find((one) => one.id === "header-68")!;
    expect(shellLine(shell)).toBe("Module 68-way, 11 + 23 + 23 + 11");
    expect(shellLine({ ...shell, name: "" })).toBe("68-way, 11 + 23 + 23 + 11");
  });
});
