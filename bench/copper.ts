import Graph from "graphology";
import { connectedComponents } from "graphology-components";
import { liveEnds, netOf, stateAtEnd, type HarnessState } from "../packages/core/src/index.ts";
import { demoDossier, touchingPairs } from "../packages/core/src/testing/index.ts";
import { decided } from "./plan.ts";
import { median, round, say } from "./tools.ts";

function compared(what: string, state: HarnessState): number {
  const pairs = touchingPairs(state);
  const own = median(9, () => netOf(state));
  const theirs = median(5, () => {
    const graph = new Graph({ type: "undirected", multi: true });
    for (const [a, b] of pairs) {
      graph.mergeNode(a);
      graph.mergeNode(b);
      graph.addEdge(a, b);
    }
    return connectedComponents(graph);
  });
  const live = median(9, () => liveEnds(state));
  say(
    `nets of ${what}, ${Object.keys(state.wires).length} conductors: ${round(own)} ms, graphology's components ${round(theirs)} ms (ratio ${round(own / theirs)}); what a supply reaches, nets included: ${round(live)} ms`,
  );
  return own;
}

/** What is joined to what, beside a general graph package; and how it grows. */
export function copper(): void {
  compared("the levelling demo", stateAtEnd(demoDossier()));
  const half = compared("a planned job", stateAtEnd(decided(500)));
  const whole = compared("a planned job", stateAtEnd(decided(1000)));
  say(`nets grow ${round(whole / half)} times where the job doubles`);
}
