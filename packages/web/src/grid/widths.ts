import type { Column } from "./cells.ts";

const WIDTHS: Readonly<Record<Column, string>> = {
  cavity: "54px",
  colour: "74px",
  function: "minmax(130px, 1fr)",
  signal: "104px",
  size: "48px",
  circuit: "66px",
  condition: "130px",
  note: "150px",
};

/** The columns of the pin table as a grid: the tick, each column with the drawn wire behind the code, the source. */
export const gridTemplate = (columns: readonly Column[], isPhone: boolean): string =>
  [
    isPhone ? "14px" : "24px",
    ...columns.flatMap((column) =>
      column === "colour" ? [WIDTHS[column], isPhone ? "60px" : "190px"] : [WIDTHS[column]],
    ),
    "112px",
  ].join(" ");
