import { unreachable } from "../util/index.ts";
import type { Operation } from "./operation.ts";
import { applyBattery } from "./operations/battery.ts";
import { applyBuildShell, applyBuildWire } from "./operations/build.ts";
import { applyCap } from "./operations/cap.ts";
import { applyConnect, applyDisconnect } from "./operations/connect.ts";
import { applyCrimp } from "./operations/crimp.ts";
import { applyCut } from "./operations/cut.ts";
import { applyDiscard } from "./operations/discard.ts";
import { applyFeed, applyUnfeed } from "./operations/feed.ts";
import { applyFit } from "./operations/fit.ts";
import { applyFuse } from "./operations/fuse.ts";
import type { ApplyResult } from "./operations/guards.ts";
import { applyInsert } from "./operations/insert.ts";
import { applyLock } from "./operations/lock.ts";
import { applyPart } from "./operations/part.ts";
import { applyPierce } from "./operations/pierce.ts";
import { applyPlug } from "./operations/plug.ts";
import { applyRelease } from "./operations/release.ts";
import { applySplice } from "./operations/splice.ts";
import { applyTakeOut } from "./operations/takeOut.ts";
import { applyTap } from "./operations/tap.ts";
import type { HarnessState } from "./state.ts";

/**
 * The only way the harness changes: the new state and how the act can be taken back on the car, or why it cannot be done. What
 * was `recorded` has happened: it has to be possible, and is no longer asked whether it was safe.
 */
export function applyOperation(
  state: HarnessState,
  op: Operation,
  recorded: "recorded" | "now" = "now",
): ApplyResult {
  switch (op.kind) {
    case "battery":
      return applyBattery(state, op, recorded === "recorded");
    case "lock":
      return applyLock(state, op);
    case "release":
      return applyRelease(state, op);
    case "insert":
      return applyInsert(state, op);
    case "cut":
      return applyCut(state, op);
    case "splice":
      return applySplice(state, op);
    case "part":
      return applyPart(state, op);
    case "tap":
      return applyTap(state, op);
    case "fit":
      return applyFit(state, op);
    case "cap":
      return applyCap(state, op);
    case "feed":
      return applyFeed(state, op);
    case "unfeed":
      return applyUnfeed(state, op);
    case "take-out":
      return applyTakeOut(state, op);
    case "discard":
      return applyDiscard(state, op);
    case "plug":
      return applyPlug(state, op);
    case "pierce":
      return applyPierce(state, op);
    case "connect":
      return applyConnect(state, op);
    case "disconnect":
      return applyDisconnect(state, op);
    case "crimp":
      return applyCrimp(state, op);
    case "fuse":
      return applyFuse(state, op);
    case "build-shell":
      return applyBuildShell(state, op);
    case "build-wire":
      return applyBuildWire(state, op);
    default:
      return unreachable(op);
  }
}
