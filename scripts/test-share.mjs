/** Share of tests in all lines of code; wanted is a quarter to a third. */
import { execFileSync } from "node:child_process";
import { existsSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { ROOT } from "./machine/packages.mjs";

const CODE = /\.(ts|tsx|mjs|sql|css|sh)$/u;
const TEST = /\.test\.tsx?$|(^|\/)(e2e|testing)\//u;

export function testShare() {
  const files = execFileSync("git", ["ls-files", "--cached", "--others", "--exclude-standard"], {
    cwd: ROOT,
    encoding: "utf8",
  })
    .split("\n")
    .filter((name) => CODE.test(name) && !name.startsWith("demo/") && existsSync(join(ROOT, name)));
  const lines = (name) =>
    readFileSync(join(ROOT, name), "utf8")
      .split("\n")
      .filter((line) => line.trim() !== "").length;
  const sum = (list) => list.reduce((total, name) => total + lines(name), 0);
  const tests = sum(files.filter((name) => TEST.test(name)));
  const code = sum(files.filter((name) => !TEST.test(name)));
  return { tests, code, share: tests / (tests + code) };
}
