import { ref, shallowRef, type Component } from "vue";
import { usePrinting } from "./usePrinting.ts";

/** Printing the worklist, or the flags that were chosen for it. */
export function useFlagPrint() {
  const flags = ref(false);
  const choosing = ref(false);
  const withoutFlag = shallowRef<ReadonlySet<string>>(new Set());
  /** The drawer of codes is large, and fetched only when flags are printed. */
  const FlagSheet = shallowRef<Component | null>(null);
  const { printing, print: printPage } = usePrinting(() => {
    flags.value = false;
  });
  /** The worklist at once; flags after a look at them. */
  async function print(withFlags = false): Promise<void> {
    if (!withFlags) return printPage();
    FlagSheet.value ??= (await import("../components/worklist/FlagSheet.vue")).default;
    choosing.value = true;
  }
  async function printFlags(): Promise<void> {
    choosing.value = false;
    flags.value = true;
    await printPage();
  }

  return { flags, choosing, withoutFlag, FlagSheet, printing, print, printFlags };
}
