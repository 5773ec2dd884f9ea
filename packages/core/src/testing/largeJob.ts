import type { JobFile } from "../io/index.ts";
import { connectorId } from "../model/index.ts";

const COLOURS = ["BK", "RD", "BU/WH", "GN", "YE/RD"];
const SIGNALS = ["analog", "pwm", "ignition", "ground", "switched-ground"] as const;

/** A job file of two plugs of `ways` cavities each, every circuit decided. */
export function largeJob(ways: number): JobFile {
  const pins = Array.from({ length: ways }, (_, i) => ({
    cavity: String(i + 1),
    function: `Circuit ${i}`,
    colour: COLOURS[i % COLOURS.length],
    signal: SIGNALS[i % SIGNALS.length],
    size: 0.5,
  }));
  return {
    format: "trevin-job",
    version: 2,
    job: { name: `2 × ${ways}` },
    connectors: ["V", "X"].map((name) => ({ name, pins })),
    decisions: pins.map(({ cavity }, i) => ({
      kind: "join",
      method: i % 3 === 0 ? "move" : "splice",
      vehicle: { connector: "V", cavity },
      incoming: { connector: "X", cavity },
    })),
    worklist: { counterparts: [{ connector: connectorId("V"), becomes: "leaves" }] },
  };
}
