/** When something was changed last: what was built before that is built again. */
import { readdirSync, statSync } from "node:fs";
import { join } from "node:path";

const NOT_SOURCES = new Set(["node_modules", ".next", ".built", "next-env.d.ts"]);

/** Of a file, or of all in a folder, ms. */
export function newest(path) {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  const inside = readdirSync(path).filter((name) => !NOT_SOURCES.has(name));
  return Math.max(0, ...inside.map((name) => newest(join(path, name))));
}
