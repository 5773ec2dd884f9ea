#!/usr/bin/env node
import { fileURLToPath } from "node:url";
import { importBundled } from "../../../scripts/bundle.mjs";

const { main } = await importBundled(
  fileURLToPath(new URL("../../..", import.meta.url)),
  "packages/cli/src/main.ts",
);
process.exitCode = await main(process.argv.slice(2));
