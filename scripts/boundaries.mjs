/**
 * Import boundaries; the module count is asserted, because a misread configuration would pass with
 * nothing looked at.
 */
import { spawnSync } from "node:child_process";
import { existsSync, readFileSync } from "node:fs";
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
  return [
    ...summary.violations.map(({ rule, from, to }) => `${rule.name}: ${from} -> ${to}`),
    ...heavyPages(modules),
    ...blankPages(modules),
  ].join("\n");
}

/**
 * Libraries that no page waits for: schemas are the server's, and what computes is fetched when it
 * is used, or works in a worker.
 */
const HEAVY = /node_modules\/(zod|clipper2-ts|luxon|saxes|harfbuzzjs|read-excel-file)\//u;

/** Ways from what a page loads at once to a heavy library. */
function heavyPages(modules) {
  const importsOf = new Map(
    modules.map(({ source, dependencies }) => [
      source,
      dependencies.flatMap(({ resolved, dynamic, dependencyTypes }) =>
        dynamic || dependencyTypes.includes("type-only") ? [] : [resolved],
      ),
    ]),
  );
  const begins = (source, words) =>
    existsSync(join(ROOT, source)) &&
    readFileSync(join(ROOT, source), "utf8").startsWith(`"${words}"`);
  const loaded = new Set([...importsOf.values()].flat());
  const found = [];
  const seen = new Set();
  // Of what runs in browsers that which somebody imports: what is only fetched later is left out.
  const queue = [...importsOf.keys()]
    .filter((source) => /^web\/(?!\.next)/u.test(source))
    .filter((source) => loaded.has(source) && begins(source, "use client"))
    .map((source) => [source]);
  for (let path = queue.shift(); path; path = queue.shift()) {
    const at = path.at(-1);
    if (seen.has(at)) continue;
    seen.add(at);
    if (HEAVY.test(at)) found.push(`light-pages: ${path.join(" -> ")}`);
    else if (!begins(at, "use server"))
      for (const next of importsOf.get(at) ?? []) queue.push([...path, next]);
  }
  return found;
}

/**
 * What is fetched later without a `loading` of its own hides the whole page until it is there, and
 * what had the focus loses it.
 */
function blankPages(modules) {
  return modules.flatMap(({ source }) => {
    if (!/^web\/.*\.tsx$/u.test(source) || !existsSync(join(ROOT, source))) return [];
    const text = readFileSync(join(ROOT, source), "utf8");
    const lacking = [...text.matchAll(/= dynamic\([\s\S]*?\);\n/gu)].filter(
      ([call]) => !/loading:|ssr: false/u.test(call),
    );
    return lacking.length > 0 ? [`page-stays: ${source}: dynamic() without loading`] : [];
  });
}
