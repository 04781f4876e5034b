// Adds up what the test runner reported in every module, and ends with the count.
import { readdirSync, readFileSync, existsSync } from "node:fs";
import { join } from "node:path";

const root = process.argv[2];
let run = 0;
let failed = 0;
let skipped = 0;
for (const module of readdirSync(root)) {
  const reports = join(root, module, "target", "surefire-reports");
  if (!existsSync(reports)) continue;
  for (const file of readdirSync(reports).filter((name) => /^TEST-.*\.xml$/.test(name))) {
    const suite = readFileSync(join(reports, file), "utf8").match(/<testsuite [^>]*>/)[0];
    const count = (name) => Number(suite.match(new RegExp(` ${name}="(\\d+)"`))?.[1] ?? 0);
    run += count("tests");
    failed += count("failures") + count("errors");
    skipped += count("skipped");
  }
}
console.log(`${run - failed - skipped} passed, ${failed} failed, ${skipped} skipped`);
process.exit(run > 0 && failed === 0 ? 0 : 1);
