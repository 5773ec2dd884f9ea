/** Arrows, Home and End walk the options of a list and choose as they go; for `@keydown` on the list. */
export function walkOptions(event: KeyboardEvent): void {
  const list = event.currentTarget;
  if (!(list instanceof HTMLElement)) return;
  const options = [...list.querySelectorAll<HTMLElement>("[role='option']")];
  const at = options.findIndex((option) => option === document.activeElement);
  const to = { ArrowDown: at + 1, ArrowUp: Math.max(0, at - 1), Home: 0, End: options.length - 1 }[event.key];
  const next = to === undefined ? undefined : options[to];
  if (next === undefined) return;
  event.preventDefault();
  next.focus();
  next.click();
}
