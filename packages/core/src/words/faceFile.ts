import { drawFace, faceOf, type CavityLook, type Hold } from "../face/index.ts";
import { faceSvg } from "../io/index.ts";
import type { Connector, PinId } from "../model/index.ts";
import { cavityWords } from "./cavityWords.ts";
import { holdWords } from "./locatorWords.ts";

/** The face of a connector in a hold as an SVG file of its own, every cavity named; null where there is no face. */
export function faceFile(
  connector: Connector,
  hold: Hold,
  looks: ReadonlyMap<PinId, CavityLook>,
): string | null {
  const face = faceOf(connector);
  if (face === null) return null;
  const cavities = new Map(
    face.places.map((place) => [
      place.label,
      cavityWords(place.label, place.pin, place.pin === null ? undefined : looks.get(place.pin.id)),
    ]),
  );
  const drawing = drawFace(face, {
    hold,
    width: 1400,
    maxPitch: 52,
    looks,
    keepOut: connector.keepOut !== "",
  });
  return faceSvg(drawing, {
    title: `${connector.name}: ${holdWords(hold, face.shell)}`,
    subtitle: [connector.place, face.shell.name].filter((part) => part !== "").join(", "),
    cavities,
  });
}
