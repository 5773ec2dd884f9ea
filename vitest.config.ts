import { defineConfig } from "vitest/config";

// Timeouts are against hanging only: how fast it is, npm run bench tells.
export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: "unit",
          include: ["packages/{core,cli,server,web}/src/**/*.test.ts"],
          testTimeout: 300_000,
        },
      },
      {
        test: {
          name: "api",
          include: ["packages/{server,cli}/test/**/*.test.ts"],
          globalSetup: ["packages/server/test/cluster.ts"],
          testTimeout: 300_000,
          hookTimeout: 120_000,
          fileParallelism: false,
        },
      },
    ],
  },
});
