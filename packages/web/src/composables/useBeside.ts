import { computed, ref, watch } from "vue";
import {
  answering,
  faceOf,
  findConnector,
  fitOf,
  fitWords,
  likenessWords,
  matingHalf,
  shellLookAlikes,
  type CavityLook,
  type Connector,
  type ConnectorId,
  type Dossier,
  type Face,
  type Located,
  type PinId,
} from "@trevin/core";

interface Chosen {
  readonly dossier: () => Dossier;
  readonly connectors: () => readonly Connector[];
  readonly chosen: () => Connector | undefined;
  readonly face: () => Face | null;
  readonly here: () => Located | null;
  readonly now: () => ReadonlyMap<PinId, CavityLook>;
}

/** What stands beside the connector in hand, how the two go together, and what it can be taken for. */
export function useBeside({ dossier, connectors, chosen, face, here, now }: Chosen) {
  /** A second part beside the first, marks on the same side: the mating half, or any other connector. */
  const beside = ref<string>("none");
  const besideOptions = computed(() => [
    { value: "none", label: "nothing" },
    ...(face() === null ? [] : [{ value: "half", label: "its mating half" }]),
    ...connectors()
      .filter((one) => one.id !== chosen()?.id && one.shell !== null)
      .map((one) => ({ value: one.id, label: one.name })),
  ]);
  watch(
    () => chosen()?.id,
    () => {
      const mate = chosen()?.matesWith ?? "";
      beside.value = besideOptions.value.some((one) => one.value === mate) ? mate : "none";
    },
    { immediate: true },
  );
  const other = computed<Connector | null>(() => {
    const connector = chosen();
    if (connector === undefined || beside.value === "none") return null;
    if (beside.value !== "half") return findConnector(dossier(), beside.value as ConnectorId);
    return connector.shell === null
      ? null
      : {
          ...connector,
          name: `${connector.name}, mating half`,
          shell: matingHalf(connector.shell),
          pins: connector.pins.map((pin) => ({ ...pin, content: "unknown" as const, colour: "" })),
        };
  });
  const otherNow = computed(() => (beside.value === "half" ? new Map<PinId, never>() : now()));
  const otherHand = computed(() => {
    const [from, at] = [face(), here()];
    const into = other.value === null ? null : faceOf(other.value);
    if (from === null || into === null || at === null) return null;
    return answering(from, at.label, into)?.pin?.id ?? null;
  });
  /** How the connector in hand and another one go together, in words; empty while a housing is not known. */
  function fitWith(mate: Connector | null | undefined): string {
    const own = chosen();
    if (!own?.shell || !mate?.shell) return "";
    return fitWords(fitOf(own.shell, mate.shell), own.name, mate.name);
  }
  const otherWords = computed(() => fitWith(other.value));
  /** Other connectors of the job that this one can be taken for. */
  const confusions = computed(() =>
    shellLookAlikes(dossier()).flatMap(({ pair: [a, b], likeness }) =>
      a.id === chosen()?.id || b.id === chosen()?.id ? (likenessWords(likeness, a.name, b.name) ?? []) : [],
    ),
  );
  const mate = computed(() => connectors().find((one) => one.id === chosen()?.matesWith));
  const mateWords = computed(() => fitWith(mate.value));

  return { beside, besideOptions, other, otherNow, otherHand, otherWords, confusions, mateWords };
}
