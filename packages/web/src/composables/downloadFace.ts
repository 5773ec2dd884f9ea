import { faceFile, holdWords, type CavityLook, type Connector, type Hold, type PinId } from "@trevin/core";
import { saveSvg } from "../drawing/saveSvg.ts";

/** Saves the face of a connector as it is held now as an SVG file; nothing happens where there is no face. */
export function downloadFace(connector: Connector, hold: Hold, looks: ReadonlyMap<PinId, CavityLook>): void {
  const svg = faceFile(connector, hold, looks);
  if (svg !== null && connector.shell !== null)
    saveSvg(svg, `${connector.name.trim() || "face"} ${holdWords(hold, connector.shell)}`);
}
