import { dirname } from "node:path";
import { fileURLToPath } from "node:url";
import { installPackages } from "./dependencies.mjs";

const root = dirname(dirname(fileURLToPath(import.meta.url)));
installPackages(root);
const { register } = await import("tsx/esm/api");
register();
const { start, StartFailure } = await import("../packages/server/src/start.ts");
try {
  await start(root);
} catch (error) {
  if (!(error instanceof StartFailure)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exit(error.exitCode);
}
