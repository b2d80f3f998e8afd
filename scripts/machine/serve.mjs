/** The application as a child process, with its database prepared. */
import { spawn, spawnSync } from "node:child_process";
import { join } from "node:path";
import { ROOT } from "./packages.mjs";
import { giveUp } from "./say.mjs";

/** Runs a TypeScript file to its end; its output goes to stderr. */
export function runTypeScript(file, env, failure) {
  const done = spawnSync(process.execPath, ["--import", "tsx", join(ROOT, file)], {
    cwd: ROOT,
    env: { ...process.env, ...env },
    encoding: "utf8",
  });
  if (done.status !== 0)
    giveUp(
      `${failure}: ${(done.stderr || done.stdout).trim().split("\n").slice(0, 14).join("\n")}`,
    );
  return done.stdout;
}

/** @returns {import("node:child_process").ChildProcess} */
export function serveWeb({ ownerUrl, port, cutter, dev = false, demo = false, quiet = false }) {
  const next = join(ROOT, "node_modules/next/dist/bin/next");
  const args = [next, dev ? "dev" : "start", "-p", String(port), "-H", "127.0.0.1"];
  const env = {
    ...process.env,
    ELM_OWNER_URL: ownerUrl,
    ELM_CUTTER_PORT: String(cutter?.port ?? ""),
    ELM_CUTTER_PAGE_PORT: String(cutter?.pagePort ?? ""),
    ELM_DEMO: demo ? "1" : "",
    ELM_FONTS_DIR: join(ROOT, "fonts/files"),
    ELM_WORKER: join(ROOT, "web/.built/plan.server.mjs"),
    NEXT_TELEMETRY_DISABLED: "1",
    NODE_ENV: dev ? "development" : "production",
  };
  return spawn(process.execPath, args, {
    cwd: join(ROOT, "web"),
    env,
    stdio: ["ignore", quiet ? "ignore" : "pipe", quiet ? "ignore" : "inherit"],
  });
}

/**
 * The cutter stand-in, a process of its own. `haste`: times as fast as a real cutter; `mishaps`:
 * things go wrong by chance.
 * @returns {import("node:child_process").ChildProcess}
 */
export function serveCutter({ port, pagePort, haste, mishaps = false }) {
  const env = {
    ...process.env,
    ELM_CUTTER_PORT: String(port),
    ELM_CUTTER_PAGE_PORT: String(pagePort),
    ELM_CUTTER_HASTE: String(haste),
    ELM_CUTTER_MISHAPS: mishaps ? "1" : "",
  };
  return spawn(process.execPath, ["--import", "tsx", join(ROOT, "cutter/src/main.ts")], {
    cwd: ROOT,
    env,
    stdio: ["ignore", "ignore", "inherit"],
  });
}

/** Resolves when the address answers; rejects when the process ends first. */
export async function answers(url, child, seconds = 60) {
  const until = Date.now() + seconds * 1000;
  while (Date.now() < until) {
    if (child.exitCode !== null) throw new Error("the server ended while it was starting");
    const ok = await fetch(url, { redirect: "manual" }).then(
      (response) => response.status < 500,
      () => false,
    );
    if (ok) return;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  throw new Error(`no answer from ${url} within ${seconds} s`);
}
