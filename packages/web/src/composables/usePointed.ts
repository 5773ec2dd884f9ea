import { computed, ref, type ComputedRef } from "vue";
import {
  cavityWords,
  looksOf,
  type CavityLook,
  type Connector,
  type Dossier,
  type Located,
  type PinId,
  type PlacedPin,
} from "@trevin/core";

interface InHand {
  readonly chosen: ComputedRef<Connector | undefined>;
  readonly dossier: ComputedRef<Dossier>;
  readonly now: ComputedRef<ReadonlyMap<PinId, CavityLook>>;
  readonly located: ComputedRef<readonly Located[]>;
  readonly here: ComputedRef<Located | null>;
  readonly placed: ComputedRef<PlacedPin | null>;
}

/** What is in each cavity of a face, and what the one pointed at holds. */
export function usePointed({ chosen, dossier, now, located, here, placed }: InHand) {
  /** What is pointed at, said at once; the cavity in hand while nothing is. */
  const pointed = ref<string | null>(null);
  const looks = computed<ReadonlyMap<PinId, CavityLook>>(() =>
    chosen.value === undefined
      ? new Map()
      : new Map([...looksOf(chosen.value, dossier.value.wires), ...now.value]),
  );
  const pointedPlace = computed<Located | null>(() =>
    pointed.value === null
      ? here.value
      : (located.value.find((place) => place.label === pointed.value) ?? here.value),
  );
  const pointedWords = computed(() => {
    const place = pointedPlace.value;
    if (place === null)
      return placed.value === null
        ? ""
        : cavityWords(placed.value.pin.cavity, placed.value.pin, looks.value.get(placed.value.pin.id));
    return cavityWords(
      place.label,
      place.pin,
      place.pin === null ? undefined : looks.value.get(place.pin.id),
    );
  });

  return { pointed, looks, pointedPlace, pointedWords };
}
