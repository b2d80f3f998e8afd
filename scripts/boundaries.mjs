/** Import boundaries; the module count is asserted, because a misread configuration would pass with nothing looked at. */
import { spawnSync } from "node:child_process";
import { join } from "node:path";
import { ROOT } from "./machine/packages.mjs";

const LEAST_MODULES = 150;

export function checkBoundaries() {
  const done = spawnSync(
    process.execPath,
    [
      join(ROOT, "node_modules/dependency-cruiser/bin/dependency-cruise.mjs"),
      "--config",
      ".dependency-cruiser.cjs",
      "core",
      "cli",
      "print",
      "fonts",
      "web",
      "cutter",
      "--output-type",
      "json",
    ],
    { cwd: ROOT, encoding: "utf8", maxBuffer: 256 * 1024 * 1024 },
  );
  const { summary, modules } = JSON.parse(done.stdout);
  if (modules.length < LEAST_MODULES) return `only ${modules.length} modules were looked at`;
  return summary.violations
    .map((violation) => `${violation.rule.name}: ${violation.from} -> ${violation.to}`)
    .join("\n");
}
