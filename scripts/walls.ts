/**
 * Walls fail silently: this plants one breach for each in a temporary copy and expects that each is caught.
 * Prints one line for each wall; exit code 1 when one stands open.
 */
import { spawnSync } from "node:child_process";
import { cpSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";

const ROOT = fileURLToPath(new URL("..", import.meta.url));
const LAYERS = [
  "util",
  "numeric",
  "colour",
  "model",
  "face",
  "wiring",
  "sizing",
  "harness",
  "shelf",
  "reading",
  "matching",
  "dossier",
  "plan",
  "ledger",
  "io",
  "words",
  "contract",
];

const copy = mkdtempSync(join(tmpdir(), "trevin-walls-"));
for (const part of [
  "packages",
  ".dependency-cruiser.cjs",
  "eslint.config.mjs",
  "tsconfig.base.json",
  "package.json",
]) {
  cpSync(join(ROOT, part), join(copy, part), {
    recursive: true,
    filter: (path) => !/node_modules|\/dist(\/|$)/.test(path),
  });
}
symlinkSync(join(ROOT, "node_modules"), join(copy, "node_modules"));
const plant = (path: string, text: string): void => writeFileSync(join(copy, "packages", path), text);
const run = (tool: string, ...args: string[]): string => {
  const result = spawnSync(process.execPath, [join(ROOT, "node_modules", tool), ...args], {
    cwd: copy,
    encoding: "utf8",
    maxBuffer: 1e8,
  });
  return `${result.stdout}${result.stderr}`;
};

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
plant("web/src/components/bench/calling.ts", 'import "../../api/client.ts";\n');
plant(
  "core/src/util/clock.ts",
  "export const now = (): number => Date.now();\nexport const luck = (): number => Math.random();\n",
);
plant(
  "core/src/util/long.ts",
  Array.from({ length: 420 }, (_, i) => `export const line${i} = ${i};`).join("\n"),
);
plant("core/src/util/browser.ts", "export const title = (): string => document.title;\n");

const cruised = run(
  "dependency-cruiser/bin/dependency-cruise.mjs",
  "--config",
  ".dependency-cruiser.cjs",
  "packages",
);
const linted = run(
  "eslint/bin/eslint.js",
  "packages/core/src/util/clock.ts",
  "packages/core/src/util/long.ts",
  "packages/core/src/util/browser.ts",
);
const typed = run("typescript/bin/tsc", "-p", "packages/core");
rmSync(copy, { recursive: true, force: true });

const walls: readonly (readonly [name: string, caught: boolean])[] = [
  ...LAYERS.slice(0, -1).map(
    (layer) => [`core-${layer}-looks-left`, cruised.includes(`core-${layer}-looks-left`)] as const,
  ),
  ...[
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
  ].map((name) => [name, cruised.includes(name)] as const),
  ["no clock in core", linted.includes("core has no clock")],
  ["no randomness in core", linted.includes("core has no randomness")],
  ["no browser in core (lint)", linted.includes("core knows no browser")],
  ["no long files", linted.includes("max-lines")],
  ["no browser in core (types)", /browser\.ts.*document/.test(typed)],
];
const open = walls.filter(([, caught]) => !caught);
for (const [name] of open) process.stdout.write(`wall stands open: ${name}\n`);
process.stdout.write(`${walls.length - open.length} of ${walls.length} walls hold\n`);
process.exit(open.length === 0 ? 0 : 1);
