import {
  chained,
  movedBehind,
  NO_EDITS,
  ownStepId,
  type AdapterLength,
  type ConnectorId,
  type Counterpart,
  type JointKind,
  type OwnStep,
  type PartInTheWay,
  type StepId,
  type WorklistEdits,
} from "@trevin/core";
import { computed } from "vue";
import { useJob } from "../stores/job.ts";

/** What the technician adds to the plan, and the ways to change it. Each change is one edit that undo takes back. */
export function useWorklistEdits() {
  const store = useJob();
  const edits = computed<WorklistEdits>(() => store.dossier?.worklist ?? NO_EDITS);
  // Forms hand over reactive objects, which no worker can take.
  const keep = (whole: WorklistEdits): Promise<boolean> =>
    store.setWorklist(JSON.parse(JSON.stringify(whole)) as WorklistEdits);
  const put = (change: Partial<WorklistEdits>): Promise<boolean> => keep({ ...edits.value, ...change });
  const fresh = (): string => crypto.randomUUID().slice(0, 8);
  return {
    edits,
    moveBehind: (step: StepId, after: StepId | null) => keep(movedBehind(edits.value, step, after)),
    resetOrder: () => put({ order: [] }),
    addOwn: (step: Omit<OwnStep, "id">) => put({ own: [...edits.value.own, { ...step, id: fresh() }] }),
    addAll: (steps: readonly Omit<OwnStep, "id">[]) =>
      put({ own: [...edits.value.own, ...chained(steps.map((step) => ({ ...step, id: fresh() })))] }),
    removeOwn: (id: StepId) => put({ own: edits.value.own.filter((one) => ownStepId(one) !== id) }),
    savePart: (part: Omit<PartInTheWay, "id"> & { readonly id?: string | undefined }) => {
      const whole = { ...part, id: part.id ?? fresh() };
      return put({
        parts: edits.value.parts.some(({ id }) => id === whole.id)
          ? edits.value.parts.map((one) => (one.id === whole.id ? whole : one))
          : [...edits.value.parts, whole],
      });
    },
    removePart: (id: string) => put({ parts: edits.value.parts.filter((part) => part.id !== id) }),
    toggleEvening: (step: StepId) =>
      put({
        evenings: edits.value.evenings.includes(step)
          ? edits.value.evenings.filter((one) => one !== step)
          : [...edits.value.evenings, step],
      }),
    endEvenings: (evenings: readonly StepId[]) => put({ evenings }),
    setHave: (keys: readonly string[], has: boolean) =>
      put({
        have: has
          ? [...new Set([...edits.value.have, ...keys])]
          : edits.value.have.filter((key) => !keys.includes(key)),
      }),
    setAdapterLength: (between: AdapterLength["between"], mm: number | null) => {
      const others = edits.value.adapterLengths.filter(
        (one) => !between.every((id) => one.between.includes(id)),
      );
      return put({ adapterLengths: mm === null ? others : [...others, { between, mm }] });
    },
    setJoint: (joint: JointKind) => put({ joint }),
    /** What becomes of the part behind a plug; null takes the answer back. */
    setCounterpart: (connector: ConnectorId, becomes: Counterpart | null) => {
      const others = edits.value.counterparts.filter((one) => one.connector !== connector);
      return put({ counterparts: becomes === null ? others : [...others, { connector, becomes }] });
    },
  };
}
