import { computed, type ComputedRef } from "vue";
import {
  KEYS,
  liveNow,
  solverOf,
  type CavityVolts,
  type Connector,
  type Key,
  type PinId,
} from "@trevin/core";
import { useJob } from "../stores/job.ts";
import { useProof } from "../stores/proof.ts";

interface LiveNow {
  /** The positions that the key has in this job. */
  readonly positions: ComputedRef<readonly Key[]>;
  /** What a meter shows in the connector's cavities with everything switched on; null while that is not asked for, or nothing is solved. */
  readonly cavities: ComputedRef<readonly CavityVolts[] | null>;
  /** Those that are live, for the face to mark. */
  readonly live: ComputedRef<readonly PinId[]>;
}

/** What is live in a connector in the position of the key that is chosen for all faces. */
export function useLiveNow(connector: () => Connector | undefined): LiveNow {
  const proof = useProof();
  const job = useJob();
  const network = computed(() => proof.shown?.network ?? null);
  const positions = computed(() => network.value?.positions ?? KEYS);
  const point = computed(() =>
    network.value === null || proof.liveAt === null || !positions.value.includes(proof.liveAt)
      ? null
      : solverOf(network.value)(proof.liveAt, "all"),
  );
  const cavities = computed(() => {
    const [one, dossier] = [connector(), job.live];
    return one === undefined || dossier === null || network.value === null || point.value === null
      ? null
      : liveNow(network.value, point.value, one.id, dossier.head.nominalVolts);
  });
  const live = computed(() => (cavities.value ?? []).flatMap((one) => (one.live ? [one.pin] : [])));
  return { positions, cavities, live };
}
