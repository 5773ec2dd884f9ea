import { computed, ref, watch } from "vue";
import {
  connectorsInOrder,
  isAt,
  isShown,
  leadOf,
  offerWords,
  pinsOfRow,
  sharedHazards,
  SHOWN,
  circuitRows,
  wantsAttention,
  type Analysis,
  type Dossier,
  type PinId,
  type Shown,
  type CircuitRow,
} from "@trevin/core";
import { ways } from "../../composables/useFaces.ts";

export const LISTS: Readonly<Record<Shown, string>> = {
  all: "All",
  undecided: "Undecided",
  hazards: "Hazards",
  doubtful: "Doubtful",
};

/** The circuits of a job as one list: which of them are shown, which is in hand, and which are marked. */
export function useCircuits(dossier: () => Dossier, analysis: () => Analysis, opened: PinId | null) {
  const all = computed(() => circuitRows(dossier(), analysis()));
  const shown = ref<Shown>("all");
  const where = ref("all");
  const inPlace = computed(() => all.value.filter((row) => isAt(row, where.value)));
  const rows = computed(() =>
    inPlace.value.filter(
      (row) => isShown(row, shown.value) || marked.value.has(row.key) || row.key === kept.value,
    ),
  );
  const counts = computed(
    () =>
      Object.fromEntries(
        SHOWN.map((one) => [one, inPlace.value.filter((row) => isShown(row, one)).length]),
      ) as Record<Shown, number>,
  );
  const places = computed(() => {
    const connectors = connectorsInOrder(dossier());
    const branches = [...new Set(connectors.map(({ branch }) => branch).filter((branch) => branch !== ""))];
    return [
      { value: "all", label: "Every connector" },
      ...connectors.map((one) => ({
        value: `connector ${one.id}`,
        label: `${one.name}${one.place ? `, ${one.place}` : ""}`,
      })),
      ...branches.map((branch) => ({ value: `branch ${branch}`, label: `Branch: ${branch}` })),
    ];
  });
  const heads = computed(() =>
    (["vehicle", "incoming"] as const).map((side) => {
      const own = connectorsInOrder(dossier()).filter((connector) => connector.side === side);
      const only = own.length === 1 ? own[0] : undefined;
      if (only !== undefined) return { side, name: only.name, about: `${only.place} ${ways(only)}` };
      const cavities = own.reduce((sum, connector) => sum + connector.pins.length, 0);
      const name = side === "vehicle" ? "Vehicle" : "Incoming";
      return { side, name, about: `${own.length} plugs, ${cavities} cavities` };
    }),
  );
  const several = computed(() => dossier().connectors.length > 2);

  /** The row in hand follows its pin through every change; the list keeps it in sight even when it no longer fits the list. */
  const chosenPin = ref<PinId | null>(opened);
  const kept = ref("");
  const holds = (row: CircuitRow, pin: PinId | null): boolean =>
    pinsOfRow(row).some((placed) => placed.pin.id === pin);
  const selected = computed<CircuitRow | undefined>(
    () => rows.value.find((row) => holds(row, chosenPin.value)) ?? rows.value[0],
  );
  const marked = ref<ReadonlySet<string>>(new Set());
  /** What an act is done to: everything marked, else the row in hand. */
  const target = computed<readonly CircuitRow[]>(() => {
    if (marked.value.size > 0) return all.value.filter((row) => marked.value.has(row.key));
    return selected.value === undefined ? [] : [selected.value];
  });

  function select(row: CircuitRow | undefined): void {
    if (row === undefined) return;
    chosenPin.value = leadOf(row)?.pin.id ?? null;
    kept.value = row.key;
  }
  watch([shown, where], () => {
    kept.value = "";
    marked.value = new Set();
  });
  const indexOf = (row: CircuitRow | undefined): number =>
    rows.value.findIndex((one) => one.key === row?.key);
  const move = (by: number): void =>
    select(rows.value[Math.min(Math.max(indexOf(selected.value) + by, 0), rows.value.length - 1)]);
  function mark(row: CircuitRow | undefined): void {
    if (row === undefined) return;
    const next = new Set(marked.value);
    if (!next.delete(row.key)) next.add(row.key);
    marked.value = next;
  }
  function extend(to: CircuitRow | undefined): void {
    if (to === undefined) return;
    const [a, b] = [indexOf(selected.value), indexOf(to)].sort((x, y) => x - y);
    marked.value = new Set([...marked.value, ...rows.value.slice(a, (b ?? 0) + 1).map((row) => row.key)]);
    select(to);
  }
  function extendBy(by: number): void {
    const next = rows.value[indexOf(selected.value) + by];
    if (next !== undefined) extend(next);
  }
  /** The next row of a kind after the one in hand, going round. */
  function next(wanted: (row: CircuitRow) => boolean): void {
    const index = indexOf(selected.value);
    const order = [...rows.value.slice(index + 1), ...rows.value.slice(0, Math.max(index, 0))];
    select(order.find(wanted) ?? selected.value);
  }
  /** What many circuits have in common is said once, over the list. */
  const common = computed(() => sharedHazards(all.value));
  const sharedKeys = computed(() => new Set(common.value.map(({ key }) => key)));
  const nextDoubtful = (): void => next(wantsAttention);

  return {
    all,
    shown,
    where,
    rows,
    counts,
    places,
    heads,
    several,
    chosenPin,
    holds,
    selected,
    marked,
    target,
    select,
    indexOf,
    move,
    mark,
    extend,
    extendBy,
    next,
    nextDoubtful,
    common,
    sharedKeys,
    offer: computed(() => (selected.value === undefined ? "" : offerWords(selected.value))),
  };
}
export type Circuits = ReturnType<typeof useCircuits>;
