import { faceFile, holdWords, type CavityLook, type Connector, type Hold, type PinId } from "@trevin/core";

/** Saves the face of a connector as it is held now as an SVG file; nothing happens where there is no face. */
export function downloadFace(connector: Connector, hold: Hold, looks: ReadonlyMap<PinId, CavityLook>): void {
  const svg = faceFile(connector, hold, looks);
  if (svg === null || connector.shell === null) return;
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([svg], { type: "image/svg+xml" }));
  link.download = `${connector.name.replace(/[^\p{L}\p{N}_-]+/gu, " ").trim() || "face"} ${holdWords(hold, connector.shell)}.svg`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 1000);
}
