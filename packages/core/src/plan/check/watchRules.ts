import { sameColour, toldBySize } from "../../colour/index.ts";
import { cutFarEnd, cutPlugEnd, type HarnessState, type Operation } from "../../harness/index.ts";
import { pinColour, type PlacedPin } from "../../model/index.ts";
import type { Step } from "../step.ts";
import type { Fault } from "./fault.ts";
import { type Watch, inWindow, jointKey, isHousekeeping } from "./watch.ts";

/** A rule looks at a step before it is done, and says what is wrong with doing it now. */
export type Rule = (step: Step, watch: Watch, state: HarnessState) => Fault | null;

const onOps =
  (kinds: readonly Operation["kind"][], rule: Rule): Rule =>
  (step, watch, state) =>
    step.op !== null && kinds.includes(step.op.kind) ? rule(step, watch, state) : null;

/** The procedure hazards as rules (common practice, no source). */
export const BEFORE: readonly Rule[] = [
  onOps(["feed"], (step, { unlaid }) =>
    step.supply !== null && unlaid.has(step.supply)
      ? { code: "run-not-laid", step: step.id, supply: step.supply }
      : null,
  ),
  // A step without a decision may open, close, power and plug; it may not touch a wire.
  (step) =>
    step.op !== null && step.decision === null && !isHousekeeping(step.op)
      ? { code: "unexplained-step", step: step.id }
      : null,
  (step, { shut }) =>
    step.op !== null && step.connector !== null && shut.has(step.connector)
      ? { code: "keep-out-opened", step: step.id, connector: step.connector }
      : null,
  onOps(["disconnect", "release"], (step, { photographed }) =>
    step.connector !== null && !photographed.has(step.connector)
      ? { code: "not-photographed", step: step.id, connector: step.connector }
      : null,
  ),
  // Only the cuts of a test are made while everything else is still plugged in.
  onOps(["cut", "splice", "fit", "feed", "cap"], (step, _watch, state) =>
    step.connector !== null &&
    step.decision !== null &&
    !inWindow(step) &&
    (state.plugged[step.connector] ?? null) !== null
      ? { code: "still-plugged", step: step.id, connector: step.connector }
      : null,
  ),
  (step, { doubtful, checked }) =>
    step.op !== null && step.decision !== null && doubtful.has(step.decision) && !checked.has(step.decision)
      ? { code: "unchecked-doubt", step: step.id, decision: step.decision }
      : null,
  onOps(["cut", "tap"], (step, { lastCut }) =>
    step.connector !== null && step.length !== null && lastCut.get(step.connector) === step.length
      ? { code: "joints-side-by-side", step: step.id, connector: step.connector, length: step.length }
      : null,
  ),
  // A tap is meant for the half that goes on into the loom.
  onOps(["cut", "tap"], (step, { reach }) => {
    const other = step.op?.kind === "cut" ? reach.tap : reach.cut;
    const at = step.wire === null || step.length === null ? undefined : other.get(step.wire);
    if (at === undefined || step.length === null) return null;
    return (step.op?.kind === "cut" ? step.length < at : step.length > at)
      ? null
      : { code: "tap-before-cut", step: step.id };
  }),
  onOps(["splice", "fit", "tap", "feed", "crimp"], (step, { stripped }) => {
    const isCutOff = step.op?.kind === "crimp" && step.op.to === "cut-off";
    return isCutOff || stripped.has(jointKey(step)) ? null : { code: "not-stripped", step: step.id };
  }),
  onOps(["crimp"], (step, { sealed, pins }) => {
    const into = step.at === null ? undefined : pins.get(step.at);
    return step.op?.kind === "crimp" &&
      step.op.to === "fitted" &&
      into?.connector.sealed === true &&
      !sealed.has(jointKey(step))
      ? { code: "seal-missing", step: step.id }
      : null;
  }),
  // From an unsealed plug into a sealed one a wire brings no seal; it is cut, sealed and crimped anew.
  onOps(["insert"], (step, { pins, sealed }) => {
    const [from, into] = [step.wire, step.at].map((id) => (id === null ? undefined : pins.get(id)));
    return from !== undefined &&
      into?.connector.sealed === true &&
      !from.connector.sealed &&
      !sealed.has(jointKey(step))
      ? { code: "seal-missing", step: step.id }
      : null;
  }),
  onOps(["connect"], (step, { untugged }) =>
    step.connector !== null && untugged.has(step.connector)
      ? { code: "not-tugged", step: step.id, connector: step.connector }
      : null,
  ),
  onOps(["battery"], (step, { loose, unmeasured }) => {
    if (step.op?.kind !== "battery" || step.op.to === "off") return null;
    const end = [...loose].find(([, one]) => one.terminal);
    if (end !== undefined) return { code: "power-with-end-loose", step: step.id, end: end[0] };
    return unmeasured ? { code: "not-measured", step: step.id } : null;
  }),
  onOps(["fuse"], (step, _watch, state) =>
    step.op?.kind === "fuse" && step.op.to === "in" && state.battery === "off"
      ? { code: "fuse-before-power", step: step.id }
      : null,
  ),
];

/** Rules about what a step leaves open. */
export const AFTER: readonly Rule[] = [
  (step, { loose }) => {
    const held = [...loose].filter(([, one]) => one.terminal && !one.parked).map(([end]) => end);
    return held.length > 1 ? { code: "two-ends-in-the-hand", step: step.id, ends: held } : null;
  },
  (step, { loose, labelled, pins }) => {
    const out = [...loose].filter(([, one]) => one.terminal);
    const twin = out.find(([, one], i) =>
      out
        .slice(0, i)
        .some(
          ([, other]) =>
            !labelled.has(one.pin) &&
            !labelled.has(other.pin) &&
            alike(pins.get(one.pin), pins.get(other.pin)),
        ),
    );
    return twin === undefined ? null : { code: "twins-loose", step: step.id, ends: out.map(([end]) => end) };
  },
  (step, { loose }) => {
    // The cut itself leaves both halves bare; anything else before one is insulated does not.
    const bare =
      step.op?.kind === "cut" || step.op === null
        ? undefined
        : [...loose].find(([end, one]) => end === cutPlugEnd(one.pin) && loose.has(cutFarEnd(one.pin)));
    return bare === undefined ? null : { code: "halves-bare", step: step.id, pin: bare[1].pin };
  },
  (step, { loose }) => {
    const bare = [...loose].filter(([, one]) => !one.terminal);
    const other = bare.find(([, one]) => one.decision !== bare[0]?.[1].decision);
    return other === undefined
      ? null
      : { code: "bare-ends-can-touch", step: step.id, ends: bare.map(([end]) => end) };
  },
  (step, { evenings, loose }) => {
    const [open] = evenings.has(step.id) ? loose.keys() : [];
    return open === undefined ? null : { code: "evening-ends-open", step: step.id, end: open };
  },
];

function alike(a: PlacedPin | undefined, b: PlacedPin | undefined): boolean {
  if (
    a === undefined ||
    b === undefined ||
    a.connector.id !== b.connector.id ||
    toldBySize(a.pin.size, b.pin.size)
  )
    return false;
  const [one, other] = [pinColour(a.pin, a.connector), pinColour(b.pin, b.connector)];
  return one !== null && other !== null && sameColour(one, other);
}
