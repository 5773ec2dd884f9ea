import type { Change, WhatIf } from "./whatIf.ts";
import type { Proof } from "./proof.ts";
import { faresAt, type LoadRow } from "./states.ts";

type Solved = Pick<Proof, "network" | "loads">;

/** What differs between two circuits of one job: each part that is in both of them, and those that only one has. A short is told by the findings. */
export function comparedWith(proof: Solved, other: Solved, nominal: number): WhatIf {
  const named = ({ pin, port }: LoadRow): string => `${port.end} ${pin}`;
  // What stands on a signal is told by the findings.
  const parts = ({ loads }: Solved): readonly LoadRow[] =>
    loads.filter(({ port }) => port.kind.kind !== "signal");
  const [own, others] = [parts(proof), parts(other)];
  const theirs = new Map(others.map((row) => [named(row), row]));
  const ours = new Set(own.map(named));
  const isOff = (volts: number): boolean => faresAt(Math.abs(volts) / nominal) === "off";
  const { positions } = proof.network;
  const changes = own.flatMap((row): readonly Change[] => {
    const now = theirs.get(named(row));
    // What is not in the other circuit has nothing that feeds it there.
    const after = now?.fares ?? "off";
    const comesOn =
      now !== undefined && positions.some((key) => isOff(row.atRest[key]) && !isOff(now.atRest[key]));
    return after === row.fares && !comesOn ? [] : [{ row, before: row.fares, after, comesOn }];
  });
  const added = others.flatMap((row): readonly Change[] =>
    ours.has(named(row)) || row.fares === "off"
      ? []
      : [{ row, before: "off", after: row.fares, comesOn: positions.some((key) => !isOff(row.atRest[key])) }],
  );
  return { changes: [...changes, ...added], crossed: [], extra: 0 };
}
