import { defineStore } from "pinia";
import { computed, ref, shallowRef } from "vue";
import type { OwnShell, ShelfView } from "@trevin/core/contract";
import { SHELLS, TERMINAL_SYSTEMS, type ShelfShell, type OwnWord, type TerminalSystem } from "@trevin/core";
import { api, ApiProblem } from "../api/client.ts";

const shipped = new Set(SHELLS.map((one) => one.id));

/** What ships with Trevin and what the shop has added: shells and terminal systems. */
export const useShelf = defineStore("shelf", () => {
  const own = shallowRef<ShelfView>({ shells: [], terminals: [], words: [] });
  const problem = ref("");
  /** What was taken off last, to be put back. */
  const removed = shallowRef<{ readonly name: string; readonly back: () => Promise<ShelfView> } | null>(null);
  /** Own ones stand first; which kind they are nobody has said, and the list calls them our own. */
  const shells = computed<readonly ShelfShell[]>(() => [
    ...own.value.shells.map(({ id, shell, note }): ShelfShell => ({
      id,
      shell,
      note,
      group: "unsealed",
      contacts: {},
      sure: "sure",
    })),
    ...SHELLS,
  ]);
  const terminals = computed<readonly TerminalSystem[]>(() => [...own.value.terminals, ...TERMINAL_SYSTEMS]);
  const isOwnShell = (id: string): boolean => !shipped.has(id);
  const isOwnTerminal = (id: string): boolean => own.value.terminals.some((one) => one.id === id);

  async function attempt(work: () => Promise<ShelfView>): Promise<boolean> {
    problem.value = "";
    try {
      own.value = await work();
      return true;
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      problem.value = error.message;
      return false;
    }
  }
  const words = computed<readonly OwnWord[]>(() => own.value.words);
  const putWord = (word: OwnWord): Promise<boolean> => attempt(() => api.putWord(word));
  async function removeWord(text: string): Promise<void> {
    const old = own.value.words.find((one) => one.text === text);
    if (old !== undefined && (await attempt(() => api.removeShelfItem("words", text))))
      removed.value = { name: old.text, back: () => api.putWord(old) };
  }
  const load = (): Promise<boolean> => attempt(() => api.shelf());
  const putShell = (shell: OwnShell): Promise<boolean> => attempt(() => api.putShell(shell));
  const putTerminal = (system: TerminalSystem): Promise<boolean> => attempt(() => api.putTerminal(system));
  async function removeShell(id: string): Promise<void> {
    const old = own.value.shells.find((one) => one.id === id);
    if (old !== undefined && (await attempt(() => api.removeShelfItem("shells", id))))
      removed.value = { name: old.shell.name, back: () => api.putShell(old) };
  }
  async function removeTerminal(id: string): Promise<void> {
    const old = own.value.terminals.find((one) => one.id === id);
    if (old !== undefined && (await attempt(() => api.removeShelfItem("terminals", id))))
      removed.value = { name: old.name, back: () => api.putTerminal(old) };
  }
  async function putBack(): Promise<void> {
    const last = removed.value;
    if (last !== null && (await attempt(last.back))) removed.value = null;
  }
  return {
    own,
    words,
    putWord,
    removeWord,
    shells,
    terminals,
    problem,
    removed,
    isOwnShell,
    isOwnTerminal,
    load,
    putShell,
    putTerminal,
    removeShell,
    removeTerminal,
    putBack,
  };
});
