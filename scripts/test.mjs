/**
 * `npm test`: every gate from nothing, on a database and ports of its own. `--unit` is the quick
 * part.
 */
import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ensurePackages, ROOT } from "./machine/packages.mjs";
import { say } from "./machine/say.mjs";

const unitOnly = process.argv.includes("--unit");
ensurePackages();

const totals = { passed: 0, failed: 0 };
const scratch = mkdtempSync(join(tmpdir(), "elm-test-"));
const failures = [];

function gate(name, run) {
  const started = Date.now();
  const trouble = run();
  totals[trouble ? "failed" : "passed"] += 1;
  if (trouble) failures.push(`${name}:\n${trouble}`);
  say(`${trouble ? "✗" : "✓"} ${name} (${((Date.now() - started) / 1000).toFixed(1)} s)`);
}

const bin = (path) => join(ROOT, "node_modules", path);

function tool(path, args) {
  const done = spawnSync(process.execPath, [bin(path), ...args], {
    cwd: ROOT,
    encoding: "utf8",
    maxBuffer: 64 * 1024 * 1024,
  });
  return done.status === 0
    ? ""
    : `${done.stdout}${done.stderr}`.trim().split("\n").slice(-60).join("\n");
}

/** Runs a vitest project and adds its counts. A run without a report counts as failed. */
function suite(name, args, env = {}) {
  const started = Date.now();
  const report = join(scratch, `${name}.json`);
  const done = spawnSync(
    process.execPath,
    [bin("vitest/vitest.mjs"), "run", "--reporter=json", `--outputFile=${report}`, ...args],
    {
      cwd: ROOT,
      encoding: "utf8",
      env: { ...process.env, ...env },
      maxBuffer: 64 * 1024 * 1024,
    },
  );
  let result = null;
  try {
    result = JSON.parse(readFileSync(report, "utf8"));
  } catch {
    totals.failed += 1;
    failures.push(
      `${name}: no report\n${`${done.stdout}${done.stderr}`.trim().split("\n").slice(-40).join("\n")}`,
    );
    return;
  }
  totals.passed += result.numPassedTests;
  // A file that could not even be loaded has no failed tests of its own.
  const broken = result.testResults.filter(
    (file) =>
      file.status === "failed" && file.assertionResults.every((test) => test.status !== "failed"),
  );
  totals.failed += result.numFailedTests + broken.length;
  for (const file of broken) failures.push(`${file.name}:\n${file.message}`);
  for (const test of result.testResults
    .flatMap((file) => file.assertionResults)
    .filter(({ status }) => status === "failed"))
    failures.push(
      `${test.fullName}:\n${test.failureMessages.join("\n").split("\n").slice(0, 12).join("\n")}`,
    );
  if (result.numTotalTests === 0) {
    totals.failed += 1;
    failures.push(`${name}: no tests were found`);
  }
  say(
    `${result.success ? "✓" : "✗"} ${name}: ${result.numPassedTests} passed, ${result.numFailedTests} failed (${((Date.now() - started) / 1000).toFixed(1)} s)`,
  );
}

/** The stand-in cuts a load of minutes in seconds. */
const TEST_HASTE = 20;

async function withServers() {
  const { ensureBrowser } = await import("./machine/debian.mjs");
  const { startCluster } = await import("./machine/cluster.mjs");
  const { buildWeb, buildWorker } = await import("./machine/build.mjs");
  const { answers, prepareDatabase, serveCutter, serveWeb } = await import("./machine/serve.mjs");
  const { freePort } = await import("./machine/ports.mjs");
  ensureBrowser();
  const cluster = await startCluster(join(scratch, "data"));
  const children = [];
  try {
    const databases = { ELM_OWNER_URL: cluster.url, ELM_DATABASE_URL: cluster.webUrl };
    prepareDatabase(cluster, { demo: false });
    suite("database", ["--config", "vitest.database.config.ts"], databases);
    prepareDatabase(cluster);
    await buildWorker();
    buildWeb();
    const ports = [await freePort(), await freePort()];
    const cutter = { port: await freePort(), pagePort: await freePort() };
    children.push(serveCutter({ ...cutter, haste: TEST_HASTE }));
    for (const port of ports)
      children.push(
        serveWeb({ databaseUrl: cluster.webUrl, port, cutter, demo: true, quiet: true }),
      );
    await Promise.all(
      ports.map((port, i) => answers(`http://127.0.0.1:${port}/sign-in`, children[i + 1])),
    );
    suite("browser", ["--config", "vitest.browser.config.ts"], {
      ELM_BASE: `http://127.0.0.1:${ports[0]}`,
      ELM_SECOND: `http://127.0.0.1:${ports[1]}`,
      ELM_CUTTER_PAGE: `http://127.0.0.1:${cutter.pagePort}`,
      ...databases,
    });
  } finally {
    for (const child of children) child.kill("SIGTERM");
    await Promise.all(
      children.map((child) =>
        child.exitCode === null ? new Promise((resolve) => child.once("exit", resolve)) : null,
      ),
    );
    cluster.stop();
  }
}

try {
  if (!unitOnly) {
    const { checkBoundaries } = await import("./boundaries.mjs");
    gate("types", () => tool("typescript/bin/tsc", ["--noEmit"]));
    gate("lint and formatting", () =>
      tool("@biomejs/biome/bin/biome", ["check", "--error-on-warnings", "."]),
    );
    gate("boundaries", checkBoundaries);
  }
  suite("unit", []);
  if (!unitOnly) await withServers();
} catch (error) {
  totals.failed += 1;
  failures.push(String(error.stack ?? error));
} finally {
  rmSync(scratch, { recursive: true, force: true });
}

for (const failure of failures) say(`\n${failure}`);
const { testShare } = await import("./test-share.mjs");
const { tests, code, share } = testShare();
say(`\nTests are ${(100 * share).toFixed(1)} % of ${tests + code} lines.`);
process.stdout.write(`${totals.passed} passed, ${totals.failed} failed\n`);
process.exit(totals.failed > 0 ? 1 : 0);
