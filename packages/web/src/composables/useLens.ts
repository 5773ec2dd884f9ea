import { computed, type Ref } from "vue";
import { drawFace, type DrawFaceOptions, type Face, type FaceDrawing, type PinId } from "@trevin/core";

const LENS_PITCH = 50;
const LENS_HEIGHT = { beside: 330, below: 150 };

interface Given {
  readonly inHand: PinId | null;
  readonly whole: boolean;
  readonly thumb: boolean;
  readonly width: number;
}

/** The neighbourhood of the cavity in hand at a size that can be read, for faces that cannot; null for all others. */
export function useLens(
  face: Ref<Face>,
  options: Ref<Omit<DrawFaceOptions, "width" | "maxPitch">>,
  drawing: Ref<FaceDrawing>,
  props: Given,
) {
  return computed(() => {
    const at = drawing.value.legible || props.whole || props.thumb ? undefined : (props.inHand ?? undefined);
    if (at === undefined) return null;
    const near = drawFace(face.value, {
      ...options.value,
      height: undefined,
      width: 100_000,
      maxPitch: LENS_PITCH,
      always: true,
    });
    const cavity = near.cavities.find((one) => one.pin === at);
    if (cavity === undefined) return null;
    const within = (centre: number, extent: number, whole: number): number =>
      Math.max(0, Math.min(centre - extent / 2, whole - extent));
    const beside = drawing.value.height > drawing.value.width && props.width - drawing.value.width > 150;
    const width = Math.min(beside ? props.width - drawing.value.width - 16 : props.width, near.width);
    const height = Math.min(beside ? LENS_HEIGHT.beside : LENS_HEIGHT.below, near.height);
    const x = within(cavity.box.x + cavity.box.w / 2, width, near.width);
    const y = within(cavity.box.y + cavity.box.h / 2, height, near.height);
    const scale = drawing.value.pitch / near.pitch;
    const corner = drawing.value.cavities.find((one) => one.pin === at)!.box;
    return {
      near,
      x,
      y,
      width,
      height,
      beside,
      frame: {
        x: corner.x - (cavity.box.x - x) * scale,
        y: corner.y - (cavity.box.y - y) * scale,
        width: width * scale,
        height: height * scale,
      },
    };
  });
}
