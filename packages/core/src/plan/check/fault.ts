import type { Anchor, OperationProblem } from "../../harness/index.ts";
import type { ConnectorId, DecisionId, EndId, JoinPointId, PinId, StepId } from "../../model/index.ts";

/** What is wrong with a plan, at the first step where it is; the last ones are about what the whole of it leaves behind. */
export type Fault =
  | { readonly code: "step-cannot-be-done"; readonly step: StepId; readonly problem: OperationProblem }
  | { readonly code: "step-repeated"; readonly step: StepId }
  | { readonly code: "unexplained-step"; readonly step: StepId }
  | { readonly code: "keep-out-opened"; readonly step: StepId; readonly connector: ConnectorId }
  | { readonly code: "not-photographed"; readonly step: StepId; readonly connector: ConnectorId }
  | { readonly code: "still-plugged"; readonly step: StepId; readonly connector: ConnectorId }
  | { readonly code: "unchecked-doubt"; readonly step: StepId; readonly decision: DecisionId }
  | { readonly code: "two-ends-in-the-hand"; readonly step: StepId; readonly ends: readonly EndId[] }
  | { readonly code: "twins-loose"; readonly step: StepId; readonly ends: readonly EndId[] }
  | { readonly code: "halves-bare"; readonly step: StepId; readonly pin: PinId }
  | { readonly code: "bare-ends-can-touch"; readonly step: StepId; readonly ends: readonly EndId[] }
  | {
      readonly code: "joints-side-by-side";
      readonly step: StepId;
      readonly connector: ConnectorId;
      readonly length: number;
    }
  | { readonly code: "tap-before-cut"; readonly step: StepId }
  | { readonly code: "run-not-laid"; readonly step: StepId; readonly supply: JoinPointId }
  | { readonly code: "not-stripped"; readonly step: StepId }
  | { readonly code: "seal-missing"; readonly step: StepId }
  | { readonly code: "not-tugged"; readonly step: StepId; readonly connector: ConnectorId }
  | { readonly code: "not-measured"; readonly step: StepId }
  | { readonly code: "power-with-end-loose"; readonly step: StepId; readonly end: EndId }
  | { readonly code: "fuse-before-power"; readonly step: StepId }
  | { readonly code: "evening-ends-open"; readonly step: StepId; readonly end: EndId }
  | {
      readonly code: "decision-not-carried-out";
      readonly decision: DecisionId;
      readonly pins: readonly PinId[];
    }
  | { readonly code: "wire-moved-without-decision"; readonly pin: PinId }
  /** Two places that were joined, and that nothing decided to part; or that were apart. */
  | { readonly code: "cut-off"; readonly anchors: readonly [Anchor, Anchor] }
  | { readonly code: "joined-undecided"; readonly anchors: readonly [Anchor, Anchor] }
  | { readonly code: "short-circuit"; readonly anchors: readonly [supply: Anchor, ground: Anchor] }
  | { readonly code: "bare-end-left"; readonly end: EndId }
  | { readonly code: "cavity-left-open"; readonly pin: PinId }
  | { readonly code: "fuse-left-out"; readonly decision: DecisionId; readonly pins: readonly PinId[] }
  /** Its part was to be taken away, and it is still plugged into it. */
  | { readonly code: "part-not-off"; readonly connector: ConnectorId }
  | {
      readonly code: "left-open";
      readonly what: "battery-off" | "lock-open" | "unplugged";
      readonly connector?: ConnectorId;
    };
