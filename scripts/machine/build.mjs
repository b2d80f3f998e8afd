/**
 * Builds: the compute worker (quick, always) and the web application (when older than its sources).
 */
import { spawnSync } from "node:child_process";
import { existsSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { newest } from "./newest.mjs";
import { ROOT } from "./packages.mjs";
import { giveUp, say } from "./say.mjs";

const SOURCES = ["core", "fonts", "print", "web", "package-lock.json"];
/** The plan is computed in worker threads, from one file that Node can load. */
export async function buildWorker() {
  const { build } = await import("esbuild");
  await build({
    entryPoints: [join(ROOT, "web/workers/plan.server.ts")],
    outfile: join(ROOT, "web/.built/plan.server.mjs"),
    bundle: true,
    platform: "node",
    format: "esm",
    target: "node20",
    logLevel: "warning",
    external: ["harfbuzzjs", "clipper2-ts", "luxon", "papaparse", "pdfkit", "qrcode", "zod"],
  });
}

export function buildWeb() {
  const stamp = join(ROOT, "web/.next/elm-built");
  if (
    existsSync(stamp) &&
    statSync(stamp).mtimeMs > Math.max(...SOURCES.map((name) => newest(join(ROOT, name))))
  )
    return;
  say("Building the application (about a minute) …");
  const built = spawnSync(
    process.execPath,
    [join(ROOT, "node_modules/next/dist/bin/next"), "build"],
    {
      cwd: join(ROOT, "web"),
      encoding: "utf8",
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1" },
    },
  );
  if (built.status !== 0)
    giveUp(`The application could not be built:\n${built.stdout}\n${built.stderr}`);
  writeFileSync(stamp, "");
}
