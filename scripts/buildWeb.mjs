// Builds the web application when its sources changed, as a start would.
import { dirname } from "node:path";
import { fileURLToPath } from "node:url";
import { importBundled } from "./bundle.mjs";

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const { buildWebIfStale } = await importBundled(root, "packages/server/src/launch/webBuild.ts");
buildWebIfStale(root, (line) => process.stdout.write(`${line}\n`));
