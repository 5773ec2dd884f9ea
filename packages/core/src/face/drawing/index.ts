export { drawFace, type DrawFaceOptions } from "./drawFace.ts";
export { type CavityLook } from "./cavity.ts";
export { type DrawnCavity, type FaceDrawing, type Paint, type Shape } from "./shapes.ts";
export { looksOf } from "./looks.ts";
export { area, circle, line, rect, words as drawnWords } from "./shapes.ts";
