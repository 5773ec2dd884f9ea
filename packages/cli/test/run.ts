import { main } from "../src/main.ts";

/** The command line within this process, as its own one does it. */
export async function trevin(
  args: readonly string[],
  input = "",
): Promise<{ readonly status: number; readonly stdout: string; readonly stderr: string }> {
  let [stdout, stderr] = ["", ""];
  const status = await main(args, {
    out: (text) => {
      stdout += text;
    },
    err: (text) => {
      stderr += text;
    },
    input: () => Buffer.from(input),
  });
  return { status, stdout, stderr };
}
export const report = async (...args: string[]): Promise<Record<string, unknown>> =>
  JSON.parse((await trevin(args)).stdout) as Record<string, unknown>;
