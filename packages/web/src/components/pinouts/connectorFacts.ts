import type { ConnectorHead, ConnectorId, Side } from "@trevin/core";

/** What the form asks of a connector besides its housing. */
export const BLANK_FACTS = {
  name: "",
  side: "vehicle" as Side,
  place: "",
  branch: "",
  module: "",
  colourSystem: "iec" as ConnectorHead["colourSystem"],
  leads: "loom" as ConnectorHead["leads"],
  sealed: false,
  matesWith: "" as ConnectorId | "",
  keepOut: "",
};
export type ConnectorFacts = typeof BLANK_FACTS;
