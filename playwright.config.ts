import { existsSync, mkdtempSync, chmodSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { defineConfig } from "@playwright/test";
import { browserLaunch } from "./scripts/browser.mjs";

const port = Number(process.env["TREVIN_E2E_PORT"] ?? 4691);
/** Workers read this file again: the folder is made once and handed on in the environment. */
const data = (process.env["TREVIN_E2E_DATA"] ??= mkdtempSync(
  join(existsSync("/var/tmp") ? "/var/tmp" : tmpdir(), "trevin-e2e-"),
));
chmodSync(data, 0o755);

export default defineConfig({
  testDir: "e2e",
  // A test waits as often as it works, so one more than there are cores; each works on a job of its own.
  workers: 3,
  fullyParallel: true,
  // Against hanging only: how fast it is, npm run bench tells.
  timeout: 240_000,
  expect: { timeout: 30_000 },
  // A busy machine may be slow once; a test that fails twice has failed. Flaky ones are named in the report.
  retries: process.env["CI"] === undefined ? 0 : 1,
  reporter: [["line"], ["json", { outputFile: "test-results/e2e.json" }]],
  forbidOnly: true,
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    screenshot: "only-on-failure",
    launchOptions: browserLaunch(),
  },
  webServer: {
    command: "node scripts/start.mjs",
    url: `http://127.0.0.1:${port}/api/v1/health`,
    env: { TREVIN_PORT: String(port), TREVIN_DATA: data },
    timeout: 180_000,
    gracefulShutdown: { signal: "SIGTERM", timeout: 20_000 },
  },
});
