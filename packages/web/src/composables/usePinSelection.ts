import { computed, nextTick, ref, shallowRef, watch } from "vue";
import {
  connectorsInOrder,
  pinsInOrder,
  type Connector,
  type ConnectorId,
  type Dossier,
  type Pin,
  type PinId,
} from "@trevin/core";

/** Which connector and which pins are in hand. */
export function usePinSelection(dossier: () => Dossier | null) {
  const connectors = computed(() => {
    const now = dossier();
    return now === null ? [] : connectorsInOrder(now);
  });
  const chosen = ref<ConnectorId | null>(null);
  const connector = computed<Connector | undefined>(
    () => connectors.value.find((one) => one.id === chosen.value) ?? connectors.value[0],
  );
  const selected = ref<PinId | null>(null);
  const range = shallowRef<readonly Pin[]>([]);
  watch(
    connector,
    (next) => {
      if (next !== undefined && !next.pins.some((pin) => pin.id === selected.value))
        selected.value = pinsInOrder(next)[0]?.id ?? null;
    },
    { immediate: true },
  );
  function show(at: ConnectorId, id: PinId): void {
    chosen.value = at;
    void nextTick(() => {
      selected.value = id;
    });
  }

  const pin = computed(() => connector.value?.pins.find((one) => one.id === selected.value));
  const inRange = computed(() => {
    const ids = new Set(range.value.map((one) => one.id));
    const pins = connector.value?.pins.filter((one) => ids.has(one.id)) ?? [];
    if (pins.length > 0) return pins;
    return pin.value === undefined ? [] : [pin.value];
  });
  function step(by: number): void {
    const index = connectors.value.findIndex((one) => one.id === connector.value?.id);
    chosen.value =
      connectors.value[(index + by + connectors.value.length) % connectors.value.length]?.id ?? null;
  }

  return { connectors, chosen, connector, selected, range, pin, inRange, show, step };
}
