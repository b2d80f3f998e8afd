/**
 * `npm run screenshots`: remakes docs/screenshots from the demo studio, freshly loaded, at 1280x800
 * (phones at 390x844).
 */
import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ensurePackages, ROOT } from "./machine/packages.mjs";

ensurePackages();
const { ensureBrowser } = await import("./machine/debian.mjs");
const { startCluster } = await import("./machine/cluster.mjs");
const { buildWeb, buildWorker } = await import("./machine/build.mjs");
const { answers, prepareDatabase, serveCutter, serveWeb } = await import("./machine/serve.mjs");
const { freePort } = await import("./machine/ports.mjs");

ensureBrowser();
const folder = mkdtempSync(join(tmpdir(), "elm-screens-"));
const cluster = await startCluster(folder);
let child = null;
let cutter = null;
/** A load is half cut within seconds. */
const HASTE = 12;
let status = 1;
try {
  prepareDatabase(cluster);
  await buildWorker();
  buildWeb();
  const port = await freePort();
  const own = { port: await freePort(), pagePort: await freePort() };
  cutter = serveCutter({ ...own, haste: HASTE });
  child = serveWeb({ databaseUrl: cluster.webUrl, port, cutter: own, demo: true, quiet: true });
  await answers(`http://127.0.0.1:${port}/sign-in`, child);
  const done = spawnSync(process.execPath, ["--import", "tsx", join(ROOT, "e2e/screenshots.ts")], {
    cwd: ROOT,
    stdio: "inherit",
    env: { ...process.env, ELM_BASE: `http://127.0.0.1:${port}` },
  });
  status = done.status ?? 1;
} finally {
  cutter?.kill("SIGTERM");
  child?.kill("SIGTERM");
  if (child && child.exitCode === null) await new Promise((resolve) => child.once("exit", resolve));
  cluster.stop();
  rmSync(folder, { recursive: true, force: true });
}
process.exit(status);
