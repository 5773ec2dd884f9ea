const LAYERS = require("./scripts/layers.cjs");

const core = (layer) => `^packages/core/src/${layer}/`;
const TESTS = "\\.test\\.ts$|^packages/core/src/testing/";

const layers = LAYERS.slice(0, -1).map((layer, i) => ({
  name: `core-${layer}-looks-left`,
  severity: "error",
  from: { path: core(layer), pathNot: TESTS },
  to: { path: LAYERS.slice(i + 1).map(core) },
}));

module.exports = {
  forbidden: [
    ...layers,
    { name: "no-cycles", severity: "error", from: { pathNot: TESTS }, to: { circular: true } },
    {
      name: "core-is-pure",
      comment: "No Node, no browser and no package beyond the short list",
      severity: "error",
      from: { path: "^packages/core/src", pathNot: TESTS },
      to: {
        dependencyTypesNot: ["local", "type-only"],
        pathNot: [
          "^packages/core/src",
          "node_modules/(zod|@noble/hashes|canonicalize|culori|@types/culori|d3-dsv|@types/d3-dsv|tinyqueue)/",
        ],
      },
    },
    {
      name: "zod-in-contract-only",
      severity: "error",
      from: { path: "^packages/core/src", pathNot: [core("contract"), TESTS] },
      to: { path: "node_modules/zod/" },
    },
    {
      name: "core-knows-nobody",
      severity: "error",
      from: { path: "^packages/core" },
      to: { path: "^packages/(server|web|cli)", pathNot: "^packages/server/demo" },
    },
    {
      name: "web-and-server-apart",
      severity: "error",
      from: { path: "^packages/web" },
      to: { path: "^packages/(server|cli)" },
    },
    {
      name: "server-without-web",
      severity: "error",
      from: { path: "^packages/server" },
      to: { path: "^packages/(web|cli)" },
    },
    {
      name: "core-by-its-doors",
      comment: "index, contract and testing only",
      severity: "error",
      from: { path: "^packages/(server|web|cli)/" },
      to: { path: "^packages/core/src/.+/", pathNot: "^packages/core/src/(contract|testing)/index\\.ts$" },
    },
    {
      name: "sql-in-repo-only",
      severity: "error",
      from: { path: "^packages/server/src/features", pathNot: "repo\\.ts$" },
      to: { path: "node_modules/(drizzle-orm|pg)/" },
    },
    {
      name: "components-draw",
      comment: "Components never import the API",
      severity: "error",
      from: { path: "^packages/web/src/components" },
      to: { path: "^packages/web/src/api" },
    },
    {
      name: "testing-in-tests-only",
      severity: "error",
      from: { path: "^packages", pathNot: [TESTS, "/test/"] },
      to: { path: "^packages/core/src/testing" },
    },
    {
      name: "declared",
      comment: "What a package imports stands in its own package.json",
      severity: "error",
      from: { path: "^packages" },
      to: { path: "node_modules", dependencyTypes: ["npm-no-pkg", "npm-unknown", "unknown", "undetermined"] },
    },
    {
      name: "no-development-packages",
      severity: "error",
      from: { path: "^packages/[^/]+/src", pathNot: TESTS },
      to: { dependencyTypes: ["npm-dev"], dependencyTypesNot: ["type-only"] },
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    exclude: { path: "^packages/[^/]+/(dist|migrations)/" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.base.json" },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "types", "node", "default"],
      extensions: [".ts", ".vue", ".mjs", ".js", ".json"],
    },
    extraExtensionsToScan: [".vue"],
  },
};
