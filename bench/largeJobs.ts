import { planHash, planWork, type Dossier } from "../packages/core/src/index.ts";
import { largeJob } from "../packages/core/src/testing/index.ts";
import { percentile, round, say, timed } from "./tools.ts";

/** What a job of 2 × `ways` pins costs, and what others wait for meanwhile. */
export async function largeJobs(base: string, small: string): Promise<void> {
  const json = { "Content-Type": "application/json" };
  const read = (path: string) => fetch(`${base}${path}`).then((answer) => answer.text());
  const alone: number[] = [];
  for (let i = 0; i < 60; i++) alone.push(await timed(() => read(`/jobs/${small}`)));
  for (const ways of [500, 1000, 2000, 5000]) {
    const others: number[] = [];
    /** Times what others ask for while some work is on its way. */
    const beside = async (work: () => Promise<unknown>): Promise<number> => {
      let busy = true;
      const watching = (async () => {
        while (busy) {
          for (const path of ["/health", "/jobs", `/jobs/${small}`])
            others.push(await timed(() => read(path)));
          await new Promise((resolve) => setTimeout(resolve, 10));
        }
      })();
      const took = await timed(work);
      busy = false;
      await watching;
      return took;
    };
    const body = JSON.stringify(largeJob(ways));
    let answer = "";
    const imported = await beside(async () => {
      answer = await (await fetch(`${base}/imports`, { method: "POST", headers: json, body })).text();
    });
    const made = JSON.parse(answer) as { id: string; dossier: Dossier };
    const plan = planWork(made.dossier);
    const command = {
      kind: "done",
      step: plan.steps[0]?.id,
      plan: planHash(plan),
      note: "",
      event: `large-${ways}-event`,
      person: "bench",
      device: "bench",
      deviceAt: new Date().toISOString(),
      lastSeen: -1,
    };
    const step = await beside(async () => {
      const recorded = await fetch(`${base}/jobs/${made.id}/ledger`, {
        method: "POST",
        headers: json,
        body: JSON.stringify(command),
      });
      if (recorded.status !== 201) throw new Error(await recorded.text());
    });
    const csv = await beside(() => read(`/jobs/${made.id}/as-built.csv`));
    say(
      `job of 2 × ${ways} pins: imported in ${round(imported)} ms, a step recorded in ${round(step)} ms, as-built table in ${round(csv)} ms; others meanwhile p95 ${round(percentile(others, 0.95))} ms, longest ${round(Math.max(...others))} ms over ${others.length} requests (a job read alone: p95 ${round(percentile(alone, 0.95))} ms)`,
    );
  }
}
