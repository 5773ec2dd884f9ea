import { useEventListener } from "@vueuse/core";
import { nextTick, ref } from "vue";

/** Whether the page is drawn for paper: from just before the print dialog till after it, however it was opened. */
export function usePrinting(after: () => void = () => undefined) {
  const printing = ref(false);
  useEventListener(window, "beforeprint", () => {
    printing.value = true;
  });
  useEventListener(window, "afterprint", () => {
    printing.value = false;
    after();
  });
  async function print(): Promise<void> {
    printing.value = true;
    await nextTick();
    window.print();
  }
  return { printing, print };
}
