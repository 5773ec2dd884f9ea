import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { applyCommand, decisionId, diffOf, type Command, type Dossier, type Pin } from "@trevin/core";
import { DEMO, useServer } from "./harness.ts";

/** Rows have no order of their own; the database gives them back by id. */
const content = (dossier: Dossier): unknown => ({
  head: dossier.head,
  connectors: [...dossier.connectors]
    .sort((a, b) => (a.id < b.id ? -1 : 1))
    .map((connector) => ({ ...connector, pins: [...connector.pins].sort((a, b) => a.order - b.order) })),
  decisions: [...dossier.decisions].sort((a, b) => (decisionId(a) < decisionId(b) ? -1 : 1)),
});

type Move =
  | { readonly kind: "undo" | "redo" }
  | { readonly kind: "note"; readonly pin: number; readonly text: string }
  | { readonly kind: "empty"; readonly pin: number }
  | { readonly kind: "take-back"; readonly decision: number }
  | { readonly kind: "rename"; readonly name: string };
const move: fc.Arbitrary<Move> = fc.oneof(
  { weight: 4, arbitrary: fc.constantFrom<Move>({ kind: "undo" }, { kind: "undo" }, { kind: "redo" }) },
  {
    weight: 2,
    arbitrary: fc.record({
      kind: fc.constant("note" as const),
      pin: fc.nat(13),
      text: fc.constantFrom("a", "b", "ünïcode ✓"),
    }),
  },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant("empty" as const), pin: fc.nat(13) }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant("take-back" as const), decision: fc.nat(7) }) },
  {
    weight: 1,
    arbitrary: fc.record({ kind: fc.constant("rename" as const), name: fc.constantFrom("One", "Two") }),
  },
);

describe("undo and redo over the server", () => {
  const { send, at } = useServer();

  it("pass through the same states as a plain list of whole dossiers, and every state survives in the database", async () => {
    let undone = 0;
    let edited = 0;
    await fc.assert(
      fc.asyncProperty(fc.array(move, { minLength: 5, maxLength: 18 }), async (moves) => {
        const imported = (await send("POST", "/imports", DEMO)).body;
        const { id } = imported;
        const states: Dossier[] = [imported.dossier as Dossier];
        let here = 0;
        let revision = 1;
        for (const step of moves) {
          if (step.kind === "undo" || step.kind === "redo") {
            const possible = step.kind === "undo" ? here > 0 : here < states.length - 1;
            const answer = await send("POST", `/jobs/${id}/${step.kind}`, undefined, at(revision));
            expect(answer.status).toBe(possible ? 200 : 409);
            if (!possible) continue;
            here += step.kind === "undo" ? -1 : 1;
            undone++;
          } else {
            const now = states[here]!;
            const connector = now.connectors.find((one) => one.name === "B12")!;
            const pin = [...connector.pins].sort((a, b) => a.order - b.order)["pin" in step ? step.pin : 0]!;
            const changed: Pin =
              step.kind === "note"
                ? { ...pin, note: step.text }
                : { ...pin, content: "empty", function: "", colour: "", signal: "none", size: null };
            const decision =
              now.decisions["decision" in step ? step.decision % Math.max(now.decisions.length, 1) : 0];
            if (step.kind === "take-back" && decision === undefined) continue;
            const [path, body, command] = ((): [string, unknown, Command] => {
              if (step.kind === "rename") {
                const head = { ...now.head, name: step.name };
                return ["", { head }, { kind: "set-head", head }];
              }
              if (step.kind === "take-back") {
                const remove = [decisionId(decision!)];
                return ["/decisions", { remove }, { kind: "decide", put: [], remove }];
              }
              const put = { connector: connector.id, put: [changed], remove: [] };
              return [
                `/connectors/${connector.id}/pins`,
                { put: [changed] },
                { kind: "change-pins", ...put },
              ];
            })();
            const local = applyCommand(now, command);
            if (!local.ok) throw new Error(local.error.code);
            expect((await send("PATCH", `/jobs/${id}${path}`, body, at(revision))).status).toBe(200);
            if (diffOf(now, local.value).length === 0) continue;
            states.splice(here + 1, states.length, local.value);
            here++;
            edited++;
          }
          revision++;
          const stored = await send("GET", `/jobs/${id}`);
          expect(stored.body.revision).toBe(revision);
          expect(content(stored.body.dossier as Dossier)).toEqual(content(states[here]!));
        }
      }),
      { numRuns: 14, seed: 96 },
    );
    expect(undone).toBeGreaterThan(30);
    expect(edited).toBeGreaterThan(60);
  });
});
