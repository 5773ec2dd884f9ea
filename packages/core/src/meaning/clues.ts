import type { Token } from "./lex.ts";
import type { Thing } from "./lexicon/index.ts";
import type { PartKind } from "../model/index.ts";
import type { Match } from "./phrases.ts";

/** What speaks for the class of a wire, gathered from its text. */
export interface ClassClues {
  readonly tokens: readonly Token[];
  readonly signs: readonly Match[];
  readonly things: readonly Thing[];
  /** What else the words that name the first thing may mean. */
  readonly either: readonly Thing[];
  /** Things that stand in brackets or behind "from", "to", "via". */
  readonly aside: readonly Thing[];
  readonly kinds: ReadonlySet<PartKind>;
  readonly pole: "plus" | "minus" | null;
  readonly contact: string | null;
  /** 0 to 1: how far the thing may be another one (`Meaning.doubt`). */
  readonly doubt: number;
  /** The text begins with "(-)" or "(+)": what a module gives or wants. */
  readonly mark: "plus" | "minus" | null;
  /** Places of the words that only tell where the wire comes from or goes to. */
  readonly asidePlaces: ReadonlySet<number>;
}
