import { SKIPPED_LETTERS } from "./shell.ts";

/**
 * The label after a label: "14" gives "15", "B9" gives "B10", "H" gives "J". A name gives the empty text: nothing follows
 * from it. After "Z" there is nothing either.
 */
export function nextLabel(label: string): string {
  const numbered = /^(.*?)(\d+)$/.exec(label.trim());
  if (numbered !== null) return `${numbered[1] ?? ""}${Number(numbered[2]) + 1}`;
  if (!/^[A-Ya-y]$/.test(label.trim())) return "";
  let code = label.trim().charCodeAt(0) + 1;
  while (SKIPPED_LETTERS.includes(String.fromCharCode(code).toUpperCase())) code++;
  return String.fromCharCode(code);
}
