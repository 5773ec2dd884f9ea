import fc from "fast-check";
import { decidedDossier } from "../packages/core/src/testing/index.ts";
import { planWork } from "../packages/core/src/plan/index.ts";
import { checkPlan } from "../packages/core/src/plan/check/check.ts";
fc.assert(fc.property(decidedDossier(3), (d) => { const p = planWork(d);
 for (const s of p.steps) { if (s.op === null) continue; const f = checkPlan(d, { steps: p.steps.filter((x) => x !== s) }); if (f === null) console.log(s.id, JSON.stringify(s.op), JSON.stringify(d.worklist.counterparts), d.connectors.map((c) => c.id + c.leads + (c.matesWith ?? "")).join(" "), JSON.stringify(d.decisions.map((x) => x.kind))); } }), { numRuns: 2500, seed: 24 });
