import { ref } from "vue";
import type { StandingView } from "@trevin/core/contract";
import { api, ApiProblem } from "../api/client.ts";

/** Asked for at once; the server works out the rest meanwhile. */
const AT_ONCE = 3;

/** Where each of some jobs stands, one after another as the server has worked it out; null where it could not be said. */
export function useStandings() {
  const standings = ref<Readonly<Record<string, StandingView | null>>>({});
  let round = 0;
  async function load(ids: readonly string[]): Promise<void> {
    const own = ++round;
    const left = [...ids];
    const one = async (): Promise<void> => {
      for (let id = left.shift(); id !== undefined && own === round; id = left.shift()) {
        const standing = await api.standing(id).catch((error: unknown) => {
          if (!(error instanceof ApiProblem)) throw error;
          return null;
        });
        standings.value = { ...standings.value, [id]: standing };
      }
    };
    await Promise.all(Array.from({ length: AT_ONCE }, one));
  }
  return { standings, load };
}
