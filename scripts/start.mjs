import { dirname } from "node:path";
import { fileURLToPath } from "node:url";
import { installPackages } from "./dependencies.mjs";

const root = dirname(dirname(fileURLToPath(import.meta.url)));
installPackages(root);
const { bundled, importBundled } = await import("./bundle.mjs");
const { start, StartFailure } = await importBundled(root, "packages/server/src/start.ts");
try {
  await start(root, await bundled(root, "packages/server/src/compute/thread.ts"));
} catch (error) {
  if (!(error instanceof StartFailure)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exit(error.exitCode);
}
