import js from "@eslint/js";
import prettier from "eslint-config-prettier";
import vue from "eslint-plugin-vue";
import globals from "globals";
import ts from "typescript-eslint";

const pure = [
  { name: "Date", message: "core has no clock" },
  { name: "performance", message: "core has no clock" },
  { name: "setTimeout", message: "core has no clock" },
  { name: "process", message: "core knows no Node" },
  { name: "Buffer", message: "core knows no Node" },
  { name: "window", message: "core knows no browser" },
  { name: "document", message: "core knows no browser" },
  { name: "fetch", message: "core does no input or output" },
  { name: "console", message: "core does no input or output" },
  { name: "crypto", message: "core has no randomness" },
  { name: "globalThis", message: "core uses no globals" },
];

/** Tables of data, and one list each of everything that can be said, asked or stored. */
const TABLES = [
  "packages/core/src/{meaning/lexicon,shelf/shells,shelf/terminals}/*.ts",
  "packages/core/src/words/{problemWords,stepWords}.ts",
  "packages/core/src/testing/hazardCases.ts",
  "packages/server/src/openApi.ts",
];

export default ts.config(
  {
    ignores: [
      "**/dist/",
      "**/node_modules/",
      "packages/server/migrations/",
      "test-results/",
      "playwright-report/",
      ".trevin/",
    ],
  },
  js.configs.recommended,
  ...ts.configs.strict,
  ...vue.configs["flat/recommended"],
  prettier,
  {
    languageOptions: { globals: { ...globals.node }, parserOptions: { parser: ts.parser } },
    rules: {
      "@typescript-eslint/no-unused-vars": [
        "error",
        { argsIgnorePattern: "^_", varsIgnorePattern: "^_", destructuredArrayIgnorePattern: "^_" },
      ],
      "@typescript-eslint/consistent-type-imports": "error",
      "@typescript-eslint/no-non-null-assertion": "off",
      "@typescript-eslint/no-dynamic-delete": "off",
      "@typescript-eslint/no-invalid-void-type": "off",
      "no-control-regex": "off",
      "no-nested-ternary": "error",
      "max-lines": ["error", { max: 300, skipBlankLines: true, skipComments: true }],
      eqeqeq: "error",
      "vue/multi-word-component-names": "off",
      // The compiler says as much, and this rule asks it for every use of every name.
      "vue/no-ref-as-operand": "off",
      "vue/require-default-prop": "off",
      "vue/max-attributes-per-line": "off",
      "vue/singleline-html-element-content-newline": "off",
    },
  },
  {
    // Rules that need types take most of the time: they look where a promise can be lost or a kind forgotten.
    files: ["packages/*/src/**/*.ts"],
    ignores: ["**/*.test.ts", "packages/core/src/testing/**"],
    languageOptions: {
      parserOptions: {
        project: ["core", "web", "server", "cli"].map((name) => `packages/${name}/tsconfig.json`),
        extraFileExtensions: [".vue"],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      "@typescript-eslint/await-thenable": "error",
      "@typescript-eslint/no-floating-promises": "error",
      "@typescript-eslint/switch-exhaustiveness-check": [
        "error",
        { considerDefaultExhaustiveForUnions: true, requireDefaultForNonUnion: false },
      ],
    },
  },
  {
    files: ["packages/web/**/*.{ts,vue}", "e2e/**/*.ts"],
    languageOptions: { globals: { ...globals.browser } },
    rules: { "no-undef": "off" },
  },
  { files: ["**/*.ts"], rules: { "no-undef": "off" } },
  { files: ["**/*.cjs"], rules: { "@typescript-eslint/no-require-imports": "off" } },
  {
    files: ["packages/core/src/**/*.ts"],
    ignores: ["**/*.test.ts", "packages/core/src/testing/**"],
    rules: {
      "no-restricted-globals": ["error", ...pure],
      "no-restricted-properties": [
        "error",
        { object: "Math", property: "random", message: "core has no randomness" },
      ],
      "@typescript-eslint/no-explicit-any": "error",
      "@typescript-eslint/no-non-null-assertion": "error",
    },
  },
  { files: TABLES, rules: { "max-lines": "off" } },
  // Typed arrays in the inner loop of the assignment are indexed within their bounds.
  {
    files: ["packages/core/src/numeric/assignment.ts"],
    rules: { "@typescript-eslint/no-non-null-assertion": "off" },
  },
);
