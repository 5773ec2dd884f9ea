import { cavityWords, drawFace, faceOf, faceSvg, holdWords, type CavityLook, type Connector, type Hold, type PinId } from "@trevin/core";

/** Saves the face of a connector as it is held now as an SVG file; nothing happens where there is no face. */
export function downloadFace(connector: Connector, hold: Hold, looks: ReadonlyMap<PinId, CavityLook>): void {
  const face = faceOf(connector);
  if (face === null) return;
  const drawing = drawFace(face, { hold, width: 1400, maxPitch: 52, looks, keepOut: connector.keepOut !== "" });
  const cavities = new Map(face.places.map((place) => [place.label, cavityWords(place.label, place.pin, place.pin === null ? undefined : looks.get(place.pin.id))]));
  const svg = faceSvg(drawing, { title: `${connector.name}: ${holdWords(hold, face.shell)}`, subtitle: [connector.place, face.shell.name].filter((part) => part !== "").join(", "), cavities });
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([svg], { type: "image/svg+xml" }));
  link.download = `${connector.name.replace(/[^\p{L}\p{N}_-]+/gu, " ").trim() || "face"} ${holdWords(hold, face.shell)}.svg`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 1000);
}
