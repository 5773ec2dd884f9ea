<script setup lang="ts">
/**
 * A connector's face as it is held: shell, mark, cavities, labels and the real wires in them. Where no shell is known the
 * cavities stand in the order of the list, and it says so. A face too wide for its labels gets a window round the cavity in hand.
 */
import { computed, ref, watch } from "vue";
import {
  cavityWords,
  drawFace,
  faceOf,
  holdWords,
  looksOf,
  nextTo,
  pinsInOrder,
  rowsOnly,
  type CavityLook,
  type Connector,
  type DrawnCavity,
  type Hold,
  type LoomWire,
  type PinId,
  type WireColour,
} from "@trevin/core";
import { useTurning } from "../../composables/useTurning.ts";
import { useLead } from "../../composables/useLead.ts";
import { useLens } from "../../composables/useLens.ts";
import DrawnShapes from "./DrawnShapes.vue";
import WirePath from "./WirePath.vue";

const props = withDefaults(
  defineProps<{
    connector: Connector;
    hold: Hold;
    width?: number;
    inHand?: PinId | null;
    /** Further pins that belong to the one in hand. */
    also?: readonly PinId[];
    /** Cavities in which a meter shows voltage. */
    live?: readonly PinId[];
    twins?: readonly PinId[];
    /** What is in each cavity now; the pin table's own content where it is not given. */
    now?: ReadonlyMap<PinId, CavityLook>;
    /** The looms behind, for cavities with more than one wire. */
    wires?: readonly LoomWire[];
    /** Colour of a wire drawn into the cavity in hand, leading out at the left. */
    lead?: WireColour | null;
    showLead?: boolean;
    /** The wire is worked on behind the connector: it is drawn there, not in the cavity. */
    behind?: boolean;
    pickable?: boolean;
    counting?: boolean;
    /** Tallest that the face is drawn, in px. */
    maxHeight?: number | undefined;
    /** A thumbnail: no words and no window. */
    thumb?: boolean;
    /** For paper: every label, and colour codes instead of colours. */
    paper?: boolean;
    /** Widest that a cavity is drawn, in px. */
    maxPitch?: number;
    /** No window round the cavity in hand, however small the labels. */
    whole?: boolean;
  }>(),
  {
    width: 400,
    inHand: null,
    also: () => [],
    live: () => [],
    twins: () => [],
    now: () => new Map(),
    wires: () => [],
    lead: null,
    showLead: false,
    behind: false,
    pickable: false,
    counting: false,
    maxPitch: 70,
    maxHeight: undefined,
    thumb: false,
    paper: false,
    whole: false,
  },
);
const emit = defineEmits<{ pick: [pin: PinId, clicked: boolean]; point: [label: string | null] }>();

const LIST_ROW = 10;
const known = computed(() => faceOf(props.connector));
/** Without a known shell: the order of the list, ten in a row. */
const list = computed(() => {
  const count = pinsInOrder(props.connector).length;
  const rows = Array.from({ length: Math.max(1, Math.ceil(count / LIST_ROW)) }, (_, row) => ({
    places: Math.max(1, Math.min(LIST_ROW, count - row * LIST_ROW)),
    offset: 0,
  }));
  return faceOf({ pins: props.connector.pins, shell: rowsOnly(rows, "wire") })!;
});
const face = computed(() => known.value ?? list.value);
const held = computed<Hold>(() => (known.value === null ? { view: "wire", grip: "up" } : props.hold));
const looks = computed(() => new Map([...looksOf(props.connector, props.wires), ...props.now]));
const options = computed(() => ({
  hold: held.value,
  looks: looks.value,
  inHand: props.inHand,
  also: props.also,
  twins: props.twins,
  live: props.live,
  keepOut: props.connector.keepOut !== "",
  counting: props.counting,
  list: known.value === null,
  height: props.maxHeight,
  bare: props.thumb,
  always: props.paper,
  codes: props.paper ? new Map(props.connector.pins.map((pin) => [pin.id, pin.colour])) : undefined,
}));
const drawing = computed(() =>
  drawFace(face.value, { ...options.value, width: props.width, maxPitch: props.maxPitch }),
);

const lens = useLens(face, options, drawing, props);

const pinOf = computed(() => new Map(props.connector.pins.map((pin) => [pin.id, pin])));
const title = ({ label: at, pin }: DrawnCavity): string =>
  [
    cavityWords(
      at,
      pin === null ? null : (pinOf.value.get(pin) ?? null),
      pin === null ? undefined : looks.value.get(pin),
    ),
    ...(pin !== null && props.live.includes(pin) ? ["live"] : []),
  ].join(", ");
const label = computed(
  () =>
    `${props.connector.name || "shell"}, ${known.value === null ? "in list order" : holdWords(held.value, known.value.shell)}`,
);

const hand = computed(() =>
  drawing.value.cavities.find((cavity) => cavity.pin !== null && cavity.pin === props.inHand),
);
const marked = computed(() => {
  const own: readonly (PinId | null)[] = [props.inHand, ...props.also];
  return drawing.value.cavities.filter(({ pin }) => pin !== null && own.includes(pin));
});
const { leadWidth, leadPoints, behind: behindEnds, height, left } = useLead(drawing, hand, marked, props);
/** The colour of the wire in a cavity. */
const seen = ({ pin }: DrawnCavity): WireColour | null =>
  (pin === null ? undefined : looks.value.get(pin))?.readings[0] ?? null;

const ARROWS = { ArrowLeft: "left", ArrowRight: "right", ArrowUp: "up", ArrowDown: "down" } as const;
const svg = ref<SVGSVGElement | null>(null);
function onKey(event: KeyboardEvent): void {
  const way = ARROWS[event.key as keyof typeof ARROWS];
  if (!props.pickable || way === undefined || event.altKey || event.ctrlKey || event.metaKey) return;
  event.preventDefault();
  const next = nextTo(face.value, held.value, hand.value?.label ?? "", way);
  if (next?.pin) emit("pick", next.pin.id, false);
}
watch(
  () => props.inHand,
  () => {
    if (svg.value?.contains(document.activeElement))
      requestAnimationFrame(() => svg.value?.querySelector<SVGElement>("[tabindex='0']")?.focus());
  },
);
const first = computed(() => drawing.value.cavities.find((cavity) => cavity.pin !== null)?.label);
const stop = computed(() => hand.value?.label ?? first.value);

const turning = useTurning(held);
</script>

<template>
  <figure class="face" :class="{ beside: lens?.beside }">
    <svg
      ref="svg"
      :width="lens?.beside ? drawing.width : width"
      :height="height"
      :viewBox="`${-left} 0 ${lens?.beside ? drawing.width : width} ${height}`"
      role="group"
      :aria-label="label"
      :class="turning"
      @animationend="turning = ''"
      @keydown="onKey"
      @pointerleave="emit('point', null)"
    >
      <DrawnShapes :shapes="drawing.shell" />
      <line
        v-for="end in behindEnds"
        :key="end.cavity.label ?? ''"
        :x1="end.thread.from.x"
        :y1="end.thread.from.y"
        :x2="end.thread.to.x"
        :y2="end.thread.to.y"
        class="thread"
      />
      <g
        v-for="(cavity, i) in drawing.cavities"
        :key="i"
        class="cell"
        :class="{ pickable: pickable && cavity.pin }"
        :role="pickable && cavity.pin ? 'button' : 'img'"
        :tabindex="pickable && cavity.label === stop ? 0 : undefined"
        :aria-label="title(cavity)"
        :aria-pressed="pickable && cavity.pin ? cavity === hand : undefined"
        @click="pickable && cavity.pin && emit('pick', cavity.pin, true)"
        @keydown.enter.prevent="pickable && cavity.pin && emit('pick', cavity.pin, false)"
        @keydown.space.prevent="pickable && cavity.pin && emit('pick', cavity.pin, false)"
        @pointerenter="emit('point', cavity.label)"
        @focus="emit('point', cavity.label)"
      >
        <title>{{ title(cavity) }}</title>
        <DrawnShapes :shapes="cavity.shapes" />
      </g>
      <DrawnShapes :shapes="drawing.front" />
      <rect
        v-if="lens"
        :x="lens.frame.x"
        :y="lens.frame.y"
        :width="lens.frame.width"
        :height="lens.frame.height"
        fill="none"
        stroke="var(--ink)"
        stroke-width="1.5"
        stroke-dasharray="5 3"
      />
      <WirePath
        v-for="end in behindEnds"
        :key="end.cavity.label ?? ''"
        :points="end.points"
        :width="leadWidth"
        :colour="seen(end.cavity)"
      />
      <WirePath v-if="showLead && !behind && hand" :points="leadPoints" :width="leadWidth" :colour="lead" />
    </svg>
    <svg
      v-if="lens"
      class="lens"
      :width="lens.width"
      :height="lens.height"
      :viewBox="`${lens.x} ${lens.y} ${lens.width} ${lens.height}`"
      role="group"
      aria-label="Area around the cavity in hand, enlarged"
    >
      <DrawnShapes :shapes="lens.near.shell" />
      <g
        v-for="(cavity, i) in lens.near.cavities"
        :key="i"
        class="cell"
        :class="{ pickable: pickable && cavity.pin }"
        aria-hidden="true"
        @click="pickable && cavity.pin && emit('pick', cavity.pin, true)"
        @pointerenter="emit('point', cavity.label)"
      >
        <DrawnShapes :shapes="cavity.shapes" />
      </g>
      <DrawnShapes :shapes="lens.near.front" />
    </svg>
    <figcaption v-if="!known && !whole && !thumb" class="why">
      {{
        connector.shell?.pattern.kind === "none"
          ? `No face: ${connector.shell.name.toLowerCase() || connector.shell.pattern.what}, in list order.`
          : "Order of the list, not of the shell: no shell was given."
      }}
    </figcaption>
  </figure>
</template>

<style scoped>
.face {
  perspective: 900px;
}
.beside {
  display: flex;
  gap: 16px;
  align-items: center;
  flex-wrap: wrap;
}
.beside figcaption {
  flex-basis: 100%;
}
.cell.pickable {
  cursor: pointer;
}
.cell:focus-visible {
  outline: 2px solid var(--ink);
  outline-offset: 1px;
  box-shadow: none;
}
.thread {
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-dasharray: 4 3;
}
.lens {
  overflow: hidden;
  border: 1.5px solid var(--ink);
  margin-top: 6px;
  background: var(--bench);
}
.turning {
  animation: turn 0.35s ease-out;
}
.rolling {
  animation: roll 0.25s ease-out;
}
@keyframes turn {
  from {
    transform: rotateY(88deg);
  }
  to {
    transform: rotateY(0);
  }
}
@keyframes roll {
  from {
    transform: rotate(-24deg);
    opacity: 0.4;
  }
  to {
    transform: rotate(0);
    opacity: 1;
  }
}
</style>
