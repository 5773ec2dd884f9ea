import type { Operation } from "../../harness/index.ts";
import { stepId, type DecisionId, type PlacedPin } from "../../model/index.ts";
import type { Step, StepKind } from "../step.ts";

/** Minutes by kind of step: when all goes well, as a rule, when it does not (common practice, no source). */
const MINUTES: Readonly<Record<StepKind, readonly [from: number, usual: number, to: number]>> = {
  "note-odometer": [1, 1, 2],
  check: [2, 3, 10],
  "battery-off": [1, 2, 5],
  wait: [3, 3, 15],
  "remove-part": [3, 6, 15],
  drill: [4, 6, 15],
  "battery-on": [1, 2, 5],
  "find-live": [1, 3, 6],
  photograph: [1, 3, 5],
  disconnect: [0.5, 1, 4],
  "open-lock": [0.5, 1, 3],
  label: [0.5, 1, 2],
  release: [0.5, 1, 5],
  "take-out": [0.5, 1, 3],
  "set-aside": [0.5, 1, 2],
  park: [0.5, 1, 2],
  "take-up": [0.5, 1, 1],
  pierce: [0.5, 1, 2],
  insert: [0.5, 1, 3],
  cut: [0.5, 1, 2],
  uncover: [0.5, 1, 1],
  "cut-terminal": [0.5, 1, 1],
  strip: [0.5, 1, 2],
  splice: [2, 3, 6],
  tap: [2, 4, 8],
  "fit-device": [4, 6, 15],
  cap: [0.5, 1, 2],
  route: [5, 10, 30],
  ring: [1, 2, 5],
  feed: [3, 5, 10],
  "build-shell": [0.5, 1, 2],
  "build-wire": [1, 2, 4],
  seal: [0.5, 1, 2],
  crimp: [1, 2, 4],
  plug: [0.5, 1, 2],
  "close-lock": [0.5, 1, 3],
  tug: [0.5, 1, 2],
  tape: [2, 3, 8],
  connect: [0.5, 1, 3],
  measure: [2, 3, 15],
  fuse: [0.5, 1, 2],
  try: [1, 3, 10],
  program: [10, 20, 60],
  aim: [5, 10, 20],
  "refit-part": [4, 6, 20],
  inspect: [3, 5, 15],
  own: [5, 5, 5],
};

export type Draft = {
  readonly kind: StepKind;
  readonly role: string;
  readonly op: Operation | null;
} & Partial<
  Pick<
    Step,
    | "wire"
    | "at"
    | "partner"
    | "connector"
    | "built"
    | "terminal"
    | "from"
    | "supply"
    | "device"
    | "joint"
    | "others"
    | "length"
    | "text"
    | "place"
    | "minutes"
    | "range"
  >
>;

/** A step of a group; what it belongs to and its role are its identity. Written out: this is the busiest line of the planner. */
export function stepOf(group: string, owner: string, decision: DecisionId | null, draft: Draft): Step {
  const [quick, usual, slow] = MINUTES[draft.kind];
  const {
    wire = null,
    at = null,
    partner = null,
    connector = null,
    built = false,
    device = null,
    joint = null,
    terminal = null,
    others = [],
    supply = null,
    from = null,
    length = null,
    text = "",
    place = "",
    minutes = usual,
    range = [quick, slow],
  } = draft;
  return {
    id: stepId(`${owner}/${draft.role}`),
    role: draft.role,
    kind: draft.kind,
    group,
    decision,
    op: draft.op,
    place,
    wire,
    at,
    partner,
    connector,
    built,
    device,
    terminal,
    joint,
    others,
    supply,
    from,
    length,
    text,
    twins: [],
    minutes,
    range,
  };
}

/** The wire of a pin in the hand, at its own cavity. */
export const inHand = ({ pin, connector }: PlacedPin) => ({
  wire: pin.id,
  at: pin.id,
  connector: connector.id,
  place: connector.place,
});
export const isFlying = ({ connector }: PlacedPin): boolean => connector.leads === "flying";
