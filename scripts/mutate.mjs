/**
 * `npm run mutate`: puts small faults into the core, one at a time, and tells which of them no
 * test notices.
 *
 *   npm run mutate                              files changed since main, or in the last commit
 *   npm run mutate -- core/src/splitting …      these folders or files
 *   npm run mutate -- core/src --sample 120     that many places in each folder, by the seed
 *                                               (--seed 2026, --at-once 2)
 */
import { spawnSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { ensurePackages, ROOT } from "./machine/packages.mjs";
import { say } from "./machine/say.mjs";
import { placesOf } from "./mutants/sample.mjs";

ensurePackages();

/** What words are sampled from: a fault in a sentence is for readers to find. */
const NO_LOGIC = /(\.test\.ts|words-en\.ts|\.d\.ts)$|^core\/src\/(testing|starters)\//u;
const LEAST_SHARE = 90;
/** Their properties count what the generators gave, and fail with fewer cases. */
const ALL_CASES = new Set(["core/src/blanks", "core/src/nesting"]);

const asked = process.argv.slice(2);
const option = (name, fallback) => {
  const at = asked.indexOf(`--${name}`);
  if (at < 0) return fallback;
  const [, value] = asked.splice(at, 2);
  if (!/^\d+$/u.test(value ?? "")) {
    say(`--${name} wants a whole number, not "${value ?? ""}".`);
    process.exit(2);
  }
  return Number(value);
};
const sample = option("sample", 0);
const seed = option("seed", 2026);
const atOnce = option("at-once", 2);

const git = (...args) =>
  spawnSync("git", args, { cwd: ROOT, encoding: "utf8" }).stdout.split("\n").filter(Boolean);

function chosen() {
  if (asked.length > 0) return git("ls-files", "--", ...asked);
  const open = git("diff", "--name-only", "HEAD");
  return open.length > 0 ? open : git("diff", "--name-only", "HEAD~1");
}

const files = chosen().filter((name) => /^core\/src\/.+\.ts$/u.test(name) && !NO_LOGIC.test(name));
if (files.length === 0) {
  say("No file of the core is among these: name folders or files below core/src.");
  process.exit(asked.length > 0 ? 2 : 0);
}

const folders = new Map();
for (const name of files) {
  const folder = name.split("/").slice(0, 3).join("/");
  folders.set(folder, [...(folders.get(folder) ?? []), name]);
}

const { Stryker } = await import("@stryker-mutator/core");

/** Faults in the files of one folder, against the tests of that folder. */
async function mutated(folder, names) {
  process.env.ELM_MUTANTS_CASES = ALL_CASES.has(folder) ? "all" : "fewer";
  process.env.ELM_MUTANTS_TESTS = `${folder}/**/*.test.ts`;
  const sources = names.map((name) => [name, readFileSync(join(ROOT, name), "utf8")]);
  return new Stryker({
    mutate: sample > 0 ? placesOf(sources, sample, seed) : names,
    testRunner: "vitest",
    plugins: ["@stryker-mutator/vitest-runner"],
    vitest: { configFile: "vitest.mutants.config.ts", related: false },
    coverageAnalysis: "perTest",
    ignoreStatic: true,
    ignorePatterns: [
      "/web",
      "/e2e",
      "/bench",
      "/print",
      "/cli",
      "/cutter",
      "/.built",
      "/docs/*.png",
    ],
    mutator: { excludedMutations: ["StringLiteral", "Regex"] },
    concurrency: atOnce,
    timeoutMS: 20_000,
    timeoutFactor: 4,
    reporters: process.stderr.isTTY ? ["progress"] : ["dots"],
    tempDirName: ".built/mutants",
    disableTypeChecks: true,
    allowConsoleColors: false,
    logLevel: "warn",
  }).runMutationTest();
}

let short = false;
for (const [folder, names] of folders) {
  if (git("ls-files", "--", `${folder}/*.test.ts`).length === 0) {
    say(`${folder}: no test of its own`);
    short = true;
    continue;
  }
  const counted = (await mutated(folder, names)).filter(({ status }) =>
    /Killed|Timeout|Survived|NoCoverage/u.test(status),
  );
  if (counted.length === 0) continue;
  const unseen = counted.filter(({ status }) => /Survived|NoCoverage/u.test(status));
  const share = (100 * (counted.length - unseen.length)) / counted.length;
  short ||= share < LEAST_SHARE;
  say(`${folder}: ${share.toFixed(1)} % of ${counted.length} faults noticed`);
  for (const { fileName, location, replacement, mutatorName, status } of unseen)
    say(
      `  ${fileName.slice(fileName.indexOf("core/src"))}:${location.start.line} ${mutatorName} → ` +
        `${(replacement ?? "").replace(/\s+/gu, " ").slice(0, 90)}` +
        `${status === "NoCoverage" ? " (nothing runs this)" : ""}`,
    );
}
process.exit(short ? 1 : 0);
