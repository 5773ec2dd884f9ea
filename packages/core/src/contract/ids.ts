import { z } from "zod";
import type { ConnectorId, DecisionId, PinId, SourceId, StepId } from "../model/index.ts";

/** No control characters, and not the one name that no record can have as a key. */
export const ORDINARY = /^(?!__proto__$)[^\u0000-\u001f]*$/;

/** A checked id keeps its brand through the schema. */
export const id = <T extends string>(what: string, longest = 120): z.ZodType<T, T> =>
  z.string().min(1).max(longest).regex(ORDINARY).describe(what) as unknown as z.ZodType<T, T>;
export const connectorIdSchema = id<ConnectorId>("Connector id, unique in its job");
export const pinIdSchema = id<PinId>("Pin id, unique in its job");
export const decisionIdSchema = id<DecisionId>("Decision id: kind and pins", 6000);
export const sourceIdSchema = id<SourceId>("Source id, unique in its job");
export const stepIdSchema = id<StepId>("Step id: decision and role", 6400);

export const text = (max: number): z.ZodString =>
  z
    .string()
    .max(max)
    .regex(/^[^\u0000-\u0008\u000e-\u001f]*$/, "control characters are not text");
