// @vitest-environment happy-dom
import { createPinia, setActivePinia } from "pinia";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { findTerminals, SHELLS, TERMINAL_SYSTEMS } from "@trevin/core";
import type { OwnShell, ShelfView } from "@trevin/core/contract";
import type { ApiProblem as Problem } from "../api/client.ts";
import { walkOptions } from "../composables/listArrows.ts";
import { useShelf } from "./shelf.ts";

const server = vi.hoisted(() => ({
  shells: new Map<string, unknown>(),
  terminals: new Map<string, unknown>(),
  down: false,
}));
/** Files of one worker share their modules: what another one mocked is forgotten before this one's imports. */
vi.hoisted(() => {
  vi.resetModules();
});
vi.mock("../api/client.ts", async (original) => {
  const { ApiProblem } = await original<{ ApiProblem: typeof Problem }>();
  const answer = (work: () => void = () => undefined): Promise<unknown> => {
    if (server.down)
      return Promise.reject(
        new ApiProblem({
          type: "about:blank",
          title: "no",
          status: 0,
          code: "unreachable",
          detail: "no answer",
        }),
      );
    work();
    return Promise.resolve({
      shells: [...server.shells.values()],
      terminals: [...server.terminals.values()],
    });
  };
  return {
    ApiProblem,
    api: {
      shelf: () => answer(),
      putShell: (one: OwnShell) => answer(() => server.shells.set(one.id, one)),
      putTerminal: (one: { id: string }) => answer(() => server.terminals.set(one.id, one)),
      removeShelfItem: (kind: "shells" | "terminals", id: string) => answer(() => server[kind].delete(id)),
    },
  };
});

describe("the Shelf of the shop", () => {
  beforeEach(() => {
    setActivePinia(createPinia());
    server.shells.clear();
    server.terminals.clear();
    server.down = false;
  });
  const ours: OwnShell = { id: "ours", shell: { ...SHELLS[0]!.shell, name: "Ours" }, note: "" };

  it("stands before what ships, can be taken off and put back", async () => {
    const shelf = useShelf();
    expect(await shelf.putShell(ours)).toBe(true);
    expect(shelf.shells[0]).toMatchObject({ id: "ours", shell: { name: "Ours" } });
    expect(shelf.shells).toHaveLength(SHELLS.length + 1);
    expect([shelf.isOwnShell("ours"), shelf.isOwnShell("header-68")]).toEqual([true, false]);
    await shelf.removeShell("ours");
    expect(shelf.shells).toHaveLength(SHELLS.length);
    expect(shelf.removed?.name).toBe("Ours");
    await shelf.putBack();
    expect(shelf.shells[0]?.id).toBe("ours");
    expect(shelf.removed).toBeNull();
  });

  it("finds an own terminal system like any other", async () => {
    const shelf = useShelf();
    await shelf.putTerminal({ ...TERMINAL_SYSTEMS[0]!, id: "t", name: "Odd one", width: 7.7 });
    expect(findTerminals(shelf.terminals, { width: 7.7 })[0]?.system.id).toBe("t");
    expect([shelf.isOwnTerminal("t"), shelf.isOwnTerminal(TERMINAL_SYSTEMS[0]!.id)]).toEqual([true, false]);
    await shelf.removeTerminal("t");
    expect(shelf.terminals).toEqual(TERMINAL_SYSTEMS);
  });

  it("says what went wrong and keeps what it had", async () => {
    const shelf = useShelf();
    await shelf.putShell(ours);
    server.down = true;
    expect(await shelf.load()).toBe(false);
    expect(shelf.problem).toBe("no answer");
    await shelf.removeShell("ours");
    expect(shelf.own satisfies ShelfView).toMatchObject({ shells: [{ id: "ours" }] });
    expect(shelf.removed).toBeNull();
  });
});

describe("walkOptions", () => {
  it("walks a list by arrows, Home and End, and chooses as it goes", () => {
    const list = document.createElement("ul");
    const chosen: string[] = [];
    for (const name of ["a", "b", "c"]) {
      const option = document.createElement("button");
      option.setAttribute("role", "option");
      option.addEventListener("click", () => chosen.push(name));
      list.append(option);
    }
    document.body.append(list);
    list.addEventListener("keydown", walkOptions);
    const press = (key: string): boolean =>
      list.dispatchEvent(new KeyboardEvent("keydown", { key, cancelable: true }));
    for (const key of ["ArrowDown", "ArrowDown", "End", "ArrowDown", "ArrowUp", "Home", "ArrowUp"])
      press(key);
    expect(chosen).toEqual(["a", "b", "c", "b", "a", "a"]);
    // A key that goes nowhere is left to the page.
    expect(press("x")).toBe(true);
  });
});
