import type { ComputedRef } from "vue";
import type { Pin, PinId } from "@trevin/core";
import type { Column, TypingContext } from "./cells.ts";
import type { Connector } from "@trevin/core";

/** The line below the last one, where a new cavity is typed. */
export const NEW = "new";
export type RowId = PinId | typeof NEW;

/** What was typed and could not be taken: kept, with the reason. */
export interface Complaint {
  readonly text: string;
  readonly why: string;
}

export interface PinGridOptions {
  readonly connector: () => Connector;
  readonly rows: ComputedRef<readonly Pin[]>;
  readonly columns: ComputedRef<readonly Column[]>;
  readonly frozen: () => boolean;
  readonly typing: () => Omit<TypingContext, "taken">;
  readonly put: (pins: readonly Pin[]) => void;
  readonly remove: (pins: readonly PinId[]) => void;
}
