import type { Command } from "../dossier/index.ts";
import { unreachable } from "../util/index.ts";

const many = (count: number, one: string): string => (count === 1 ? `1 ${one}` : `${count} ${one}s`);

/** What an edit did, for conflict messages and the undo hint. `name` gives a connector's name from its id. */
export function commandWords(command: Command, name: (connector: string) => string): string {
  switch (command.kind) {
    case "set-head":
      return "job details changed";
    case "put-connector":
      return `connector ${command.connector.name} changed`;
    case "remove-connector":
      return `connector ${name(command.connector)} removed`;
    case "change-pins": {
      const put =
        command.put.length === 0
          ? []
          : [
              command.put.length === 1
                ? `cavity ${command.put[0]?.cavity} changed`
                : `${many(command.put.length, "pin")} changed`,
            ];
      const removed = command.remove.length === 0 ? [] : [`${many(command.remove.length, "pin")} removed`];
      return `${name(command.connector)}: ${[...put, ...removed].join(", ") || "nothing changed"}`;
    }
    case "put-source":
      return `source “${command.source.title}” changed`;
    case "remove-source":
      return "a source removed";
    case "set-worklist":
      return "worklist changed";
    case "set-brief":
      return "brief changed";
    case "set-words":
      return "own words changed";
    case "change-wiring": {
      const points = command.putPoints
        .map((point) => point.name)
        .slice(0, 3)
        .join(", ");
      const parts = [
        command.put.length === 0 ? "" : `${many(command.put.length, "wire")} put`,
        command.remove.length === 0 ? "" : `${many(command.remove.length, "wire")} taken off`,
        points === "" ? "" : `${points} changed`,
        command.removePoints.length === 0 ? "" : `${many(command.removePoints.length, "point")} removed`,
      ];
      return `wires: ${parts.filter((part) => part !== "").join(", ") || "nothing changed"}`;
    }
    case "decide": {
      const put = command.put.length === 0 ? [] : [`${many(command.put.length, "decision")} made`];
      const removed =
        command.remove.length === 0 ? [] : [`${many(command.remove.length, "decision")} taken back`];
      const brought = (command.points ?? []).map(({ name }) => `${name} added`);
      return [...brought, ...put, ...removed].join(", ") || "nothing changed";
    }
    default:
      return unreachable(command);
  }
}
