import { suggest, pinReader, indexPins, pinName, weigh, allPins } from "@trevin/core";
import { readJobFile } from "@trevin/core/contract";
import { bestArrangement } from "/work/main/packages/core/src/testing/bestArrangement.ts";
const r = readJobFile(JSON.stringify({ format: "trevin-job", version: 1, job: { name: "x", kind: "module-integration" }, connectors: [
 { name: "V1", side: "vehicle", pins: [{ cavity: "1", function: "Ground", signal: "ground" }] }, { name: "V2", side: "vehicle", pins: [{ cavity: "1", function: "Ground", signal: "pwm" }] },
 { name: "X1", side: "incoming", pins: [{ cavity: "1", function: "Constant supply", signal: "analog" }, { cavity: "2", function: "Ground", signal: "ground" }] }, { name: "X2", side: "incoming", pins: [{ cavity: "1", function: "Ground", signal: "ground" }] } ] }));
if (!r.ok) throw new Error(JSON.stringify(r)); const d = r.value.dossier; const walk = suggest(d); const pins = indexPins(d); const read = pinReader(d);
console.log(walk.pairs.map(p=>[pinName(pins.get(p.vehicle)!),pinName(pins.get(p.incoming)!),p.strength]), JSON.stringify(walk.groups.map(g=>g.pairs.map(p=>[pinName(pins.get(p.vehicle)!),pinName(pins.get(p.incoming)!),p.strength])))); 
const all = allPins(d).map(read); for (const a of all) for (const b of all) if (a.placed.connector.side==="vehicle" && b.placed.connector.side==="incoming") console.log(pinName(a.placed), pinName(b.placed), weigh(a,b)?.strength, JSON.stringify(weigh(a,b)?.reasons));
console.log(bestArrangement(all));
