// Everything that is checked, from a fresh clone on: packages, Chromium and PostgreSQL are installed when they are missing.
import { spawn } from "node:child_process";
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync } from "node:fs";
import { createServer } from "node:net";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
import { BROWSER_PACKAGE, browserPath } from "./browser.mjs";
import { installPackages } from "./dependencies.mjs";

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const say = (line) => process.stdout.write(`${line}\n`);

/** Compared with by unit tests, which say so where it is missing. */
const SIMULATOR = "ngspice";
const quick = process.argv.includes("--quick");
installPackages(root);
const results = join(root, "test-results");
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });

const bin = (path) => [process.execPath, join(root, "node_modules", path)];
const cruise = [
  ...bin("dependency-cruiser/bin/dependency-cruise.mjs"),
  "--config",
  ".dependency-cruiser.cjs",
  "packages",
];
const steps = {
  formatting: [...bin("prettier/bin/prettier.cjs"), "--check", "--log-level", "warn", "."],
  types: ["npm", "run", "--silent", "typecheck"],
  lint: [...bin("eslint/bin/eslint.js"), ".", "--max-warnings", "0"],
  layers: cruise,
  "dead exports": bin("knip/bin/knip.js"),
  "web application": [process.execPath, "scripts/buildWeb.mjs"],
  walls: [process.execPath, "--import", "tsx", "scripts/walls.ts"],
  "unit tests": vitest("unit"),
  "API tests": vitest("api"),
};
/** Two lanes beside each other, one for each core; the browser tests then have the machine to themselves, and the web application built. */
const lanes = quick
  ? [["unit tests"], ["formatting", "types", "layers"]]
  : [
      ["types", "web application", "walls", "unit tests"],
      ["formatting", "lint", "layers", "dead exports", "API tests"],
    ];

let passed = 0;
let failed = 0;
const installed = quick ? null : installFromDistribution();
await Promise.all(
  lanes.map(async (lane) => {
    for (const name of lane) {
      // Both may want something from the distribution's packages: one after the other.
      if (name === "API tests" || name === "unit tests") await installed;
      await run(name, steps[name]);
    }
  }),
);
if (installed !== null) {
  const data = mkdtempSync("/var/tmp/trevin-e2e-");
  const env = { TREVIN_E2E_PORT: String(await freePort()), TREVIN_E2E_DATA: data };
  await run("browser tests", [...bin("@playwright/test/cli.js"), "test"], env, true);
  rmSync(data, { recursive: true, force: true });
}
say(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

/** Runs one step. Its output is shown as it comes, or kept together till it ends where another step runs beside it. */
async function run(name, [command, ...args], env = {}, alone = false) {
  const began = Date.now();
  if (alone) say(`\n== ${name}`);
  const child = spawn(command, args, {
    cwd: root,
    stdio: alone ? ["ignore", "inherit", "inherit"] : ["ignore", "pipe", "pipe"],
    env: { ...process.env, ...env },
  });
  const output = [];
  child.stdout?.on("data", (chunk) => output.push(chunk));
  child.stderr?.on("data", (chunk) => output.push(chunk));
  const status = await new Promise((resolve) => child.once("error", () => resolve(1)).once("close", resolve));
  if (!alone) say(`\n== ${name}\n${Buffer.concat(output).toString("utf8")}`);
  const counted = countsOf(name);
  passed += counted.passed + (counted.counted || status !== 0 ? 0 : 1);
  failed += Math.max(counted.failed, status === 0 ? 0 : 1);
  say(`== ${name}: ${status === 0 ? "passed" : "FAILED"} in ${Math.round((Date.now() - began) / 1000)} s`);
}

function vitest(project) {
  return [
    ...bin("vitest/vitest.mjs"),
    "run",
    "--project",
    project,
    "--reporter",
    "default",
    "--reporter",
    "json",
    "--outputFile.json",
    join(results, `${project}.json`),
  ];
}

/** How many tests a step ran, where its runner says so. */
function countsOf(name) {
  const read = (file) =>
    existsSync(join(results, file)) ? JSON.parse(readFileSync(join(results, file), "utf8")) : null;
  if (name === "browser tests") {
    const stats = read("e2e.json")?.stats;
    return stats
      ? { passed: stats.expected + stats.flaky, failed: stats.unexpected, counted: true }
      : { passed: 0, failed: 0, counted: false };
  }
  const file = { "unit tests": "unit.json", "API tests": "api.json" }[name];
  const report = file === undefined ? null : read(file);
  return report
    ? { passed: report.numPassedTests, failed: report.numFailedTests, counted: true }
    : { passed: 0, failed: 0, counted: false };
}

/** Installs Chromium, and the circuit simulator that the solver is compared with, while the first steps run. */
async function installFromDistribution() {
  const wanted = [BROWSER_PACKAGE, SIMULATOR].filter((name) => !existsSync(`/usr/bin/${name}`));
  if (process.getuid?.() === 0 && existsSync("/usr/bin/apt-get") && wanted.length > 0) {
    say(`${wanted.join(" and ")} missing; installing from the distribution's packages (about a minute)`);
    const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
    // One after the other: a package that cannot be had keeps none of the others away.
    for (const args of [["update"], ...wanted.map((name) => ["install", "-y", name])]) {
      const apt = spawn("apt-get", ["-o", "DPkg::Lock::Timeout=900", ...args], { env, stdio: "ignore" });
      await new Promise((resolve) => apt.once("error", resolve).once("close", resolve));
    }
  }
  if (browserPath() !== undefined) return;
  process.stderr.write(
    `Chromium is not installed. Run this, then test again:\n  sudo apt-get update && sudo apt-get install -y ${BROWSER_PACKAGE}\n`,
  );
  process.exit(3);
}

function freePort() {
  return new Promise((resolve) => {
    const probe = createServer().listen(0, "127.0.0.1", () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}
