import type { Cluster } from "./cluster.ts";

/** Time between two attempts to start a database that will not start, ms. */
const PAUSE_MS = 2000;

/** Starts a cluster again when somebody finds it gone, one attempt at a time, and says when it cannot. */
export function keepAlive(
  cluster: Pick<Cluster, "revive">,
  report: (line: string) => void,
): { readonly revive: () => void; readonly close: () => Promise<void> } {
  let attempt: Promise<void> | null = null;
  let closed = false;
  let said = "";
  const revive = (): void => {
    if (closed || attempt !== null) return;
    attempt = cluster
      .revive()
      .then(
        () => (said = ""),
        (error: unknown) => {
          const words = error instanceof Error ? error.message : String(error);
          if (words !== said) report(`the database does not start again: ${words}`);
          said = words;
          return new Promise((resolve) => setTimeout(resolve, PAUSE_MS).unref());
        },
      )
      .then(() => void (attempt = null));
  };
  return {
    revive,
    close: async () => {
      closed = true;
      await attempt;
    },
  };
}
