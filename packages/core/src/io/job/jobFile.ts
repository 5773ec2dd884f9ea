import {
  type BriefItem,
  type CavityContent,
  type ConnectorId,
  type Decision,
  type JobHead,
  type JoinPoint,
  type LoomWire,
  type OwnWord,
  type Pin,
  type PinId,
  type Shell,
  type Source,
  type Side,
  type SignalClass,
  type WorklistEdits,
} from "../../model/index.ts";
import type { StoredEntry } from "../../ledger/index.ts";
import { type ColourSystem } from "../../colour/index.ts";

export const JOB_FORMAT = "trevin-job";
export const JOB_FORMAT_VERSION = 2;

export interface PinRef {
  readonly connector: string;
  readonly cavity: string;
}

/** The job file as it stands in JSON: everything but connectors and their pins (cavity, function) may be left out. */
export interface JobFile {
  readonly format: typeof JOB_FORMAT;
  readonly version: typeof JOB_FORMAT_VERSION;
  readonly job?: Partial<JobHead> | undefined;
  readonly connectors: readonly FileConnector[];
  readonly sources?: readonly Source[] | undefined;
  readonly words?: readonly OwnWord[] | undefined;
  readonly brief?: readonly FileBriefItem[] | undefined;
  readonly points?: readonly JoinPoint[] | undefined;
  readonly wires?: readonly LoomWire[] | undefined;
  readonly decisions?: readonly FileDecision[] | undefined;
  readonly worklist?: { readonly [K in keyof WorklistEdits]?: WorklistEdits[K] | undefined } | undefined;
  readonly ledger?: readonly StoredEntry[] | undefined;
}

export interface FileConnector {
  readonly id?: string | undefined;
  readonly name: string;
  readonly side?: Side | undefined;
  readonly place?: string | undefined;
  readonly branch?: string | undefined;
  readonly module?: string | undefined;
  readonly colourSystem?: ColourSystem | undefined;
  readonly leads?: "loom" | "flying" | undefined;
  readonly sealed?: boolean | undefined;
  readonly shell?: Shell | null | undefined;
  readonly matesWith?: ConnectorId | null | undefined;
  readonly keepOut?: string | undefined;
  readonly pins: readonly FilePin[];
}

/** Facts of a pin that a file may leave out. */
export const LATER = [
  "circuit",
  "direction",
  "level",
  "amps",
  "peak",
  "standby",
  "condition",
  "colourSystem",
  "identified",
  "sources",
  "doubts",
  "claims",
] as const satisfies readonly (keyof Pin)[];
export interface FilePin extends Partial<Pick<Pin, (typeof LATER)[number]>> {
  readonly id?: string | undefined;
  readonly cavity: string;
  readonly function: string;
  readonly colour?: string | undefined;
  readonly size?: number | null | undefined;
  readonly signal?: SignalClass | null | undefined;
  readonly content?: CavityContent | undefined;
  readonly note?: string | undefined;
}

/** A line of the brief; its id follows from its place when it is left out. */
export type FileBriefItem = Pick<BriefItem, "kind" | "text"> & {
  readonly [K in "id" | "kept" | "pins"]?: BriefItem[K] | undefined;
};

/** The same with every pin as a reference. */
type WithRefs<D> = {
  readonly [K in keyof D]: D[K] extends PinId
    ? PinRef
    : D[K] extends readonly PinId[]
      ? readonly PinRef[]
      : D[K];
};
type Optional<D> = D extends unknown
  ? Omit<WithRefs<D>, "sure" | "reason" | "answers" | "method"> & {
      readonly [K in Extract<keyof D, "sure" | "reason" | "answers" | "method">]?: D[K] | undefined;
    }
  : never;
export type FileDecision = Optional<Decision>;
