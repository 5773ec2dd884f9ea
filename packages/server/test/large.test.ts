import { afterAll, describe, expect, it } from "vitest";
import type { Dossier } from "@trevin/core";
import type { JobView } from "@trevin/core/contract";
import { largeJob } from "@trevin/core/testing";
import { bundled } from "../../../scripts/bundle.mjs";
import { newCompute, type Compute } from "../src/compute/compute.ts";
import { TASKS } from "../src/compute/tasks.ts";
import { HttpProblem } from "../src/http/problem.ts";
import { benchCommand, DEMO, F22, restOfDemo, useServer } from "./harness.ts";
import { ROOT } from "./started.ts";

let threads: Promise<Compute> | null = null;
const inThreads = (): Promise<Compute> =>
  (threads ??= bundled(ROOT, "packages/server/src/compute/thread.ts").then((url) => newCompute(url)));
afterAll(async () => (await threads)?.close());

describe("a large job", () => {
  const { send } = useServer({ compute: inThreads });
  it("is worked out beside everybody else: what is asked after it is answered before it", async () => {
    const large = (await send("POST", "/imports", largeJob(600))).body as unknown as JobView;
    const small = (await send("POST", "/imports", DEMO)).body as unknown as JobView;
    await send(
      "PATCH",
      `/jobs/${small.id}/decisions`,
      { put: restOfDemo(small.dossier as Dossier), points: [F22] },
      { "If-Match": '"1"' },
    );
    const decided = (await send("GET", `/jobs/${small.id}`)).body.dossier as Dossier;
    const first = benchCommand(large.dossier as Dossier, 0);
    const order: string[] = [];
    const big = send("POST", `/jobs/${large.id}/ledger`, first).then(({ status }) =>
      order.push(`large ${status}`),
    );
    for (let i = 0; i < 3; i++) {
      const { status } = await send("POST", `/jobs/${small.id}/ledger`, benchCommand(decided, i));
      order.push(`small ${status}`);
    }
    await big;
    expect(order).toEqual(["small 201", "small 201", "small 201", "large 201"]);
    // Sent again it gets its first answer.
    expect((await send("POST", `/jobs/${large.id}/ledger`, first)).body).toMatchObject({ seq: 2 });
    const csv = await send("GET", `/jobs/${large.id}/as-built.csv`);
    expect(String(csv.body["text"]).trim().split("\n")).toHaveLength(1201);
  });

  it("gets from a thread what it would get here, refusals included", async () => {
    const compute = await inThreads();
    const text = JSON.stringify(largeJob(12));
    const here = TASKS.readJob(text);
    expect(await compute.run("readJob", Infinity, text)).toEqual(here);
    expect(await compute.run("asBuiltCsv", Infinity, here.dossier, [])).toBe(
      TASKS.asBuiltCsv(here.dossier, []),
    );
    for (const size of [0, Infinity]) {
      const refused = compute.run("readJob", size, '{"format":"trevin-job","version":1,"connectors":7}');
      await expect(refused).rejects.toBeInstanceOf(HttpProblem);
      await expect(refused).rejects.toMatchObject({
        status: 422,
        code: "wrong-shape",
        more: { issues: [{ path: "connectors" }] },
      });
    }
  });

  it("has an honest limit", async () => {
    const full = largeJob(5000);
    const over = {
      ...full,
      connectors: [...full.connectors, { name: "Z", pins: [{ cavity: "1", function: "" }] }],
    };
    expect(await send("POST", "/imports", over)).toMatchObject({
      status: 422,
      body: { detail: expect.stringContaining("A job takes up to 10,000 pins; this would be 10,001.") },
    });
  });
});
