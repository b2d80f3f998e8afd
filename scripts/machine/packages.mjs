/** npm packages, installed when they are missing or older than the lock file. */
import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { giveUp, say } from "./say.mjs";

export const ROOT = new URL("../..", import.meta.url).pathname.replace(/\/$/u, "");

export function ensurePackages() {
  const lock = createHash("sha256")
    .update(readFileSync(join(ROOT, "package-lock.json")))
    .digest("hex");
  const stamp = join(ROOT, "node_modules", ".elm-lock");
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === lock) return;
  say("Installing npm packages (about a minute the first time) …");
  const result = spawnSync("npm", ["ci", "--ignore-scripts", "--no-audit", "--no-fund"], {
    cwd: ROOT,
    stdio: ["ignore", "ignore", "inherit"],
  });
  if (result.status !== 0)
    giveUp(
      "npm could not install the packages: check the network and that this folder may be written, then start again.",
    );
  writeFileSync(stamp, lock);
}
