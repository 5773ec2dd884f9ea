import { computed, ref, shallowRef, watch } from "vue";
import {
  halfOfTheirs,
  joinAlso,
  joinPins,
  jumperPins,
  matePlugs,
  seriesThrough,
  shiftPin,
  undone,
  withDevice,
  tapAlso,
  branchOff,
  fillCavity,
  reEnd,
  leadOf,
  type Edit,
  type Connector,
  type ConnectorId,
  type Decision,
  type Dossier,
  type FeedClass,
  type InsertedDevice,
  type JoinPoint,
  type JoinPointId,
  type Pin,
  type PinId,
  type PlacedPin,
  type Stud,
} from "@trevin/core";
import type { Decide } from "./useActs.ts";
import type { Circuits } from "./useCircuits.ts";

/** Decisions that a choice would undo, and the ways on: as one joint with them, as a tap beside them (null where that cannot be), or instead of them. */
export interface Conflict {
  readonly lost: readonly Decision[];
  readonly both: Edit | null;
  readonly tap: Edit | null;
  readonly instead: Edit;
}

/** The dialogs of the crosswalk: what each is open for, and the edit that it ends in. */
export function useDialogs(
  decide: Decide,
  changePins: (connector: ConnectorId, pins: readonly Pin[]) => Promise<boolean>,
  dossier: () => Dossier,
  { selected, chosenPin, nextDoubtful }: Circuits,
) {
  const pairing = ref<"join" | "jumper" | "shift" | "series" | null>(null);
  const pairingOpen = computed({
    get: () => pairing.value !== null,
    set: (to) => {
      if (!to) pairing.value = null;
    },
  });
  const own = computed(() => (selected.value === undefined ? null : (leadOf(selected.value) ?? null)));
  /** What the pins are joined to already: asked before it is undone. */
  const conflict = shallowRef<Conflict | null>(null);
  watch(pairing, () => (conflict.value = null));
  /** The edit that the open dialog stands for, with the pins chosen in it. */
  function pairedWith(mine: PlacedPin, pins: readonly PinId[]): Edit | null {
    const [first, second] = pins;
    const own = [mine.pin.id];
    if (pairing.value === "series")
      return first === undefined || second === undefined
        ? null
        : seriesThrough(dossier(), mine.pin.id, first, second);
    if (pairing.value === "shift" && first !== undefined)
      return isAcross(mine, first)
        ? fillCavity(dossier(), mine, first)
        : shiftPin(dossier(), mine.pin.id, first);
    if (pairing.value === "jumper") return jumperPins(dossier(), [...own, ...pins]);
    return joinPins(dossier(), ...bySide(mine, pins));
  }
  const isAcross = ({ connector }: PlacedPin, pin: PinId): boolean =>
    dossier().connectors.some(
      ({ side, pins }) => side !== connector.side && pins.some(({ id }) => id === pin),
    );
  const bySide = (mine: PlacedPin, pins: readonly PinId[]): [readonly PinId[], readonly PinId[]] =>
    mine.connector.side === "vehicle" ? [[mine.pin.id], pins] : [pins, [mine.pin.id]];
  async function choosePartner(pins: readonly PinId[]): Promise<void> {
    const mine = own.value;
    const edit = mine === null ? null : pairedWith(mine, pins);
    if (mine === null || edit === null) return;
    const lost = undone(dossier(), edit);
    if (lost.length === 0) return settle(edit);
    const both = pairing.value === "join" ? joinAlso(dossier(), ...bySide(mine, pins)) : null;
    const tap = pairing.value === "join" ? tapAlso(dossier(), ...bySide(mine, pins)) : null;
    conflict.value = { lost, instead: edit, both, tap };
  }
  async function settle(edit: Edit): Promise<void> {
    const mine = own.value;
    if (await decide(edit)) {
      if (mine !== null) chosenPin.value = mine.pin.id;
      pairing.value = null;
    }
  }
  const mating = ref(false);
  const matingOwn = computed(() => own.value?.connector ?? null);
  async function mate(other: Connector): Promise<void> {
    const mine = own.value;
    if (mine === null) return;
    if (
      await decide(
        mine.connector.side === "vehicle"
          ? matePlugs(dossier(), mine.connector, other)
          : matePlugs(dossier(), other, mine.connector),
      )
    ) {
      chosenPin.value = mine.pin.id;
      mating.value = false;
    }
  }
  const ending = ref(false);
  /** One known wire by itself: what is joined to another one gets its terminal there. */
  const canReEnd = computed(
    () =>
      selected.value !== undefined &&
      selected.value.vehicle.length + selected.value.incoming.length === 1 &&
      own.value?.pin.content === "occupied",
  );
  async function reEnded(stud: Stud | null): Promise<void> {
    if (own.value === null || !(await decide(reEnd(dossier(), own.value.pin.id, stud)))) return;
    ending.value = false;
    nextDoubtful();
  }
  const feeding = ref(false);
  /** The empty cavity that a new wire goes into, null while it is chosen; undefined where the circuit in hand is fed. */
  const filling = shallowRef<PlacedPin | null | undefined>(undefined);
  const feedTarget = computed(() =>
    filling.value === undefined
      ? (selected.value?.incoming[0] ?? selected.value?.vehicle[0] ?? null)
      : filling.value,
  );
  function openFeed(): void {
    filling.value = undefined;
    if (feedTarget.value !== null) feeding.value = true;
  }
  function openFill(): void {
    filling.value = null;
    feeding.value = true;
  }
  async function feed(kind: FeedClass, supply: JoinPointId, made: JoinPoint | null): Promise<void> {
    const pin = feedTarget.value?.pin.id;
    if (pin === undefined) return;
    const replaced = filling.value === undefined ? (selected.value?.id ?? null) : null;
    if (
      await decide({
        put: [
          {
            kind: "feed",
            pin,
            feed: kind,
            supply,
            ...halfOfTheirs(dossier(), [pin]),
            sure: "sure",
            reason: "",
            answers: [],
          },
        ],
        remove: replaced === null ? [] : [replaced],
        ...(made === null ? {} : { points: [made] }),
      })
    ) {
      feeding.value = false;
      nextDoubtful();
    }
  }
  /** One more lead on a wire that carries what the pin needs. */
  async function branch(wire: PinId): Promise<void> {
    const target = feedTarget.value;
    if (target === null || !(await decide(branchOff(dossier(), wire, target)))) return;
    feeding.value = false;
    nextDoubtful();
  }
  const measuring = ref(false);
  const unknownPin = computed(() =>
    selected.value?.alone?.proposal === "identify" ? (leadOf(selected.value) ?? null) : null,
  );
  const openMeasure = (): void => {
    if (unknownPin.value !== null) measuring.value = true;
  };
  async function keepMeasured(pin: Pin): Promise<void> {
    const connector = unknownPin.value?.connector.id;
    if (connector === undefined || !(await changePins(connector, [pin]))) return;
    measuring.value = false;
    chosenPin.value = pin.id;
  }
  const fitting = ref(false);
  async function putDevice(device: InsertedDevice | undefined, points: readonly JoinPoint[]): Promise<void> {
    const { decision } = selected.value ?? {};
    if (decision && (await decide({ ...withDevice(decision, device), points }))) fitting.value = false;
  }
  const sides = ref(false);
  async function copySide(put: readonly Decision[]): Promise<void> {
    if (await decide({ put, remove: [] })) sides.value = false;
  }

  return {
    pairing,
    pairingOpen,
    own,
    conflict,
    choosePartner,
    settle,
    mating,
    matingOwn,
    mate,
    ending,
    canReEnd,
    reEnded,
    feeding,
    feedTarget,
    openFeed,
    openFill,
    filling,
    feed,
    branch,
    measuring,
    unknownPin,
    openMeasure,
    keepMeasured,
    fitting,
    putDevice,
    sides,
    copySide,
  };
}
export type Dialogs = ReturnType<typeof useDialogs>;
