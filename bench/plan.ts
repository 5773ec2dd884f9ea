import { DirectedGraph } from "graphology";
import { topologicalSort } from "graphology-dag";
import {
  applyCommand,
  blankConnector,
  blankPin,
  checkPlan,
  connectorId,
  emptyDossier,
  findHazards,
  orderByPlace,
  pinId,
  planWork,
  type Connector,
  type Decision,
  type Dossier,
  type Unit,
} from "../packages/core/src/index.ts";
import { median, round, say } from "./tools.ts";

const PLUGS = 5;
const SIGNALS = ["analog", "pwm", "ignition", "ground", "switched-ground"] as const;

/** A decided job of n circuits over five plugs a side at five places: every third one moved, the rest spliced between two looms. */
export function decided(n: number): Dossier {
  const side = (name: string, which: Connector["side"]): readonly Connector[] =>
    Array.from({ length: PLUGS }, (_, plug): Connector => ({
      ...blankConnector(connectorId(`${name}${plug}`), `${name}${plug}`, which),
      leads: "loom",
      place: `place ${plug}`,
      pins: Array.from({ length: n }, (_unused, i) => i)
        .filter((i) => i % PLUGS === plug)
        .map((i, order) => ({
          ...blankPin(pinId(`${name}.${i}`), String(order + 1), order),
          content: "occupied" as const,
          function: `Circuit ${i}`,
          colour: ["BK", "RD", "BU/WH", "GN", "YE/RD"][i % 5] ?? "BK",
          size: 0.5,
          signal: SIGNALS[i % SIGNALS.length] ?? "analog",
        })),
    }));
  const decisions = Array.from({ length: n }, (_, i): Decision => ({
    kind: "join",
    vehicle: pinId(`V.${i}`),
    incoming: pinId(`X.${i}`),
    method: i % 3 === 0 ? "move" : "splice",
    sure: "sure",
    reason: "",
    answers: [],
  }));
  return {
    ...emptyDossier({
      name: "bench",
      kind: "engine-swap",
      vehicle: "",
      incoming: "",
      nominalVolts: 12,
      method: "splice",
    }),
    connectors: [...side("V", "vehicle"), ...side("X", "incoming")],
    decisions,
  };
}

interface Times {
  readonly plan: number;
  readonly check: number;
}

function planned(circuits: number): Times {
  const dossier = decided(circuits);
  const made = planWork(dossier);
  const operations = made.steps.filter(({ op }) => op !== null).length;
  const plan = median(5, () => planWork(dossier));
  const hazards = median(5, () => findHazards(dossier));
  const check = median(5, () => {
    if (checkPlan(dossier, made) !== null) throw new Error("the plan is not sound");
  });
  const changed = applyCommand(dossier, {
    kind: "decide",
    put: [{ kind: "cap", pin: pinId("V.1"), sure: "sure", reason: "", answers: [] }],
    remove: ["join:V.1:X.1" as never],
  });
  if (!changed.ok) throw new Error(changed.error.code);
  const again = median(5, () => planWork(changed.value));
  say(
    `plan of ${circuits * 2} pins: ${made.steps.length} steps, ${operations} operations in ${round(plan)} ms (of that hazards for its blocks ${round(hazards)}), after one changed decision ${round(again)} ms, checked in ${round(check)} ms`,
  );
  return { plan, check };
}

/** The order of units alone beside a general library that knows nothing of places, on the same graph. */
function ordered(n: number): void {
  const units: readonly Unit[] = Array.from({ length: n }, (_, i): Unit => ({
    id: String(i),
    place: `place ${(i * 7) % 8}`,
    rank: i,
    tier: 0,
    after: i % 3 === 0 && i > 20 ? [String(i - 17)] : [],
  }));
  const graph = new DirectedGraph();
  for (const { id } of units) graph.addNode(id);
  for (const { id, after } of units) for (const before of after) graph.addEdge(before, id);
  const ours = median(5, () => orderByPlace(units));
  const theirs = median(5, () => topologicalSort(graph));
  const { walk } = orderByPlace(units);
  say(
    `order of ${n} units at 8 places: ${round(ours)} ms with the fewest changes of place (${walk.changes}${walk.proven ? ", proven" : ""}), any order by graphology-dag ${round(theirs)} ms (ratio ${(ours / theirs).toFixed(1)})`,
  );
}

export function planning(): void {
  const sizes = [50, 180, 500] as const;
  const times = sizes.map((n) => planned(n));
  const growth = (what: keyof Times): string =>
    (Math.log((times[2]?.[what] ?? 1) / (times[1]?.[what] ?? 1)) / Math.log(sizes[2] / sizes[1])).toFixed(1);
  say(
    `growth from ${sizes[1]} to ${sizes[2]} circuits: plan power ${growth("plan")}, check power ${growth("check")}`,
  );
  ordered(200);
}
