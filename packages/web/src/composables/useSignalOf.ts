import { signalOf, type PlacedPin, type SignalClass } from "@trevin/core";
import { useJob } from "../stores/job.ts";

/** The class of a wire in the open job, as given or as its words tell. */
export function useSignalOf(): (placed: PlacedPin) => SignalClass {
  const job = useJob();
  return (placed) => signalOf(placed, job.words);
}
