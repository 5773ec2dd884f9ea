import {
  applyOperation,
  bench,
  type PlanMemo,
  blockWords,
  circuitFindingWords,
  decisionId,
  decisionsOnRecord,
  foldLedger,
  FIRST_LINK,
  indexPins,
  isPowerForGood,
  MEASURED_OF_WORDS,
  obstaclesToRetract,
  operationProblemWords,
  pinNamer,
  placeProblem,
  placeProblemWords,
  readingsAsked,
  sameValue,
  proofOf,
  seal,
  stateAfter,
  stepLine,
  stepsLeft,
  stepWords,
  testBefore,
  type BenchView,
  type Dossier,
  type Entry,
  type Reading,
  type Step,
  type StoredEntry,
  type What,
} from "@trevin/core";
import { entrySchema, type BenchCommand } from "@trevin/core/contract";
import { HttpProblem } from "../../http/problem.ts";
import { refuseUnreadable } from "../../http/read.ts";
import { entriesOf } from "../jobs/entries.ts";
import type { LedgerRow } from "../jobs/history.repo.ts";

/** What a bench command writes into the ledger. */
export interface Judged {
  readonly rows: readonly LedgerRow[];
  /** Whether nothing is left to do after it. */
  readonly finished: boolean;
}

/**
 * Judges one bench command against the plan and the state of the car: the entries that it adds, chained to those that are
 * there, or an HttpProblem that says why it cannot be recorded. The first one freezes the baseline.
 */
export function judge(
  dossier: Dossier,
  stored: readonly StoredEntry[],
  command: BenchCommand,
  now: string,
  plans?: PlanMemo,
): Judged {
  const entries = entriesOf(stored);
  const view = bench(dossier, entries, plans);
  const whats = [
    ...baselineOf(dossier, entries),
    ...adoptionOf(view, dossier, entries, command),
    whatOf(command, view, entries),
  ];
  return { rows: chain(whats, stored, command, now), finished: isFinished(command, view) };
}

/** Whether nothing is left to do once a command is recorded. */
function isFinished(command: BenchCommand, { plan, progress }: BenchView): boolean {
  if (command.kind === "retracted") return false;
  const now = command.kind === "done" || command.kind === "skipped" ? command.step : null;
  return plan.steps.length > 0 && plan.steps.every(({ id }) => id === now || progress.has(id));
}

function baselineOf(dossier: BenchView["dossier"], entries: readonly Entry[]): readonly What[] {
  return entries.length > 0
    ? []
    : [{ kind: "baseline", head: dossier.head, connectors: dossier.connectors, begins: "plugged" }];
}

/** A plan is pinned when work first follows it, and again when another one is followed or something else is decided. */
function adoptionOf(
  { planHash, plan }: BenchView,
  { decisions }: Dossier,
  entries: readonly Entry[],
  command: BenchCommand,
): readonly What[] {
  if (command.kind !== "done" && command.kind !== "skipped") return [];
  const followed = entries.findLast((entry) => entry.what.kind === "plan-adopted")?.plan;
  const record = decisionsOnRecord(entries);
  const now = new Set(decisions.map(decisionId));
  const decided = decisions.filter((one) => !sameValue(record?.get(decisionId(one)), one));
  const undone = [...(record?.values() ?? [])].filter((one) => !now.has(decisionId(one)));
  return followed === planHash && record !== null && decided.length + undone.length === 0
    ? []
    : [{ kind: "plan-adopted", steps: plan.steps.length, decided, undone }];
}

function whatOf(command: BenchCommand, view: BenchView, entries: readonly Entry[]): What {
  const name = pinNamer(view.dossier);
  switch (command.kind) {
    case "done":
    case "skipped": {
      const [block] = view.plan.blocks;
      if (block !== undefined)
        throw new HttpProblem(
          409,
          "blocked",
          `The worklist is blocked: ${blockWords(block, name)}${view.plan.blocks.length > 1 ? `, and ${view.plan.blocks.length - 1} more` : ""}.`,
        );
      if (command.plan !== view.planHash)
        throw new HttpProblem(
          409,
          "plan-changed",
          "The plan has changed since this step was shown. Reload; nothing was recorded.",
        );
      const step = view.plan.steps.find((candidate) => candidate.id === command.step);
      if (step === undefined)
        throw new HttpProblem(409, "no-such-step", "That step is no longer in the plan.");
      if (view.progress.get(step.id) === "done")
        throw new HttpProblem(409, "already-done", "That step is already done.");
      const words = wordsOf(step.id, view);
      const test = testBefore(view, step);
      if (test !== null)
        throw new HttpProblem(
          409,
          "live-half-not-known",
          `Which half of ${name(test.wire ?? "")} is live has to be found before this step.`,
        );
      const isTest = step.kind === "find-live";
      if (command.kind === "skipped") {
        if (isTest)
          throw new HttpProblem(
            409,
            "test-decides-joint",
            "This test decides which half is joined. Turn the test off in the crosswalk instead of skipping it.",
          );
        if (step.op !== null)
          throw new HttpProblem(
            409,
            "step-changes-wiring",
            "This step changes the wiring and later steps depend on it. Change the decision instead of skipping the step.",
          );
        return { kind: "skipped", step: step.id, decision: step.decision, reason: command.reason, ...words };
      }
      if (isTest !== (command.live !== undefined))
        throw new HttpProblem(
          409,
          "live-half-not-said",
          isTest ? "Say which half is live." : "This step finds no live half.",
        );
      refuseOtherReadings(step, command.readings);
      const despite = powerDespite(step, view, command.accept, name);
      if (step.op !== null) {
        const next = applyOperation(view.state, step.op);
        if (!next.ok) throw new HttpProblem(409, next.error.code, operationProblemWords(next.error, name));
      }
      return {
        kind: "done",
        step: step.id,
        decision: step.decision,
        op: step.op,
        note: [command.note, despite].filter((part) => part !== "").join(". "),
        ...(command.live === undefined ? {} : { live: command.live }),
        ...(command.readings === undefined ? {} : { readings: command.readings }),
        ...words,
      };
    }
    case "note":
      return { kind: "note", step: command.step, text: command.text, ...wordsOf(command.step, view) };
    case "photo":
      if (entries.length === 0)
        throw new HttpProblem(409, "not-begun", "Photos stand in the ledger from the first step on.");
      return {
        kind: "photo",
        photo: command.photo,
        sha256: command.sha256,
        connector: command.connector,
        pin: command.pin,
      };
    case "found":
      return found(command, view);
    case "retracted": {
      refuseRetract(command.seq, entries, name);
      return { kind: "retracted", seq: command.seq, reason: command.reason };
    }
  }
}

function found(
  { pin, facts, place, note }: Extract<BenchCommand, { kind: "found" }>,
  { dossier, state }: BenchView,
): What {
  const placed = indexPins(dossier).get(pin);
  if (placed === undefined) throw new HttpProblem(422, "no-such-pin", "That pin is not in this job.");
  if (place === undefined) return { kind: "found", pin, facts, note };
  const problem = placeProblem(dossier, state, pin, place);
  if (problem !== null)
    throw new HttpProblem(409, problem.code, placeProblemWords(problem, pinNamer(dossier)));
  return { kind: "found", pin, facts, place: { found: place, believed: placed.pin.cavity }, note };
}

/** A figure that a step does not ask for would say nothing of what it was measured at. */
function refuseOtherReadings(step: Step, readings: readonly Reading[] = []): void {
  const asked = readingsAsked(step);
  const other = readings.find(
    ({ of, quantity }, i) =>
      !asked.some((one) => one.of === of && one.quantity === quantity) ||
      readings.findIndex((one) => one.of === of) !== i,
  );
  if (other !== undefined)
    throw new HttpProblem(
      422,
      "no-such-reading",
      `This step asks for no such reading (${MEASURED_OF_WORDS[other.of]}), or for one only.`,
    );
}

/**
 * Power does not come on for good while the circuit, solved as it will be, says stop; unless somebody takes it on with a reason, which
 * is what is given back for the record.
 */
function powerDespite(
  step: Step,
  view: BenchView,
  reason: string | undefined,
  name: (id: string) => string,
): string {
  if (!isPowerForGood(step)) return "";
  const { dossier, state } = view;
  const stops = proofOf(dossier, stateAfter(state, stepsLeft(view))).findings.filter(
    ({ severity }) => severity === "stop",
  );
  const [first] = stops.map((finding) => circuitFindingWords(finding, name));
  if (first === undefined) return "";
  if (reason === undefined)
    throw new HttpProblem(
      409,
      "not-safe-to-power",
      `${first.title}: ${first.detail} See the proof; or give a reason to power it all the same.`,
    );
  return `Powered in spite of: ${first.title}${stops.length > 1 ? `, and ${stops.length - 1} more` : ""}. Reason: ${reason}`;
}

/** The words of a step of the plan, so that the record is read without today's planner. */
function wordsOf(id: string | null, { plan, dossier }: BenchView): { readonly words?: string } {
  const step = plan.steps.find((candidate) => candidate.id === id);
  return step === undefined ? {} : { words: stepLine(stepWords(step, dossier)) };
}

function refuseRetract(seq: number, entries: readonly Entry[], name: (id: string) => string): void {
  const entry = entries[seq];
  if (entry === undefined) throw new HttpProblem(422, "no-such-entry", `There is no entry ${seq}.`);
  if (entry.what.kind === "baseline" || entry.what.kind === "plan-adopted" || entry.what.kind === "retracted")
    throw new HttpProblem(409, "not-retractable", "This entry cannot be retracted.");
  if (foldLedger(entries).fold.retracted.has(seq))
    throw new HttpProblem(409, "already-retracted", "This entry is already retracted.");
  const [first, ...more] = obstaclesToRetract(entries, seq);
  if (first !== undefined) {
    throw new HttpProblem(
      409,
      "later-entries-depend",
      `Entry ${first.seq}${more.length > 0 ? ` and ${more.length} more` : ""} stand on this one: ${operationProblemWords(first.problem, name)} Take those back first.`,
    );
  }
}

function chain(
  whats: readonly What[],
  stored: readonly StoredEntry[],
  command: BenchCommand,
  at: string,
): readonly LedgerRow[] {
  const rows: LedgerRow[] = [];
  let prev = stored.at(-1)?.hash ?? FIRST_LINK;
  whats.forEach((what, index) => {
    const last = index === whats.length - 1;
    const event = last ? command.event : `${command.event}/${what.kind}`;
    const seq = stored.length + index;
    const plan =
      what.kind !== "baseline" && (command.kind === "done" || command.kind === "skipped")
        ? command.plan
        : null;
    const sealed = seal({
      v: 1,
      seq,
      event,
      at,
      deviceAt: command.deviceAt,
      person: command.person,
      device: command.device,
      plan,
      what,
      prev,
    });
    refuseUnreadable(entrySchema, JSON.parse(sealed.bytes));
    rows.push({ seq, event, command: command.event, ...sealed });
    prev = sealed.hash;
  });
  return rows;
}
