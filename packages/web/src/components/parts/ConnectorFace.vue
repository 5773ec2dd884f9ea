<script setup lang="ts">
/**
 * A connector's face from one side, lock up: shell, cavities, labels and the real wires in them. Without a layout the
 * cavities stand in the order of the list, and it says so.
 */
import { computed, ref, watch } from "vue";
import { colourInWords, pinColour, pinsInOrder, placesOf, type CavityState, type Connector, type FaceView, type PinId, type WireColour } from "@trevin/core";
import { curve, insulation, wireWidth, type Point } from "../../drawing/wire.ts";
import WirePath from "./WirePath.vue";

export interface CavityNow {
  readonly state: CavityState;
  readonly colour: WireColour | null;
  readonly size: number | null;
}

const props = withDefaults(
  defineProps<{
    connector: Connector;
    view: FaceView;
    width?: number;
    inHand?: PinId | null;
    twins?: readonly PinId[];
    /** What is in each cavity now; the table's own content where it is not given. */
    now?: ReadonlyMap<PinId, CavityNow>;
    /** Colour of a wire drawn into the cavity in hand, leading out at the left. */
    lead?: WireColour | null;
    showLead?: boolean;
    pickable?: boolean;
    compact?: boolean;
    /** Widest that a cavity is drawn, in px. */
    maxPitch?: number;
  }>(),
  { width: 400, inHand: null, twins: () => [], now: () => new Map(), lead: null, showLead: false, pickable: false, compact: false, maxPitch: 70 },
);
const emit = defineEmits<{ pick: [pin: PinId] }>();

const LIST_ROW = 10;
const known = computed(() => placesOf(props.connector, props.view));
const places = computed(
  () => known.value ?? pinsInOrder(props.connector).map((pin, index) => ({ pin, row: Math.floor(index / LIST_ROW), column: index % LIST_ROW })),
);
const columns = computed(() => Math.max(1, ...places.value.map((place) => place.column + 1), ...(known.value === null ? [] : (props.connector.layout?.rows ?? []).map((row) => row.offset + row.places))));
const rows = computed(() => Math.max(1, ...places.value.map((place) => place.row + 1)));
const pad = computed(() => pitch.value * 0.28);
const pitch = computed(() => Math.min((props.width - 4) / (columns.value + 0.56), props.maxPitch));
const rowHeight = computed(() => pitch.value * 1.26);
const lockHeight = computed(() => (props.compact ? pitch.value * 0.28 : 26));
const bodyWidth = computed(() => columns.value * pitch.value + 2 * pad.value);
const left = computed(() => props.width - bodyWidth.value - 2);
const top = computed(() => lockHeight.value + 2);
const bodyHeight = computed(() => rows.value * rowHeight.value + 2 * pad.value);
const leadWidth = computed(() => pitch.value * (isBottomRow.value ? 0.46 : 0.28));
const floor = computed(() => top.value + bodyHeight.value + leadWidth.value / 2 + 10);
const height = computed(() => (props.showLead ? floor.value + leadWidth.value / 2 + 2 : top.value + bodyHeight.value + 8));

/** One stepped outline round rows that may differ in length. */
const outline = computed(() => {
  const spans = Array.from({ length: rows.value }, (_, row) => {
    const own = places.value.filter((place) => place.row === row).map((place) => place.column);
    return own.length === 0 ? { from: 0, to: columns.value } : { from: Math.min(...own), to: Math.max(...own) + 1 };
  });
  const x = (column: number, side: -1 | 1): number => left.value + pad.value + column * pitch.value + side * pad.value;
  const y = (row: number): number => top.value + (row === 0 ? 0 : row === rows.value ? bodyHeight.value : pad.value + row * rowHeight.value);
  const right = spans.flatMap((span, row) => [[x(span.to, 1), y(row)], [x(span.to, 1), y(row + 1)]]);
  const back = spans.flatMap((span, row) => [[x(span.from, -1), y(row)], [x(span.from, -1), y(row + 1)]]).reverse();
  return [...right, ...back].map(([px, py], i) => `${i === 0 ? "M" : "L"}${px?.toFixed(1)} ${py?.toFixed(1)}`).join("") + "Z";
});
const lockX = computed(() => {
  const own = places.value.filter((place) => place.row === 0).map((place) => place.column);
  const middle = own.length === 0 ? columns.value / 2 : (Math.min(...own) + Math.max(...own) + 1) / 2;
  return left.value + pad.value + middle * pitch.value;
});

const cells = computed(() =>
  places.value.map(({ pin, row, column }) => {
    const now = props.now.get(pin.id);
    const state: CavityState = now?.state ?? pin.content;
    const colour = now === undefined ? pinColour(pin, props.connector) : now.colour;
    const x = left.value + pad.value + column * pitch.value;
    const y = top.value + pad.value + row * rowHeight.value;
    const hand = props.inHand === pin.id;
    const words = state === "occupied" ? (colour === null ? "wire, colour not known" : colourInWords(colour)) : state;
    return { pin, row, x, y, state, colour, hand, twin: props.twins.includes(pin.id), radius: Math.min(0.34, 0.13 + wireWidth(now?.size ?? pin.size) / 62) * pitch.value, title: `Cavity ${pin.cavity}: ${pin.function || "no function"}, ${words}` };
  }),
);
const hand = computed(() => cells.value.find((cell) => cell.hand));
const isBottomRow = computed(() => hand.value === undefined || hand.value.row === rows.value - 1 || !places.value.some((place) => place.row > (hand.value?.row ?? 0) && Math.abs(left.value + pad.value + place.column * pitch.value - (hand.value?.x ?? 0)) < pitch.value / 2));
const leadPoints = computed<readonly Point[]>(() => {
  const cell = hand.value;
  if (cell === undefined) return [];
  const centre = { x: cell.x + pitch.value / 2, y: cell.y + rowHeight.value * 0.62 };
  const x = isBottomRow.value ? centre.x : cell.x + pitch.value;
  const bend = Math.min(pitch.value * 1.1, floor.value - centre.y);
  const run = curve({ x: Math.max(x - bend * 1.6, 0), y: floor.value }, { x: x - bend * 0.4, y: floor.value }, { x, y: floor.value - bend * 0.1 }, { x, y: floor.value - bend });
  const into = isBottomRow.value ? [centre] : curve({ x, y: centre.y + pitch.value * 0.45 }, { x, y: centre.y }, { x, y: centre.y }, centre, 10);
  return [{ x: -2000, y: floor.value }, ...run, ...into];
});
const wordsFor = (name: string): string => name.length > 3 ? `${name.slice(0, 3)}…` : name;

const turning = ref(false);
watch(() => props.view, () => {
  turning.value = false;
  requestAnimationFrame(() => (turning.value = true));
});
</script>

<template>
  <figure class="face">
    <svg :width="width" :height="height" :viewBox="`0 0 ${width} ${height}`" role="group" :aria-label="`${connector.name}, ${view === 'wire' ? 'wire side' : 'mating face'}, lock up`" :class="{ turning }" @animationend="turning = false">
      <g v-if="known">
        <rect :x="lockX - pitch * 0.85" :y="2" :width="pitch * 1.7" :height="lockHeight" rx="2" fill="var(--shell2)" stroke="var(--ink)" stroke-width="1.5" />
        <path v-if="!compact" :d="`M${lockX - pitch * 0.6} 10h${pitch * 1.2}M${lockX - pitch * 0.6} 17h${pitch * 1.2}`" stroke="var(--ink)" stroke-width="1" />
        <text v-if="!compact" :x="lockX + pitch * 0.92" y="18" class="lock">lock</text>
      </g>
      <path :d="outline" fill="var(--shell)" stroke="var(--ink)" stroke-width="2" stroke-linejoin="round" :stroke-dasharray="known ? undefined : '7 4'" />
      <g v-if="known">
        <rect v-for="at in [0.22, 0.78]" :key="at" :x="left + bodyWidth * at - 5" :y="top + bodyHeight" width="10" height="6" fill="var(--shell2)" stroke="var(--ink)" stroke-width="1.2" />
      </g>
      <g
        v-for="cell in cells" :key="cell.pin.id" class="cell" :class="{ pickable }" :role="pickable ? 'button' : 'img'" :tabindex="pickable && cell.hand ? 0 : undefined"
        :aria-label="cell.title" @click="pickable && emit('pick', cell.pin.id)" @keydown.enter.prevent="pickable && emit('pick', cell.pin.id)"
      >
        <title>{{ cell.title }}</title>
        <rect :x="cell.x + 2" :y="cell.y + 2" :width="pitch - 4" :height="rowHeight - 4" rx="2" fill="var(--cav)" :stroke="cell.state === 'empty' ? 'var(--rule2)' : 'var(--ink)'" :stroke-width="cell.hand ? 4 : 1.1" />
        <rect v-if="cell.hand" :x="cell.x + 2" :y="cell.y + 2" :width="pitch - 4" :height="rowHeight * 0.36" fill="var(--ink)" />
        <rect v-if="cell.twin" :x="cell.x - 1" :y="cell.y - 1" :width="pitch + 2" :height="rowHeight + 2" fill="none" stroke="var(--ink)" stroke-width="2.5" stroke-dasharray="6 4" />
        <text :x="cell.x + pitch / 2" :y="cell.y + rowHeight * 0.3" text-anchor="middle" class="label" :style="{ fontSize: `${Math.min(pitch * 0.36, cell.pin.cavity.length > 2 ? pitch * 0.27 : 30)}px` }" :fill="cell.hand ? 'var(--on-ink)' : cell.state === 'empty' ? 'var(--ink2)' : 'var(--ink)'">{{ cell.pin.cavity.length > 4 ? wordsFor(cell.pin.cavity) : cell.pin.cavity }}</text>
        <g :transform="`translate(${cell.x + pitch / 2} ${cell.y + rowHeight * 0.64})`">
          <template v-if="cell.state === 'occupied'">
            <template v-if="cell.colour">
              <clipPath :id="`${connector.id}-${cell.pin.id}-${view}`"><circle :r="cell.radius" /></clipPath>
              <circle :r="cell.radius" :fill="insulation(cell.colour.base)" stroke="var(--wire-edge)" stroke-width="1.2" />
              <g :clip-path="`url(#${connector.id}-${cell.pin.id}-${view})`">
                <rect v-for="(stripe, i) in cell.colour.stripes" :key="i" :x="-cell.radius * 1.4" :y="(cell.colour.stripes.length === 1 ? -0.26 : i === 0 ? -0.52 : 0.12) * cell.radius" :width="cell.radius * 2.8" :height="cell.radius * (cell.colour.stripes.length === 1 ? 0.52 : 0.4)" transform="rotate(-30)" :fill="insulation(stripe)" />
              </g>
              <circle :r="cell.radius" fill="none" stroke="var(--wire-edge)" stroke-width="1.2" />
              <circle v-if="cell.colour.rings" :r="cell.radius * 0.55" fill="none" :stroke="insulation(cell.colour.rings.colour)" stroke-width="2" />
            </template>
            <circle v-else :r="cell.radius" fill="none" stroke="var(--ink)" stroke-width="1.5" stroke-dasharray="2 3" />
          </template>
          <path v-else-if="cell.state === 'empty'" :d="`M${-pitch * 0.2} ${-pitch * 0.2}L${pitch * 0.2} ${pitch * 0.2}M${pitch * 0.2} ${-pitch * 0.2}L${-pitch * 0.2} ${pitch * 0.2}`" stroke="var(--rule2)" stroke-width="1.3" />
          <circle v-else-if="cell.state === 'vacated'" :r="pitch * 0.2" fill="none" stroke="var(--ink)" stroke-width="1.6" stroke-dasharray="3 3" />
          <g v-else-if="cell.state === 'plugged'"><circle :r="pitch * 0.2" fill="var(--ink)" /><circle :r="pitch * 0.08" fill="var(--cav)" /></g>
          <text v-else text-anchor="middle" y="5" class="label" :fill="'var(--ink2)'" :style="{ fontSize: `${pitch * 0.34}px` }">?</text>
        </g>
      </g>
      <WirePath v-if="showLead && hand" :points="leadPoints" :width="leadWidth" :colour="lead" />
    </svg>
    <figcaption v-if="!known && !compact" class="why">Order of the list, not of the shell: no layout was given.</figcaption>
  </figure>
</template>

<style scoped>
.face { perspective: 900px; }
.label { font-family: var(--f-code); font-weight: 700; letter-spacing: -0.02em; }
.lock { font: 500 14px/1 var(--f-label); fill: var(--ink); }
.cell.pickable { cursor: pointer; }
.turning { animation: turn 0.35s ease-out; }
@keyframes turn { from { transform: rotateY(88deg); } to { transform: rotateY(0); } }
</style>
