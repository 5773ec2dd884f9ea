import { ref, watch, type Ref } from "vue";
import type { Hold } from "@trevin/core";

/** How a face moves when it is held otherwise: turned over, or rolled in the hand; empty once it stands still. */
export function useTurning(held: Readonly<Ref<Hold>>): Ref<"" | "turning" | "rolling"> {
  const turning = ref<"" | "turning" | "rolling">("");
  watch(
    () => [held.value.view, held.value.grip] as const,
    ([view], [before]) => {
      turning.value = "";
      requestAnimationFrame(() => {
        turning.value = view === before ? "rolling" : "turning";
      });
    },
  );
  return turning;
}
