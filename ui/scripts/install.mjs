// Installs the packages of the lock file, unless they are already those.
import { createHash } from "node:crypto";
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { spawnSync } from "node:child_process";

const stamp = "node_modules/.installed";
const wanted = createHash("sha256").update(readFileSync("package-lock.json")).digest("hex");
if (existsSync(stamp) && readFileSync(stamp, "utf8") === wanted) process.exit(0);
const done = spawnSync("npm", ["ci", "--no-fund", "--no-audit"], { stdio: "inherit" });
if (done.status !== 0) {
  console.error("The interface's packages could not be installed. Is the npm registry reachable?");
  process.exit(done.status ?? 1);
}
writeFileSync(stamp, wanted);
