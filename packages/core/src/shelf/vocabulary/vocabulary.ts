import { BODY } from "./body.ts";
import { ENGINE } from "./engine.ts";
import { SUPPLIES } from "./supplies.ts";
import type { Term } from "./term.ts";

/**
 * Functions met in engine, body and chassis looms. Abbreviations follow SAE J1930 / ISO 15031-2 usage and DIN 72552
 * terminal numbers, both from memory; everyday words, signal classes and directions are common practice.
 */
export const VOCABULARY: readonly Term[] = [...SUPPLIES, ...ENGINE, ...BODY];
