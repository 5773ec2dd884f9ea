import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    projects: [
      { test: { name: "unit", include: ["packages/{core,cli,server,web}/src/**/*.test.ts"], testTimeout: 60_000 } },
      { test: { name: "api", include: ["packages/{server,cli}/test/**/*.test.ts"], globalSetup: ["packages/server/test/cluster.ts"], testTimeout: 60_000, hookTimeout: 120_000, fileParallelism: false } },
    ],
  },
});
