import {
  adapterLoom,
  bench,
  blockWords,
  checkPlan,
  colourInWords,
  compareMethods,
  deviceWords,
  faultWords,
  fileOf,
  indexPins,
  kitOf,
  owedAfter,
  pinColour,
  pinName,
  pinNamer,
  stepLine,
  stepWords,
  type AdapterEnd,
  type Dossier,
  type Fault,
  type PinId,
  type PlacedPin,
  type Step,
  type StepId,
} from "@trevin/core";
import { planFileProblemWords, readPlanFile, type ReadJob } from "@trevin/core/contract";
import { InputError } from "./failure.ts";

/** The worklist in order, what it needs, the ways of working side by side, the second opinion, what stays owed, and what stands in its way. */
export function planReport({ dossier: believed, ledger, entries }: ReadJob): unknown {
  const { dossier, plan, start, progress, hazards, planHash: hash } = bench(believed, entries);
  const pins = indexPins(dossier);
  const named = (id: PinId | null): string | null => nameOf(id, pins);
  return {
    blocks: plan.blocks.map((block) => blockWords(block, pinNamer(dossier))),
    minutes: plan.minutes,
    range: plan.range,
    hash,
    transfers: plan.transfers,
    placeChanges: plan.walk,
    steps: plan.steps.map((step, index) => {
      const words = stepWords(step, dossier, pins);
      const { id, kind, group, op, connector, place, length, joint, minutes, range, twins, decision } = step;
      return {
        number: index + 1,
        state: progress.get(id) ?? "open",
        id,
        kind,
        group,
        words: stepLine(words),
        before: words.before,
        place,
        wire: named(step.wire),
        colour: colourOf(step, pins),
        at: named(step.at),
        partner: named(step.partner),
        others: step.others.map(named),
        connector,
        length,
        joint,
        twins: twins.map(named),
        minutes,
        range,
        discharges: decision,
        op,
      };
    }),
    kit: kitOf(dossier, plan).map(({ kind, what, size, count, spare, steps }) => ({
      kind,
      what,
      size,
      count,
      spare,
      steps: steps.length,
    })),
    methods: compareMethods(dossier, plan).map(({ method, cost }) => ({ method, ...cost })),
    adapter: adapterReport(dossier),
    owed: owedAfter(hazards).map(({ title, detail, cure, pins: about, accepted }) => ({
      title,
      detail,
      cure,
      pins: about.map(named),
      ...(accepted === "" ? {} : { accepted }),
    })),
    fault: faultReport(checkPlan(dossier, plan, start), plan.steps, dossier),
    job: fileOf({ dossier: believed, ledger }),
  };
}

/** The first rule that a plan breaks, or null: a plan as `trevin plan` prints it, also one that was edited by hand. */
export function checkReport(text: string): unknown {
  const read = readPlanFile(text);
  if (!read.ok) throw new InputError(planFileProblemWords(read.error));
  const { dossier, steps, start } = read.value;
  const fault = checkPlan(dossier, { steps }, start);
  const at = fault !== null && "step" in fault ? steps.findIndex(({ id }) => id === fault.step) : -1;
  return {
    steps: steps.length,
    rule: fault?.code ?? null,
    step: at < 0 ? null : at + 1,
    fault: faultReport(fault, steps, dossier),
  };
}

function faultReport(fault: Fault | null, steps: readonly Step[], dossier: Dossier): string | null {
  if (fault === null) return null;
  const numbered = (id: string): string => {
    const at = steps.findIndex((step) => step.id === (id as StepId));
    const step = steps[at];
    return step === undefined
      ? id
      : `step ${at + 1} (${stepWords(step, dossier).verb.toLowerCase()} ${stepWords(step, dossier).object})`;
  };
  return faultWords(fault, pinNamer(dossier), numbered);
}

function nameOf(id: PinId | null, pins: ReadonlyMap<PinId, PlacedPin>): string | null {
  const placed = id === null ? undefined : pins.get(id);
  return placed === undefined ? id : pinName(placed);
}

function colourOf({ wire }: Step, pins: ReadonlyMap<PinId, PlacedPin>): string | null {
  const placed = wire === null ? undefined : pins.get(wire);
  const colour = placed === undefined ? null : pinColour(placed.pin, placed.connector);
  return colour === null ? null : colourInWords(colour);
}

function adapterReport(dossier: Dossier): unknown {
  const loom = adapterLoom(dossier);
  if (loom.wires.length === 0) return null;
  const end = (one: AdapterEnd): unknown => {
    if (one.at === "part") return { at: "part", part: deviceWords(one.device) };
    if (one.at === "joint") return { at: "joint", with: one.with.map(pinName) };
    if (one.at === "pigtail") return { at: "pigtail", lead: pinName(one.lead) };
    return {
      at: `shell that meets ${one.meets.connector.name}`,
      cavity: one.meets.pin.cavity,
      terminal: one.terminal,
      strip: one.strip,
      seal: one.seal,
    };
  };
  return {
    shells: loom.shells.map(({ name, sealed, pins }) => ({ meets: name, ways: pins.length, sealed })),
    wires: loom.wires.map(({ decision, own, colour, size, length, ends }) => ({
      decision,
      wire: own === null ? "the pigtail's own lead" : "new",
      colour,
      size,
      length,
      ends: ends.map(end),
    })),
  };
}
