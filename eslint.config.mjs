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
      "max-lines": ["error", { max: 400, skipBlankLines: true, skipComments: true }],
      eqeqeq: "error",
      "vue/multi-word-component-names": "off",
      "vue/require-default-prop": "off",
      "vue/max-attributes-per-line": "off",
      "vue/singleline-html-element-content-newline": "off",
    },
  },
  {
    files: ["packages/web/**/*.{ts,vue}", "e2e/**/*.ts"],
    languageOptions: { globals: { ...globals.browser } },
    rules: { "no-undef": "off" },
  },
  { files: ["**/*.ts"], rules: { "no-undef": "off" } },
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
  // Typed arrays in the inner loop of the assignment are indexed within their bounds.
  {
    files: ["packages/core/src/numeric/assignment.ts"],
    rules: { "@typescript-eslint/no-non-null-assertion": "off" },
  },
);
