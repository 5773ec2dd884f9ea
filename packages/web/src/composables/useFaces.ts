import { computed, type ComputedRef } from "vue";
import { endsInCavity, indexPins, pinColour, wireOfEnd, type Connector, type PinId } from "@trevin/core";
import type { CavityNow } from "../components/parts/ConnectorFace.vue";
import { useJob } from "../stores/job.ts";

/** What is in each cavity of the harness now, for drawing faces. */
export function useCavitiesNow(): ComputedRef<ReadonlyMap<PinId, CavityNow>> {
  const store = useJob();
  return computed(() => {
    const view = store.analysis?.bench;
    if (view === undefined) return new Map();
    const pins = indexPins(view.dossier);
    return new Map(
      [...pins.keys()].map((id): [PinId, CavityNow] => {
        const [end] = endsInCavity(view.state, id);
        const wire = end === undefined ? undefined : wireOfEnd(view.state, end);
        const source = wire === undefined ? undefined : pins.get(view.state.wires[wire]!.pin);
        return [id, { state: view.state.cavities[id]?.state ?? "unknown", colour: source === undefined ? null : pinColour(source.pin, source.connector), size: source?.pin.size ?? null }];
      }),
    );
  });
}

/** "14-way, Japanese letters": what the heading of a connector says. */
export const ways = (connector: Connector): string => `${connector.pins.length}-way`;
