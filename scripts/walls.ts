/**
 * Walls fail silently: this plants one breach for each in a small copy of the tree and expects that each is caught.
 * Prints one line for each wall that stands open; exit code 1 then.
 */
import { spawnSync } from "node:child_process";
import { cpSync, mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { tmpdir } from "node:os";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";

const ROOT = fileURLToPath(new URL("..", import.meta.url));
const LAYERS = createRequire(import.meta.url)("./layers.cjs") as readonly string[];
const CORE_INDEX = "core/src/index.ts";

const copy = mkdtempSync(join(tmpdir(), "trevin-walls-"));
const CONFIGURATION = [
  ".dependency-cruiser.cjs",
  ".prettierrc.json",
  "eslint.config.mjs",
  "knip.json",
  "package.json",
  "scripts/layers.cjs",
  "tsconfig.base.json",
  "tsconfig.node.json",
  "tsconfig.tools.json",
  ...["core", "server", "web", "cli"].flatMap((name) => [
    `packages/${name}/package.json`,
    `packages/${name}/tsconfig.json`,
  ]),
];
for (const part of CONFIGURATION) cpSync(join(ROOT, part), join(copy, part));
symlinkSync(join(ROOT, "node_modules"), join(copy, "node_modules"));
const plant = (path: string, text: string): void => {
  const file = join(copy, "packages", path);
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, text);
};
const run = (tool: string, ...args: string[]): string => {
  const result = spawnSync(process.execPath, [join(ROOT, "node_modules", tool), ...args], {
    cwd: copy,
    encoding: "utf8",
    maxBuffer: 1e8,
  });
  return `${result.stdout}${result.stderr}`;
};

// What the breaches lean on.
const empty = "export {};\n";
for (const layer of LAYERS) plant(`core/src/${layer}/index.ts`, empty);
for (const path of [
  CORE_INDEX,
  "core/src/testing/index.ts",
  "core/src/plan/plan.ts",
  "server/src/app.ts",
  "web/src/router.ts",
  "web/src/api/client.ts",
])
  plant(path, empty);

LAYERS.slice(0, -1).forEach((layer, i) =>
  plant(`core/src/${layer}/breach.ts`, `import "../${LAYERS[i + 1]}/index.ts";\nexport const breach = 1;\n`),
);
plant(
  "core/src/model/circleA.ts",
  'import { b } from "./circleB.ts";\nexport const a = (): number => b();\n',
);
plant(
  "core/src/model/circleB.ts",
  'import { a } from "./circleA.ts";\nexport const b = (): number => a();\n',
);
plant(
  "core/src/util/impure.ts",
  'import { readFileSync } from "node:fs";\nexport const read = readFileSync;\n',
);
plant("core/src/plan/zodded.ts", 'import { z } from "zod";\nexport const schema = z.string();\n');
plant("core/src/util/outward.ts", 'import "../../../server/src/app.ts";\n');
plant("core/src/util/tested.ts", 'import "../testing/index.ts";\n');
plant("web/src/stores/serverSide.ts", 'import "../../../server/src/app.ts";\n');
plant("server/src/webSide.ts", 'import "../../web/src/router.ts";\n');
plant("server/src/backDoor.ts", 'import "../../core/src/plan/plan.ts";\n');
plant(
  "server/src/features/bench/sql.ts",
  'import { sql } from "drizzle-orm";\nexport const one = sql`select 1`;\n',
);
plant("server/src/undeclared.ts", 'import { ref } from "vue";\nexport const one = ref(1);\n');
plant("server/src/development.ts", 'import zip from "jszip";\nexport const one = zip;\n');
plant("web/src/components/bench/calling.ts", 'import "../../api/client.ts";\n');
plant(
  "core/src/util/clock.ts",
  "export const now = (): number => Date.now();\nexport const luck = (): number => Math.random();\n",
);
plant(
  "core/src/util/long.ts",
  Array.from({ length: 301 }, (_, i) => `export const line${i} = ${i};`).join("\n"),
);
plant("core/src/util/browser.ts", "export const title = (): string => document.title;\n");
plant(
  "core/src/util/tangled.ts",
  "export const two = (a: boolean, b: boolean): number => (a ? 1 : b ? 2 : 3);\n" +
    'export function all(kind: "a" | "b"): number {\n  switch (kind) {\n    case "a":\n      return 1;\n  }\n  return 0;\n}\n' +
    "const later = async (): Promise<void> => {};\nexport const start = (): void => {\n  later();\n};\n",
);
plant("core/src/util/undefinable.ts", "export const one: { a?: number } = { a: undefined };\n");

const cruised = run(
  "dependency-cruiser/bin/dependency-cruise.mjs",
  "--config",
  ".dependency-cruiser.cjs",
  "packages",
);
const linted = run("eslint/bin/eslint.js", "packages/core/src/util");
const typed = run("typescript-native/bin/tsc", "-p", "packages/core");
const unused = run("knip/bin/knip.js");
rmSync(copy, { recursive: true, force: true });

const caughtBy = (output: string, ...names: string[]) =>
  names.map((name) => [name, output.includes(name)] as const);
const walls: readonly (readonly [name: string, caught: boolean])[] = [
  ...caughtBy(cruised, ...LAYERS.slice(0, -1).map((layer) => `core-${layer}-looks-left`)),
  ...caughtBy(
    cruised,
    "no-cycles",
    "core-is-pure",
    "zod-in-contract-only",
    "core-knows-nobody",
    "testing-in-tests-only",
    "web-and-server-apart",
    "server-without-web",
    "core-by-its-doors",
    "sql-in-repo-only",
    "components-draw",
    "declared",
    "no-development-packages",
  ),
  ...caughtBy(linted, "core has no clock", "core has no randomness", "core knows no browser", "max-lines"),
  ...caughtBy(linted, "no-nested-ternary", "switch-exhaustiveness-check", "no-floating-promises"),
  ["no browser in core (types)", /browser\.ts.*document/.test(typed)],
  ["exact optional properties", typed.includes("exactOptionalPropertyTypes")],
  ["no dead exports", /Unused exports[^]*undefinable|undefinable[^]*Unused/.test(unused)],
];
const open = walls.filter(([, caught]) => !caught);
for (const [name] of open) process.stdout.write(`wall stands open: ${name}\n`);
process.stdout.write(`${walls.length - open.length} of ${walls.length} walls hold\n`);
process.exit(open.length === 0 ? 0 : 1);
