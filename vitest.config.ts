import { defineConfig } from "vitest/config";

const HANGING = { testTimeout: 300_000, hookTimeout: 120_000 };

// Timeouts are against hanging only: how fast it is, npm run bench tells.
export default defineConfig({
  test: {
    // One process for each core.
    maxWorkers: 2,
    projects: [
      {
        test: {
          name: "unit",
          include: ["packages/{core,cli,server,web}/src/**/*.test.ts"],
          // Core is pure: what one file imported, the next may use.
          isolate: false,
          ...HANGING,
        },
      },
      {
        test: {
          name: "api",
          include: ["packages/{server,cli}/test/**/*.test.ts"],
          globalSetup: ["packages/server/test/cluster.ts"],
          ...HANGING,
        },
      },
    ],
  },
});
