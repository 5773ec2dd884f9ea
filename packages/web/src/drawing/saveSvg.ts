/** Hands an SVG file to the browser to be saved, under a name that any system takes. */
export function saveSvg(svg: string, name: string): void {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([svg], { type: "image/svg+xml" }));
  link.download = `${name.replace(/[^\p{L}\p{N}_-]+/gu, " ").trim() || "drawing"}.svg`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 1000);
}
