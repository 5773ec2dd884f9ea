import { describe, expect, it } from "vitest";
import { inTransaction, type Queryable } from "./connect.ts";

const tx = {} as Queryable;
/** A database whose transactions fail so often, with what PostgreSQL would say. */
function failing(times: number, error: unknown) {
  let begun = 0;
  return {
    begun: () => begun,
    transaction: async <T>(work: (tx: never) => Promise<T>): Promise<T> => {
      const answer = await work(tx as never);
      if (++begun <= times) throw error;
      return answer;
    },
  };
}

describe("inTransaction", () => {
  it.each(["40001", "40P01"])("begins again after %s, also where the driver wraps it", async (code) => {
    for (const error of [{ code }, new Error("failed", { cause: { code } })]) {
      const db = failing(2, error);
      expect(await inTransaction(db as never, async () => "stored")).toBe("stored");
      expect(db.begun()).toBe(3);
    }
  });
  it("gives up in the end, and never repeats what failed for another reason", async () => {
    const stuck = failing(99, { code: "40P01" });
    await expect(inTransaction(stuck as never, async () => "stored")).rejects.toEqual({ code: "40P01" });
    expect(stuck.begun()).toBe(4);
    const refused = failing(99, { code: "23505" });
    await expect(inTransaction(refused as never, async () => "stored")).rejects.toEqual({ code: "23505" });
    expect(refused.begun()).toBe(1);
  });
});
