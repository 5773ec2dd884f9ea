import type { Brand } from "../util/index.ts";

/** Ids are unique within their job only; a job file may leave them out, then they follow from the names. */
export type ConnectorId = Brand<"ConnectorId">;
export type PinId = Brand<"PinId">;
export type DecisionId = Brand<"DecisionId">;
export type StepId = Brand<"StepId">;
export type SourceId = Brand<"SourceId">;
export type WireId = Brand<"WireId">;
export type EndId = Brand<"EndId">;
export type JoinPointId = Brand<"JoinPointId">;
export type LoomWireId = Brand<"LoomWireId">;

export const connectorId = (text: string): ConnectorId => text as ConnectorId;
export const pinId = (text: string): PinId => text as PinId;
export const stepId = (text: string): StepId => text as StepId;
export const decisionIdOf = (text: string): DecisionId => text as DecisionId;
export const sourceId = (text: string): SourceId => text as SourceId;
export const wireId = (text: string): WireId => text as WireId;
export const endId = (text: string): EndId => text as EndId;
export const joinPointId = (text: string): JoinPointId => text as JoinPointId;
export const loomWireId = (text: string): LoomWireId => text as LoomWireId;
