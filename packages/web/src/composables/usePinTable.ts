import {
  factsBetween,
  type Connector,
  type ConnectorHead,
  type Pin,
  type PinId,
  type ShelfShell,
} from "@trevin/core";
import { cavitiesOf } from "../shells/cavitiesOf.ts";
import type { useJob } from "../stores/job.ts";

/** Edits of a connector and its pins; once work has begun they are recorded as found. */
export function usePinTable(store: ReturnType<typeof useJob>, connector: () => Connector | undefined) {
  async function put(pins: readonly Pin[]): Promise<void> {
    const target = connector();
    if (target === undefined) return;
    if (!store.begun) return void (await store.changePins(target.id, pins));
    for (const next of pins) {
      const before = target.pins.find((one) => one.id === next.id);
      if (before === undefined) continue;
      const facts = factsBetween(before, next);
      if (Object.keys(facts).length > 0)
        await store.record({ kind: "found", pin: next.id, facts, note: "corrected in the pin table" });
    }
  }
  const removePins = (pins: readonly PinId[]): void => {
    const target = connector();
    if (target !== undefined) void store.changePins(target.id, [], pins);
  };
  async function saveConnector(head: ConnectorHead, fill: ShelfShell["contacts"] | null): Promise<boolean> {
    if (!(await store.putConnector(head))) return false;
    if (fill !== null && head.shell !== null) await store.changePins(head.id, cavitiesOf(head.shell, fill));
    return true;
  }
  function declareSystem(
    { pins: _pins, ...head }: Connector,
    colourSystem: ConnectorHead["colourSystem"],
  ): Promise<boolean> {
    return store.putConnector({ ...head, colourSystem });
  }
  return { put, removePins, saveConnector, declareSystem };
}
