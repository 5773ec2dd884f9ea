import { computed, type ComputedRef } from "vue";
import type { DrawnCavity, FaceDrawing } from "@trevin/core";
import { curve, type Point } from "../drawing/wire.ts";

/** How much of a wire is drawn where it ends behind its connector, px. */
const STUB = 130;

/**
 * The wire of the cavity in hand. It leads into the cavity: in from the left below the face, or along its row where the face lies
 * on its side. Where it is worked on behind the connector it ends there, below the face, and a thread tells which cavity it is of.
 */
export function useLead(
  drawing: ComputedRef<FaceDrawing>,
  hand: ComputedRef<DrawnCavity | undefined>,
  /** The cavity in hand and those that belong to it. */
  marked: ComputedRef<readonly DrawnCavity[]>,
  props: { readonly showLead: boolean; readonly behind: boolean; readonly width: number },
) {
  const pitch = computed(() => drawing.value.pitch);
  const isLowest = computed(
    () =>
      hand.value !== undefined &&
      drawing.value.cavities.every(
        ({ box }) => box.y <= hand.value!.box.y + 1 || Math.abs(box.x - hand.value!.box.x) > pitch.value / 2,
      ),
  );
  const isLying = computed(() => hand.value !== undefined && hand.value.box.w > hand.value.box.h);
  const leadWidth = computed(() => {
    if (props.behind) return Math.min(pitch.value * 0.36, 18);
    if (isLying.value) return pitch.value * 0.26;
    return pitch.value * (isLowest.value ? 0.46 : 0.28);
  });
  const floor = computed(() => drawing.value.height - 6 + leadWidth.value / 2 + 4);
  const height = computed(() => {
    const further = props.behind ? (marked.value.length - 1) * (leadWidth.value + 5) : 0;
    return props.showLead && (!isLying.value || props.behind)
      ? floor.value + further + leadWidth.value / 2 + 2
      : drawing.value.height;
  });
  const left = computed(() => Math.max(0, props.showLead ? props.width - drawing.value.width : 0));
  const leadPoints = computed<readonly Point[]>(() => {
    if (hand.value === undefined) return [];
    const { box, wire } = hand.value;
    if (isLying.value) {
      // Held sideways: along the gap below its row, so that the wires of the rows above stay in sight.
      const y = box.y + box.h;
      const bend = box.h * 0.7;
      return [
        { x: -2000, y },
        { x: wire.x - bend * 1.4, y },
        ...curve(
          { x: wire.x - bend * 1.4, y },
          { x: wire.x - bend * 0.4, y },
          { x: wire.x - bend * 0.5, y: wire.y },
          wire,
        ),
      ];
    }
    const x = isLowest.value ? wire.x : box.x + box.w;
    const bend = Math.min(pitch.value * 1.1, floor.value - wire.y);
    const run = curve(
      { x: Math.max(x - bend * 1.6, -left.value), y: floor.value },
      { x: x - bend * 0.4, y: floor.value },
      { x, y: floor.value - bend * 0.1 },
      { x, y: floor.value - bend },
    );
    const into = isLowest.value
      ? [wire]
      : curve({ x, y: wire.y + pitch.value * 0.45 }, { x, y: wire.y }, { x, y: wire.y }, wire, 10);
    return [{ x: -2000, y: floor.value }, ...run, ...into];
  });

  /** The ends of wires that are worked on behind the connector, one below the other, each with a thread from its cavity. */
  const behind = computed(() => {
    if (!props.behind || !props.showLead) return [];
    return marked.value.map((cavity, i) => {
      const y = floor.value + i * (leadWidth.value + 5);
      const to = { x: Math.max(cavity.wire.x - pitch.value * 0.4, 30 - left.value), y };
      return { cavity, points: [{ x: to.x - STUB, y }, to], thread: { from: cavity.wire, to } };
    });
  });

  return { leadWidth, leadPoints, behind, height, left };
}
