import { computed, ref, shallowRef, watch, type Ref } from "vue";
import {
  isBlank,
  overwritten,
  tableProblemWords,
  type ColourSystem,
  type Connector,
  type Field,
  type Overwritten,
  type OwnWord,
  type ReadTable,
  type Source,
  type SourceId,
  type TableFile,
  type TableLine,
} from "@trevin/core";
import { computeWorker } from "../workers/client.ts";
import type { TableOrigin } from "../workers/onDemand.ts";

interface Given {
  readonly file: TableFile;
  readonly connector: Connector;
  readonly sources: readonly Source[];
  readonly words: readonly OwnWord[];
}
/** What a person has settled about the table; the rest is guessed. */
interface Settled {
  readonly sheet: Ref<number>;
  readonly system: Ref<ColourSystem | "auto">;
  readonly from: Ref<SourceId | "none">;
  readonly headerLines: Ref<number | null>;
  readonly turned: Ref<boolean | null>;
  readonly columns: Ref<readonly (Field | null)[] | null>;
}

/** A table read in the worker, anew whenever something about it is settled; the last answer counts. */
export function useReadTable(props: Given, { sheet, system, from, headerLines, turned, columns }: Settled) {
  const table = shallowRef<ReadTable | null>(null);
  const problem = ref("");
  const reading = ref(false);
  const origin = computed<TableOrigin>(() =>
    props.file.kind === "text"
      ? { kind: "text", text: props.file.text }
      : { kind: "sheet", sheet: props.file.sheets[sheet.value] ?? { name: "", rows: [], merged: [] } },
  );

  let turnOf = 0;
  const declared = computed(() => {
    if (system.value !== "auto") return system.value;
    return from.value === "none"
      ? null
      : (props.sources.find((one) => one.id === from.value)?.colourSystem ?? null);
  });
  watch(
    [origin, declared, headerLines, turned, columns],
    async () => {
      const turn = ++turnOf;
      reading.value = true;
      const read = await computeWorker().readTable(structuredClone(origin.value), {
        system: declared.value,
        prefer: props.connector.colourSystem,
        words: [...props.words],
        ...(headerLines.value === null ? {} : { headerLines: headerLines.value }),
        ...(turned.value === null ? {} : { turned: turned.value }),
        ...(columns.value === null ? {} : { columns: [...columns.value] }),
      });
      if (turn !== turnOf) return;
      reading.value = false;
      problem.value = read.ok ? "" : tableProblemWords(read.error);
      table.value = read.ok ? read.value : null;
    },
    { immediate: true },
  );
  watch([sheet, turned], () => {
    columns.value = null;
    headerLines.value = null;
  });

  return { table, problem, reading };
}

/** What is in the cavities of the table already, and what its lines would write over. */
export function useOverwritten(
  props: Pick<Given, "connector">,
  table: Ref<ReadTable | null>,
  good: Ref<readonly TableLine[]>,
  mode: Ref<"replace" | "compare" | "variant">,
) {
  const standing = computed(() => new Map(props.connector.pins.map((pin) => [pin.cavity, pin])));
  /** A cavity that only stands in the table is not there already. */
  const isThere = (cavity: string): boolean => {
    const pin = standing.value.get(cavity);
    return pin !== undefined && !isBlank(pin);
  };
  /** What each line would write over, by its number. */
  const lost = computed(() => {
    const read = table.value;
    if (read === null || mode.value !== "replace") return new Map<number, readonly Overwritten[]>();
    return new Map(
      good.value.flatMap((line) => {
        const before = standing.value.get(line.cavity);
        const facts = before === undefined ? [] : overwritten(line, read, before, props.connector);
        return facts.length === 0 ? [] : [[line.line, facts] as const];
      }),
    );
  });
  const lostCount = computed(() => [...lost.value.values()].reduce((sum, facts) => sum + facts.length, 0));

  return { isThere, lost, lostCount };
}
