import { decisionId, decisionPins, type Decision } from "../model/index.ts";
import type { Command } from "./command.ts";

/** The records that a command writes or takes away, and those that must still be there for it. */
interface Touched {
  readonly writes: readonly string[];
  readonly needs: readonly string[];
}

/** A cavity that goes, or is found empty, takes decisions and wires along: none that its author has not seen. */
const HANGING = "what hangs on pins";
const writes = (...records: readonly string[]): Touched => ({ writes: records, needs: [] });
const hanging = (...records: readonly string[]): Touched => ({ writes: records, needs: [HANGING] });
/** A decision is a record, and so is what is decided of each of its pins. */
const decided = (decisions: readonly Decision[]): readonly string[] =>
  decisions.flatMap((decision) => [
    `decision ${decisionId(decision)}`,
    ...decisionPins(decision).map((pin) => `decided ${pin}`),
  ]);
const wires = (list: readonly { readonly id: string }[]): readonly string[] =>
  list.map(({ id }) => `wire ${id}`);
const points = (list: readonly { readonly id: string }[]): readonly string[] =>
  list.map(({ id }) => `point ${id}`);

function touched(command: Command): Touched {
  switch (command.kind) {
    case "set-head":
    case "set-words":
    case "set-brief":
    case "set-worklist":
      return writes(command.kind);
    case "put-connector":
      return writes(`connector ${command.connector.id}`);
    case "remove-connector":
      return writes(`connector ${command.connector}`, `presence of ${command.connector}`, HANGING);
    case "restore-connector": {
      const { id } = command.connector;
      return writes(
        `connector ${id}`,
        `presence of ${id}`,
        ...decided(command.decisions),
        ...wires(command.wires),
      );
    }
    case "change-pins":
      return {
        writes: [
          ...[...command.put.map(({ id }) => id), ...command.remove].map((id) => `pin ${id}`),
          ...decided(command.decisions),
          ...wires(command.wires),
          ...(command.remove.length > 0 || command.put.some(({ content }) => content === "empty")
            ? [HANGING]
            : []),
        ],
        needs: [
          `presence of ${command.connector}`,
          ...command.put.flatMap(({ sources }) => Object.values(sources).map((id) => `presence of ${id}`)),
        ],
      };
    case "put-source":
      return writes(`source ${command.source.id}`);
    case "remove-source":
      return writes(`source ${command.source}`, `presence of ${command.source}`);
    case "change-wiring":
      return hanging(
        ...wires([...command.put, ...command.remove.map((id) => ({ id }))]),
        ...points([...command.putPoints, ...command.removePoints.map((id) => ({ id }))]),
      );
    case "decide":
      return hanging(
        ...decided(command.put),
        ...command.remove.map((id) => `decision ${id}`),
        ...points([...(command.points ?? []), ...(command.removePoints ?? []).map((id) => ({ id }))]),
      );
  }
}

/**
 * Whether a command can be made after others that its author has not seen: they have no record in common. What its result would
 * break is refused like that of any command.
 */
export function isApartFrom(command: Command, others: readonly Command[]): boolean {
  const own = touched(command);
  const ownWrites = new Set(own.writes);
  const ownAll = new Set([...own.writes, ...own.needs]);
  return others.every((other) => {
    const theirs = touched(other);
    return (
      !theirs.writes.some((record) => ownAll.has(record)) &&
      !theirs.needs.some((record) => ownWrites.has(record))
    );
  });
}
