import { pinReader, allPins } from "@trevin/core";
import { readTables, namesOf } from "/work/main/scripts/readingTables.ts";
const files = process.argv.slice(2).filter(a=>!a.startsWith("-"));
let n=0, ok=0, none=0, cls=0; 
for (const job of readTables(files)) { const read = pinReader(job.dossier); const names = namesOf(job.dossier); const byPlug = new Map<string,[number,number]>();
 for (const p of allPins(job.dossier)) { const r = read(p); const t = job.meaning.get(names.get(p.pin.id)!)!; if (t.signal==="none") continue; n++; if (r.signal===t.signal) cls++;
  const d = r.way.direction; if (d===null) none++; else if (d===t.direction || (t.direction==="passive"&&d==="source")) ok++; const b=byPlug.get(p.connector.name)??[0,0]; b[1]++; if (d===t.direction|| (t.direction==="passive"&&d==="source")) b[0]++; byPlug.set(p.connector.name,b);
  if (process.argv.includes("-v") && d!==t.direction && !(t.direction==="passive"&&d==="source")) console.log(`${job.id} ${p.connector.name} ${p.connector.side}: ${p.pin.function} => ${r.signal} ${d} ${r.way.certain.toFixed(2)} want ${t.signal} ${t.direction}`); }
 console.log(job.id, [...byPlug].map(([k,[a,b]])=>`${k} ${a}/${b}`).join("  ")); }
console.log({n, cls, dirOk: ok, none});
