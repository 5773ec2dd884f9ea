import { computed, type Ref } from "vue";
import {
  isLeftOpen,
  canFindLive,
  leaveOpen,
  nextMethod,
  rejectRows,
  sureOffers,
  takeOffers,
  otherHalf,
  placeOfCut,
  tapOrCut,
  acceptHazards,
  isUnmatched,
  worstOf,
  type Decision,
  type Dossier,
  type Fix,
  type Hazard,
  type LeavingOpen,
  type OpenEffect,
  type Side,
  type Edit,
} from "@trevin/core";
import type { Circuits } from "./useCircuits.ts";

/** Dialogs that an act opens where it needs an answer first. */
interface Opening {
  readonly openFeed: () => void;
  readonly openMeasure: () => void;
  readonly pairing: Ref<string | null>;
}
export type Decide = (edit: Edit | null) => Promise<boolean>;

/** What is done to the circuit in hand, or to all that are marked. */
export function useActs(
  decide: Decide,
  dossier: () => Dossier,
  { rows, selected, marked, target, nextDoubtful }: Circuits,
  { openFeed, openMeasure, pairing }: Opening,
) {
  /**
   * Does it to all marked rows, or to the one in hand and goes on to the next that wants something. It goes on at once and not when
   * the edit is stored, so that it never takes the hand away from where it went meanwhile.
   */
  async function act(edit: Edit | null, goOn = true): Promise<void> {
    const several = marked.value;
    if (edit === null || edit.put.length + edit.remove.length === 0) return;
    const stored = decide(edit);
    // The next key means the next circuit, not all of these once more.
    marked.value = new Set();
    if (several.size === 0 && goOn) nextDoubtful();
    if (!(await stored)) marked.value = several;
  }
  const firstFix = computed(() => (selected.value?.decision ? worstOf(selected.value)?.fixes[0] : undefined));
  async function take(): Promise<void> {
    if (marked.value.size === 0) {
      if (selected.value?.alone?.proposal === "identify") return openMeasure();
      if (selected.value !== null && selected.value !== undefined && isUnmatched(selected.value)) {
        pairing.value = "join";
        return;
      }
      if (selected.value?.offer?.kind === "feed" && selected.value.offer.supply === null) return openFeed();
      if (selected.value?.offer === null && firstFix.value !== undefined) return fix(firstFix.value);
    }
    await act(takeOffers(target.value));
  }
  const sureOnes = computed(() => sureOffers(rows.value));
  const takeSure = (): Promise<boolean> => decide(takeOffers(sureOnes.value));
  const reject = (): Promise<void> =>
    act(
      rejectRows(
        target.value.filter((row) => row.vehicle.length > 0 && row.incoming.length > 0),
        "",
      ),
      false,
    );
  async function open(kind: LeavingOpen["kind"]): Promise<void> {
    // A pair that was only suggested loses its vehicle's wire: the other pin is still open and stays in hand.
    await act(leaveOpen(target.value, kind, dossier()));
  }
  const fix = async (one: Fix): Promise<void> => {
    await decide(one);
  };
  const accept = (hazards: readonly Hazard[], reason: string, by: string): Promise<boolean> =>
    decide(acceptHazards(dossier(), hazards, reason, by));
  function change(patch: object): Promise<boolean> {
    const decision = selected.value?.decision;
    return decision
      ? decide({ put: [{ ...decision, ...patch } as Decision], remove: [] })
      : Promise.resolve(false);
  }
  function setCutAt(mm: number | null): unknown {
    const now = selected.value?.decision;
    if (now === undefined || now === null || placeOfCut(now) === null) return undefined;
    const { cutAt: _before, ...rest } = now as Extract<Decision, { cutAt?: unknown }>;
    return decide({ put: [(mm === null ? rest : { ...rest, cutAt: mm }) as Decision], remove: [] });
  }
  function turnLive(): unknown {
    const now = selected.value?.decision;
    if ((now?.kind !== "join" && now?.kind !== "series") || !canFindLive(selected.value)) return undefined;
    const { findLive, ...plain } = now;
    return decide({ put: [findLive === true ? plain : { ...plain, findLive: true }], remove: [] });
  }
  function turnMethod(): unknown {
    const now = selected.value?.decision ?? null;
    const method = now === null ? null : nextMethod(now, dossier());
    return method !== null && change({ method });
  }
  const turned = (turn: (decision: Decision, dossier: Dossier) => Edit | null): unknown => {
    const now = selected.value?.decision ?? null;
    const edit = now === null ? null : turn(now, dossier());
    return edit !== null && decide(edit);
  };
  const turnTap = (): unknown => turned(tapOrCut);
  const turnHalf = (side: Side): unknown => turned((now, job) => otherHalf(now, job, side)?.edit ?? null);
  const turnSure = (): unknown =>
    change({ sure: selected.value?.decision?.sure === "sure" ? "check" : "sure" });
  function setOpen(effect: OpenEffect | null): void {
    const decision = selected.value?.decision;
    if (!decision || !isLeftOpen(decision)) return;
    const { open: _before, ...rest } = decision;
    void decide({ put: [effect === null ? rest : { ...rest, open: effect }], remove: [] });
  }

  return {
    act,
    take,
    sureOnes,
    takeSure,
    reject,
    open,
    fix,
    accept,
    change,
    turnLive,
    turnMethod,
    turnTap,
    turnHalf,
    turnSure,
    setOpen,
    setCutAt,
  };
}
export type Acts = ReturnType<typeof useActs>;
