import type { Source } from "../model/index.ts";

/** "Diagram, p. 41". */
export const sourceWords = ({ title, page }: Source): string =>
  page === "" ? title : `${title}, p. ${page}`;
