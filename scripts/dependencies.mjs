// Plain JavaScript: it runs before any package is installed.
import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";

/** Installs the packages of the lock file when they are missing or belong to another lock file. */
export function installPackages(root) {
  const [major = 0, minor = 0] = process.versions.node.split(".").map(Number);
  if (major < 20 || (major === 20 && minor < 19)) {
    process.stderr.write(`Trevin needs Node 20.19 or newer; this is ${process.versions.node}.\n`);
    process.exit(3);
  }
  const stampFile = join(root, "node_modules/.trevin-lock");
  const lock = createHash("sha256")
    .update(readFileSync(join(root, "package-lock.json")))
    .digest("hex");
  if (existsSync(stampFile) && readFileSync(stampFile, "utf8") === lock) return;
  process.stdout.write("installing the packages of the lock file (about a minute)\n");
  const result = spawnSync("npm", ["ci", "--no-audit", "--no-fund", "--loglevel", "error"], {
    cwd: root,
    stdio: ["ignore", "ignore", "inherit"],
  });
  if (result.status !== 0) {
    process.stderr.write(
      "The packages could not be installed. With a connection to the registry, run: npm ci\n",
    );
    process.exit(3);
  }
  writeFileSync(stampFile, lock);
}
