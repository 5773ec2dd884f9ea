import { pinOfBlock, type Block } from "@trevin/core";
import type { RouteLocationRaw } from "vue-router";

/** Where a block is put right: at the circuit of its pin, or in the brief. */
export function wayOfBlock(block: Block): RouteLocationRaw {
  if (block.code === "unserved") return { name: "brief" };
  if (block.code === "counterpart") return { name: "pinouts", query: { connector: block.connector } };
  const pin = pinOfBlock(block);
  return { name: "crosswalk", query: pin === null ? {} : { pin } };
}
