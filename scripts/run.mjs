/** Runs a TypeScript program of this repository: node scripts/run.mjs FILE [arguments]. */
import { spawnSync } from "node:child_process";
import { join } from "node:path";
import { ensurePackages, ROOT } from "./machine/packages.mjs";

ensurePackages();
const [file, ...args] = process.argv.slice(2);
const cwd = process.env.INIT_CWD ?? process.cwd();
const tsx = import.meta.resolve("tsx");
const done = spawnSync(process.execPath, ["--import", tsx, join(ROOT, file), ...args], {
  cwd,
  stdio: "inherit",
});
process.exit(done.status ?? 1);
