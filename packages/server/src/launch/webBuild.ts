import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { EXIT, StartFailure } from "./failure.ts";

const INPUTS = [
  "packages/web/src",
  "packages/core/src",
  "packages/web/index.html",
  "packages/web/vite.config.ts",
  "packages/web/public",
  "package-lock.json",
];

/** Builds the web application when its sources are not the ones it was last built from. */
export function buildWebIfStale(projectRoot: string, say: (line: string) => void): string {
  const out = join(projectRoot, "packages/web/dist");
  const stampFile = join(out, ".built-from");
  const stamp = fingerprint(projectRoot);
  if (existsSync(stampFile) && readFileSync(stampFile, "utf8") === stamp) return out;
  say("building the web application");
  const result = spawnSync(
    process.execPath,
    [join(projectRoot, "node_modules/vite/bin/vite.js"), "build", "--logLevel", "error"],
    { cwd: join(projectRoot, "packages/web"), encoding: "utf8" },
  );
  if (result.status !== 0)
    throw new StartFailure(
      `The web application did not build:\n${result.stderr || result.stdout}`,
      EXIT.build,
    );
  writeFileSync(stampFile, stamp);
  return out;
}

function fingerprint(projectRoot: string): string {
  const hash = createHash("sha256");
  const add = (path: string): void => {
    const full = join(projectRoot, path);
    if (!existsSync(full)) return;
    if (statSync(full).isDirectory()) for (const entry of readdirSync(full).sort()) add(`${path}/${entry}`);
    else if (!path.endsWith(".test.ts")) hash.update(path).update(readFileSync(full));
  };
  for (const input of INPUTS) add(input);
  return hash.digest("hex");
}
