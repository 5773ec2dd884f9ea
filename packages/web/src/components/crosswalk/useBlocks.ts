import { computed, nextTick } from "vue";
import {
  asksAfterPart,
  keepOutOf,
  undecidedPins,
  type Analysis,
  type Block,
  type Connector,
  type Counterpart,
  type Dossier,
  type CircuitRow,
} from "@trevin/core";
import { useWorklistEdits } from "../../composables/useWorklistEdits.ts";
import type { Circuits } from "./useCircuits.ts";

/** The job as it stands. */
interface Current {
  readonly dossier: () => Dossier;
  readonly analysis: () => Analysis;
  readonly begun: () => boolean;
}

/** A plug that is kept out is never opened, so nobody asks what is behind it. */
const isShut = (connector: Connector): boolean =>
  connector.pins.length > 0 && connector.pins.every((pin) => keepOutOf({ pin, connector }) !== null);

/** What blocks the worklist, and the way to the circuit that it is about. */
export function useBlocks(
  { dossier, analysis, begun }: Current,
  { all, shown, where, holds, selected, indexOf, select }: Circuits,
  openBrief: () => void,
) {
  const { setCounterpart } = useWorklistEdits();
  const blocks = computed(() => analysis().bench.plan.blocks);
  const undecided = computed(() => undecidedPins(dossier()).length);
  /** One plug at a time, those that stand in the way first; its answer settles every wire in it. */
  const question = computed((): Connector | null => {
    const asked = blocks.value.flatMap((block) => (block.code === "counterpart" ? [block.connector] : []));
    const open = begun() ? [] : undecidedPins(dossier()).map(({ connector }) => connector.id);
    const order = [...asked, ...open];
    return (
      dossier()
        .connectors.filter((one) => order.includes(one.id) && asksAfterPart(dossier(), one) && !isShut(one))
        .sort((a, b) => order.indexOf(a.id) - order.indexOf(b.id))[0] ?? null
    );
  });
  const answer = (becomes: Counterpart): unknown =>
    question.value !== null && setCounterpart(question.value.id, becomes);
  const isBlockAt = (block: Block, row: CircuitRow): boolean =>
    block.code === "stop"
      ? holds(row, block.hazard.pins[0] ?? null)
      : "pin" in block && holds(row, block.pin);
  function goBlock(block: Block): void {
    if (block.code === "unserved") return openBrief();
    const row = all.value.find((one) => isBlockAt(block, one));
    if (row === undefined) return;
    if (indexOf(row) < 0) [shown.value, where.value] = ["all", "all"];
    void nextTick(() => select(row));
  }
  /** What blocks, one after another from the row in hand on. */
  function nextBlock(): void {
    const index = all.value.findIndex((row) => row.key === selected.value?.key);
    const order = [...all.value.slice(index + 1), ...all.value.slice(0, index + 1)];
    const row = order.find((one) => blocks.value.some((block) => isBlockAt(block, one)));
    const block = blocks.value.find((one) => row === undefined || isBlockAt(one, row));
    if (block !== undefined) goBlock(block);
  }

  return { blocks, undecided, question, answer, goBlock, nextBlock };
}
export type Blocks = ReturnType<typeof useBlocks>;
