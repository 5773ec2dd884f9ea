import type {
  BriefItem,
  ConnectorId,
  Decision,
  DecisionId,
  JobHead,
  JoinPoint,
  JoinPointId,
  LoomWire,
  LoomWireId,
  OwnWord,
  Pin,
  PinId,
  Source,
  SourceId,
  WorklistEdits,
} from "../model/index.ts";
import type { ConnectorHead } from "./diff.ts";

/** Every edit of the dossier: what a person means. What it comes to is the difference of the records before and after. */
export type Command =
  | { readonly kind: "set-head"; readonly head: JobHead }
  | { readonly kind: "put-connector"; readonly connector: ConnectorHead }
  | { readonly kind: "remove-connector"; readonly connector: ConnectorId }
  | {
      readonly kind: "change-pins";
      readonly connector: ConnectorId;
      readonly put: readonly Pin[];
      readonly remove: readonly PinId[];
    }
  | { readonly kind: "put-source"; readonly source: Source }
  | { readonly kind: "remove-source"; readonly source: SourceId }
  | { readonly kind: "set-words"; readonly words: readonly OwnWord[] }
  | { readonly kind: "set-brief"; readonly brief: readonly BriefItem[] }
  | { readonly kind: "set-worklist"; readonly worklist: WorklistEdits }
  | {
      readonly kind: "change-wiring";
      readonly put: readonly LoomWire[];
      readonly remove: readonly LoomWireId[];
      readonly putPoints: readonly JoinPoint[];
      readonly removePoints: readonly JoinPointId[];
    }
  | {
      readonly kind: "decide";
      readonly put: readonly Decision[];
      readonly remove: readonly DecisionId[];
      /** Supplies that the decisions name and that are new. */
      readonly points?: readonly JoinPoint[] | undefined;
    };

export type CommandProblem =
  | { readonly code: "no-such-connector"; readonly connector: ConnectorId }
  | { readonly code: "no-such-pin"; readonly pin: PinId }
  | { readonly code: "name-taken"; readonly name: string }
  | { readonly code: "name-missing" }
  | { readonly code: "cavity-missing"; readonly pin: PinId }
  | { readonly code: "cavity-taken"; readonly connector: string; readonly cavity: string }
  | { readonly code: "pin-already-decided"; readonly pin: PinId; readonly by: DecisionId }
  | { readonly code: "join-needs-both-sides"; readonly decision: DecisionId }
  | { readonly code: "pin-with-itself"; readonly pin: PinId }
  | { readonly code: "too-few-pins"; readonly decision: DecisionId }
  | { readonly code: "mate-not-plug-to-plug"; readonly decision: DecisionId }
  | { readonly code: "plug-claimed"; readonly pin: PinId; readonly by: DecisionId }
  | { readonly code: "jumper-across-connectors"; readonly decision: DecisionId }
  | { readonly code: "move-across-sides"; readonly decision: DecisionId }
  | { readonly code: "not-a-free-lead"; readonly decision: DecisionId }
  | { readonly code: "cavity-claimed"; readonly pin: PinId; readonly by: DecisionId }
  | { readonly code: "step-text-missing" }
  | { readonly code: "step-id-repeated"; readonly id: string }
  | {
      readonly code: "pair-forbidden";
      readonly vehicle: PinId;
      readonly incoming: PinId;
      readonly reason: string;
    }
  | { readonly code: "brief-text-missing" }
  | { readonly code: "brief-repeated"; readonly text: string }
  | { readonly code: "pin-of-other-connector"; readonly pin: PinId }
  | { readonly code: "job-too-large"; readonly pins: number; readonly limit: number }
  | { readonly code: "no-such-source"; readonly source: SourceId }
  | { readonly code: "source-in-use"; readonly title: string; readonly pin: string }
  | { readonly code: "pin-is-empty"; readonly pin: PinId }
  | { readonly code: "wire-needs-two-ends"; readonly wire: LoomWireId }
  | { readonly code: "no-such-wire"; readonly wire: LoomWireId }
  | { readonly code: "no-such-point"; readonly point: JoinPointId }
  | { readonly code: "point-in-use"; readonly name: string }
  | { readonly code: "supply-ring"; readonly name: string }
  | { readonly code: "terminal-twice"; readonly decision: DecisionId; readonly terminal: string };
