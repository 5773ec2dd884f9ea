import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { once, oncePerText } from "./memo.ts";

describe("what is worked out once", () => {
  it("is the same as worked out each time, for each object once, even where it is nothing", () => {
    let made = 0;
    const size = once((list: readonly unknown[]) => {
      made++;
      return list.length === 0 ? undefined : list.length;
    });
    const lists = [[], [1], [1, 2], []];
    for (const list of [...lists, ...lists]) expect(size(list)).toBe(list.length || undefined);
    expect(made).toBe(lists.length);
  });

  it("by texts is the same as worked out each time, and never keeps more than it may", () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(..."abcdef"), { maxLength: 60 }),
        fc.integer({ min: 1, max: 4 }),
        (texts, most) => {
          const upper = oncePerText<string>(most);
          const plain = new Set<string>();
          for (const text of texts) {
            let isMade = false;
            expect(
              upper(text, () => {
                isMade = true;
                return text.toUpperCase();
              }),
            ).toBe(text.toUpperCase());
            // The plainest model: a set that is emptied before it grows too large.
            expect(isMade).toBe(!plain.has(text));
            if (isMade && plain.size >= most) plain.clear();
            plain.add(text);
          }
        },
      ),
    );
  });
});
