import fc from "fast-check";
import { decidedDossier } from "../packages/core/src/testing/index.ts";
import { planWork } from "../packages/core/src/plan/index.ts";
import { checkPlan } from "../packages/core/src/plan/check/check.ts";
import type { Dossier } from "../packages/core/src/model/index.ts";
const seed = Number(process.argv[2] ?? 20), runs = Number(process.argv[3] ?? 3000), size = Number(process.argv[4] ?? 3);
const show = (d: Dossier) => {
  for (const c of d.connectors) console.log(c.id, c.side, c.leads, c.sealed ? "sealed" : "", c.shell ? "bars" : "", c.matesWith ? "mates " + c.matesWith : "", c.place, c.pins.map((p) => `${p.cavity}:${p.content[0]}:${p.signal}`).join(" "));
  for (const w of d.wires) console.log("run", JSON.stringify(w.ends));
  console.log("counterparts", JSON.stringify(d.worklist.counterparts));
  for (const x of d.decisions) { const { reason, answers, ...r } = x as any; console.log(JSON.stringify(r)); }
};
let last: unknown = null;
const r = fc.check(fc.property(decidedDossier(size), (d) => { const p = planWork(d); const f = checkPlan(d, p); last = f; return f === null; }), { numRuns: runs, seed });
if (r.failed) {
  const d = r.counterexample![0] as Dossier; show(d);
  const p = planWork(d); console.log(JSON.stringify(checkPlan(d, p)));
  for (const s of p.steps) if (s.op) console.log("  ", s.id, JSON.stringify(s.op));
  if (r.errorInstance) console.log(String((r.errorInstance as Error).stack).slice(0, 1500));
} else console.log("ok", r.numRuns);
