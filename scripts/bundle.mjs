// Server and command line are TypeScript in a few hundred files. One bundle of them starts in a fraction of the time that
// transforming each file on its way in would take; it is made anew when a source has changed.
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { pathToFileURL } from "node:url";

/** Bundles go beside the server's `src`, so that its own files are found from both in the same way. */
const FOLDER = "packages/server/dist";
const SOURCES = ["packages/core/src", "packages/server/src", "packages/cli/src", "package-lock.json"];

/** Imports an entry point of server or command line, with all of the project's own code in one file. */
export const importBundled = async (root, entry) => import((await bundled(root, entry)).href);

/** The URL of an entry point with all of the project's own code in one file. */
export async function bundled(root, entry) {
  const name = entry.replace(/^packages\/|src\/|\.ts$/g, "").replaceAll("/", "-") + "-";
  const file = join(root, FOLDER, `${name}${stampOf(root)}.mjs`);
  if (!existsSync(file)) await bundle(root, entry, file, name);
  return pathToFileURL(file);
}

/** Written beside its place and then renamed: of two processes that start at once, neither reads half a file. */
async function bundle(root, entry, file, name) {
  const { build } = await import("esbuild");
  const { outputFiles } = await build({
    absWorkingDir: root,
    entryPoints: [entry],
    bundle: true,
    format: "esm",
    platform: "node",
    target: "node20",
    write: false,
    plugins: [{ name: "packages stay outside", setup: keepPackagesOutside }],
  });
  mkdirSync(join(root, FOLDER), { recursive: true });
  for (const old of readdirSync(join(root, FOLDER)))
    if (old.startsWith(name)) rmSync(join(root, FOLDER, old), { force: true });
  const draft = `${file}.${process.pid}`;
  writeFileSync(draft, outputFiles[0].text);
  renameSync(draft, file);
}

function keepPackagesOutside(setup) {
  setup.onResolve({ filter: /^[^./]/ }, ({ path, kind }) =>
    kind === "entry-point" || path.startsWith("@trevin/") ? undefined : { path, external: true },
  );
}

/** Sizes and times of all sources: read in a few milliseconds, unlike their contents. */
function stampOf(root) {
  const hash = createHash("sha256");
  const add = (path) => {
    const { size, mtimeMs } = statSync(join(root, path));
    hash.update(`${path} ${size} ${mtimeMs}\n`);
  };
  for (const source of SOURCES)
    if (statSync(join(root, source)).isDirectory())
      readdirSync(join(root, source), { recursive: true })
        .sort()
        .map((path) => `${source}/${path}`)
        .forEach(add);
    else add(source);
  return hash.digest("hex").slice(0, 16);
}
