import { computed, type ComputedRef } from "vue";
import { useRoute, useRouter } from "vue-router";
import { pinsInOrder, type Connector, type ConnectorId, type PinId, type PlacedPin } from "@trevin/core";

/** Which connector and cavity the address names, and the way to another. */
export function useFaceChoice(
  connectors: ComputedRef<readonly Connector[]>,
  pins: ComputedRef<ReadonlyMap<PinId, PlacedPin>>,
) {
  const route = useRoute();
  const router = useRouter();
  const chosen = computed(
    () =>
      connectors.value.find(
        (one) => one.id === route.query["connector"] || one.pins.some((pin) => pin.id === route.query["pin"]),
      ) ?? connectors.value[0],
  );
  const selected = computed<PinId | null>(() => {
    const asked = route.query["pin"];
    const connector = chosen.value;
    if (connector === undefined) return null;
    return connector.pins.find((pin) => pin.id === asked)?.id ?? pinsInOrder(connector)[0]?.id ?? null;
  });
  const go = (connector: ConnectorId, pin: PinId | null): void =>
    void router.replace({ query: { connector, ...(pin === null ? {} : { pin }) } });
  const pick = (id: PinId): void => {
    const placed = pins.value.get(id);
    if (placed !== undefined) go(placed.connector.id, id);
  };
  const choose = (id: ConnectorId): void => go(id, null);
  function step(by: number): void {
    const index = connectors.value.findIndex((one) => one.id === chosen.value?.id);
    const next = connectors.value[(index + by + connectors.value.length) % connectors.value.length];
    if (next !== undefined) choose(next.id);
  }

  return { chosen, selected, pick, choose, step };
}
