import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  blankPin,
  pinId,
  sourceId,
  OWN_SOURCES,
  type Decision,
  type Pin,
  type PinId,
  type Source,
  type Dossier,
} from "../model/index.ts";
import { commandsOn, sorted, wired } from "../testing/arbitraryCommands.ts";
import { sameValue } from "../util/index.ts";
import { applyCommand } from "./apply.ts";
import type { Command } from "./command.ts";
import { diffOf, isApartFrom, patched, reversed, type Diff } from "./diff.ts";

describe("a difference", () => {
  it("is taken back exactly by the difference that it made, reversed, and made again by it", () => {
    const kinds = new Map<string, number>();
    fc.assert(
      fc.property(
        wired.chain((dossier) => fc.tuple(fc.constant(dossier), commandsOn(dossier))),
        ([dossier, command]) => {
          const done = applyCommand(dossier, command);
          if (!done.ok) return;
          kinds.set(command.kind, (kinds.get(command.kind) ?? 0) + 1);
          const diff = diffOf(dossier, done.value);
          const undone = patched(done.value, reversed(diff));
          if (!undone.ok) throw new Error(undone.error.key);
          expect(sorted(undone.value)).toEqual(sorted(dossier));
          const redone = patched(undone.value, diff);
          if (!redone.ok) throw new Error(redone.error.key);
          expect(sorted(redone.value)).toEqual(sorted(done.value));
          expect(diffOf(dossier, structuredClone(dossier))).toEqual([]);
          // Once a record of it has changed otherwise, it is not taken back.
          const [first] = diff;
          if (first !== undefined && !sameValue(first.before, first.after))
            expect(patched(dossier, reversed(diff))).toMatchObject({ ok: false });
        },
      ),
      { numRuns: 700, seed: 10 },
    );
    for (const kind of [
      "set-head",
      "put-connector",
      "remove-connector",
      "change-pins",
      "change-wiring",
      "decide",
    ])
      expect(kinds.get(kind) ?? 0, kind).toBeGreaterThan(50);
  });
});

describe("commands of two people", () => {
  const two = wired.chain((dossier) =>
    fc.tuple(fc.constant(dossier), commandsOn(dossier), commandsOn(dossier)),
  );
  const after = (dossier: Dossier, ...commands: readonly Command[]): Dossier | null =>
    commands.reduce<Dossier | null>((now, command) => {
      const next = now === null ? null : applyCommand(now, command);
      return next?.ok === true ? next.value : null;
    }, dossier);
  /** What a command changes of a job as it stands; null where it cannot be made there. */
  const changes = (dossier: Dossier | null, command: Command): Diff | null => {
    const next = dossier === null ? null : after(dossier, command);
    return next === null || dossier === null ? null : diffOf(dossier, next);
  };
  it("that are apart give the same job in either order; the same record is never apart", () => {
    const met = { apart: 0, same: 0 };
    fc.assert(
      fc.property(two, ([dossier, a, b]) => {
        /** Whether the second is taken after the first, by somebody who has not seen that. */
        const taken = (first: Command, second: Command): boolean | null => {
          const [unseen, late] = [changes(dossier, first), changes(after(dossier, first), second)];
          return unseen === null || late === null ? null : isApartFrom(late, [unseen]);
        };
        const [ab, ba] = [taken(a, b), taken(b, a)];
        // One may make room for the other, with a name that is free again: then there is one order only.
        if (ab === true && ba === true) {
          expect(sorted(after(dossier, a, b)!)).toEqual(sorted(after(dossier, b, a)!));
          met.apart++;
        } else if (ab === false) met.same++;
        const own = changes(dossier, a);
        if (own === null) return;
        expect(isApartFrom(own, [])).toBe(true);
        expect(isApartFrom(own, [own])).toBe(own.length === 0);
      }),
      { numRuns: 600, seed: 97 },
    );
    expect(met.apart).toBeGreaterThan(60);
    expect(met.same).toBeGreaterThan(30);
  });
  it("never take along what the other one has made: a cavity, a connector or a source that goes is waited for", () => {
    const sheet: Source = { ...OWN_SOURCES[0]!, id: sourceId("sheet"), title: "sheet" };
    const [dossier] = fc.sample(wired, { numRuns: 1, seed: 3 });
    const connector = dossier!.connectors.find(({ side, pins }) => side === "vehicle" && pins.length > 0)!;
    const free = { ...blankPin(pinId("fresh"), "99", 99), content: "occupied" as const };
    const sources = [sheet];
    const started = { ...dossier!, sources, decisions: [], wires: [] };
    const change = (put: readonly Pin[], remove: readonly PinId[]): Command => ({
      ...{ kind: "change-pins", connector: connector.id, put, remove },
    });
    const [pin] = connector.pins;
    const cap: Decision = {
      ...{ kind: "leave", pin: pin!.id, sure: "sure", reason: "", answers: [] },
    };
    const clash = (unseen: Command, own: Command): boolean => {
      const [first, then] = [changes(started, unseen), changes(after(started, unseen), own)];
      return then === null || !isApartFrom(then, [first!]);
    };
    const decide: Command = { kind: "decide", put: [cap], remove: [] };
    const sourced = change([{ ...free, sources: { colour: sheet.id } }], []);
    expect(clash(decide, change([], [pin!.id]))).toBe(true);
    expect(clash(change([], [pin!.id]), decide)).toBe(true);
    expect(clash(decide, { kind: "remove-connector", connector: connector.id })).toBe(true);
    expect(clash({ kind: "remove-connector", connector: connector.id }, sourced)).toBe(true);
    expect(clash({ kind: "remove-source", source: sheet.id }, sourced)).toBe(true);
    expect(clash(sourced, { kind: "remove-source", source: sheet.id })).toBe(true);
    expect(clash(decide, sourced)).toBe(false);
  });
});
