import type { ShallowRef } from "vue";
import type { BenchCommandInput } from "@trevin/core/contract";
import type { Command, ConnectorId, Half, PinFacts, PinId, Reading, StepId, StoredEntry } from "@trevin/core";
import { api } from "../api/client.ts";
import { outbox } from "./outbox.ts";
import { usePrefs } from "./prefs.ts";

type FoundFacts = Extract<BenchCommandInput, { kind: "found" }>["facts"];
type Body =
  | { kind: "done"; step: StepId; note: string; live?: Half; readings?: Reading[]; accept?: string }
  | { kind: "skipped"; step: StepId; reason: string }
  | { kind: "note"; step: StepId | null; text: string }
  | {
      kind: "photo";
      photo: string;
      sha256: string;
      connector: ConnectorId | null;
      pin: PinId | null;
    }
  | { kind: "found"; pin: PinId; facts: PinFacts; place?: string; note: string }
  | { kind: "retracted"; seq: number; reason: string };

interface OpenJob {
  readonly job: () => string | null;
  /** Hash of the plan in sight. */
  readonly plan: () => string;
  readonly stored: ShallowRef<readonly StoredEntry[]>;
  readonly enqueue: (
    work: () => Promise<void>,
    command: Command | null,
    dropped: () => void,
  ) => Promise<boolean>;
  readonly refresh: () => Promise<void>;
  readonly recompute: () => Promise<void>;
}

/** What is recorded at the bench of the open job, and kept on the device till the server has it. */
export function benchRecords({ job, plan: planHash, stored, enqueue, refresh, recompute }: OpenJob) {
  /** One bench command. Its event id is made once, so that trying again never records twice. */
  function record(body: Body): Promise<boolean> {
    const prefs = usePrefs();
    const plan = planHash();
    const sent = () => {
      if (body.kind === "done" || body.kind === "skipped") return { ...body, plan };
      if (body.kind === "found") return { ...body, facts: structuredClone(body.facts) as FoundFacts };
      return body;
    };
    const command: BenchCommandInput = {
      ...sent(),
      event: crypto.randomUUID(),
      person: prefs.person,
      device: prefs.device,
      deviceAt: new Date().toISOString(),
      lastSeen: stored.value.length - 1,
    };
    const id = job();
    if (id !== null) outbox.keep(id, command);
    return sendRecord(command);
  }
  /** Sends a bench command. Till the server has answered, it is kept on the device, so that a reload does not lose it. */
  function sendRecord(command: BenchCommandInput): Promise<boolean> {
    return enqueue(
      async () => {
        const id = job();
        if (id === null) return;
        const answer = await api.record(id, command);
        outbox.forget(command.event);
        const missed = answer.seq - answer.entries.length + 1 !== stored.value.length;
        if (missed) return refresh();
        stored.value = [...stored.value, ...answer.entries];
        await recompute();
      },
      null,
      () => outbox.forget(command.event),
    );
  }
  /** Whether this step was done already and only waits to be stored. */
  const isOnItsWay = (step: StepId): boolean =>
    outbox.of(job() ?? "").some((command) => command.kind === "done" && command.step === step);

  return { record, sendRecord, isOnItsWay };
}
