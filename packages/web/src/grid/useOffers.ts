import { computed, ref, watch } from "vue";
import { suggestThings, type Thing } from "@trevin/core";
import { signalsLike } from "./cells.ts";
import type { PinGrid } from "./usePinGrid.ts";

export interface Offer {
  readonly text: string;
  readonly aside: string;
  readonly thing: Thing | null;
}

/** What is offered below the field that is open for typing. */
export function useOffers({ editing, active }: PinGrid, field: () => HTMLInputElement | null) {
  /** What may be taken for what is being typed: things of the lexicon, or signal classes. */
  const picked = ref(-1);
  const offers = computed<readonly Offer[]>(() => {
    const text = editing.value?.text.trim() ?? "";
    if (editing.value === null || text === "") return [];
    if (active.value.column === "function")
      return suggestThings(text, 7).map(({ text: full, thing }) => ({
        text: full,
        aside: thing.signal,
        thing,
      }));
    if (active.value.column === "signal")
      return signalsLike(text)
        .slice(0, 7)
        .map((signal) => ({ text: signal, aside: "", thing: null }));
    return [];
  });
  watch(offers, () => (picked.value = -1));
  /** Where the offers stand: below the field, above it where the page ends. They are drawn over everything, so that no pane cuts them off. */
  const place = ref({ left: 0, top: 0, width: 0, upward: false });
  const OFFERS_HEIGHT = 260;
  watch(
    offers,
    () => {
      if (offers.value.length === 0 || field() === null) return;
      const { left, top, bottom, width } = (field() as HTMLInputElement).getBoundingClientRect();
      const upward = bottom + OFFERS_HEIGHT > window.innerHeight && top > OFFERS_HEIGHT;
      place.value = { left: left - 6, top: upward ? top - 4 : bottom + 3, width: width + 12, upward };
    },
    { flush: "post" },
  );

  function take(index: number): void {
    const offer = offers.value[index];
    if (offer === undefined || editing.value === null) return;
    editing.value.text = offer.text;
  }

  return { picked, offers, place, take };
}
export type Offers = ReturnType<typeof useOffers>;
