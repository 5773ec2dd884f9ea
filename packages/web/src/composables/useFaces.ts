import { computed, type ComputedRef } from "vue";
import { cavitiesNow, cavityCount, type CavityLook, type Connector, type PinId } from "@trevin/core";
import { useJob } from "../stores/job.ts";

/** What is in each cavity of the harness now, for drawing faces. */
export function useCavitiesNow(): ComputedRef<ReadonlyMap<PinId, CavityLook>> {
  const store = useJob();
  return computed(() => {
    const view = store.analysis?.bench;
    return view === undefined ? new Map() : cavitiesNow(view.dossier, view.state);
  });
}

/** "14-way, Japanese letters": what the heading of a connector says. */
export const ways = (connector: Connector): string => `${cavityCount(connector)}-way`;
