import { readFileSync } from "node:fs";
import type { Proof } from "../circuit/index.ts";
import { readJobFile } from "../contract/index.ts";
import type { Dossier } from "../model/index.ts";
import { provedAtEnd } from "../plan/index.ts";

/** A job of one plug each side, as a person would write it; its decisions as they stand. */
export const proofOfJob = (...parts: Parameters<typeof jobOf>): Proof => ended(jobOf(...parts));
export function jobOf(
  vehicle: readonly object[],
  incoming: readonly object[],
  decisions: readonly object[],
  more: object = {},
): Dossier {
  const at = (connector: string) => (cavity: string) => ({ connector, cavity });
  const [v, x] = [at("V"), at("X")];
  const read = readJobFile(
    JSON.stringify({
      format: "trevin-job",
      version: 1,
      job: { name: "bench", kind: "module-integration", nominalVolts: 12, method: "splice" },
      connectors: [
        { name: "V", side: "vehicle", pins: vehicle },
        { name: "X", side: "incoming", leads: "flying", module: "controller", pins: incoming },
      ],
      decisions: decisions.map((decision) =>
        JSON.parse(JSON.stringify(decision), (key, value: unknown) => {
          if (typeof value !== "string" || !/^[VX]\.\w+$/.test(value)) return value;
          const [plug = "", cavity = ""] = value.split(".");
          return plug === "V" ? v(cavity) : x(cavity);
        }),
      ),
      ...more,
    }),
  );
  if (!read.ok) throw new Error(JSON.stringify(read.error));
  return read.value.dossier;
}
/** A demo job by its name. */
export function demoOf(name: string): Dossier {
  const path = new URL(`../../../server/demo/${name}.trevin.json`, import.meta.url);
  const read = readJobFile(readFileSync(path, "utf8"));
  if (!read.ok) throw new Error(JSON.stringify(read.error));
  return read.value.dossier;
}
export const ended = provedAtEnd;
export const join = (vehicle: string, incoming: string, more: object = {}): object => ({
  kind: "join",
  vehicle,
  incoming,
  method: "splice",
  ...more,
});
export const pin = (cavity: string, text: string, more: object = {}): object => ({
  cavity,
  function: text,
  ...more,
});

export const CAR = [
  pin("1", "Permanent 12 V"),
  pin("2", "Ignition supply"),
  pin("3", "Ground"),
  pin("4", "Left turn signal feed", { direction: "source" }),
  pin("5", "Right turn signal feed", { direction: "source" }),
];
export const MODULE = [
  pin("A", "12 V constant"),
  pin("B", "Ignition input supply"),
  pin("C", "Ground"),
  pin("D", "Turn lamp", { direction: "load" }),
];
export const POWERED = [join("V.1", "X.A"), join("V.2", "X.B"), join("V.3", "X.C")];
