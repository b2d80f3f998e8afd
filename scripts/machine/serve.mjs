/** The application as a child process, with its database prepared. */
import { spawn, spawnSync } from "node:child_process";
import { randomBytes } from "node:crypto";
import { chownSync, mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { asNobody } from "./as-nobody.mjs";
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

/** Schema and, where it is asked for, the demo studio: by processes that end, with the owner's rights. */
export function prepareDatabase({ url, webUrl }, { demo = true } = {}) {
  const env = { ELM_OWNER_URL: url, ELM_DATABASE_URL: webUrl };
  runTypeScript("web/data/migrate.ts", env, "The database could not be prepared");
  return demo
    ? runTypeScript("web/data/seed-demo.ts", env, "The demo studio could not be loaded").trim()
    : "";
}

/** Loopback, where nothing else is asked for: a container is reached at none of its own. */
const bindAddress = () => process.env.ELM_BIND || "127.0.0.1";

/** What a serving process knows of the surroundings: no way into the database but its own. */
function surroundings(more) {
  const { ELM_OWNER_URL: _, DATABASE_URL: __, PGPASSWORD: ___, ...rest } = process.env;
  return { ...rest, ...more };
}

/**
 * @param {{databaseUrl: string, port: number, cutter?: {port: number, pagePort: number} | null,
 *   room?: {state: string, secret: string} | null, dev?: boolean, demo?: boolean, quiet?: boolean}} given
 * @returns {import("node:child_process").ChildProcess}
 */
export function serveWeb({
  databaseUrl,
  port,
  cutter,
  room,
  dev = false,
  demo = false,
  quiet = false,
}) {
  const next = join(ROOT, "node_modules/next/dist/bin/next");
  const args = [next, dev ? "dev" : "start", "-p", String(port), "-H", bindAddress()];
  const env = surroundings({
    ELM_DATABASE_URL: databaseUrl,
    ELM_ROOM_STATE: room?.state ?? "",
    ELM_ROOM_SECRET: room?.secret ?? "",
    ELM_CUTTER_PORT: String(cutter?.port ?? ""),
    ELM_CUTTER_PAGE_PORT: String(cutter?.pagePort ?? ""),
    ELM_DEMO: demo ? "1" : "",
    ELM_FONTS_DIR: join(ROOT, "fonts/files"),
    ELM_WORKER: join(ROOT, "web/.built/plan.server.mjs"),
    NEXT_TELEMETRY_DISABLED: "1",
    NODE_ENV: dev ? "development" : "production",
  });
  return spawn(process.execPath, args, {
    cwd: join(ROOT, "web"),
    env,
    // The development build writes into the folder.
    ...(dev ? {} : asNobody(port)),
    stdio: ["ignore", quiet ? "ignore" : "pipe", quiet ? "ignore" : "inherit"],
  });
}

/**
 * The cutter stand-in, a process of its own. `haste`: times as fast as a real cutter; `mishaps`:
 * things go wrong by chance.
 * @returns {import("node:child_process").ChildProcess}
 */
export function serveCutter({ port, pagePort, haste, mishaps = false }) {
  return runFor(
    "cutter/src/main.ts",
    surroundings({
      ELM_CUTTER_PORT: String(port),
      ELM_CUTTER_PAGE_PORT: String(pagePort),
      ELM_CUTTER_HASTE: String(haste),
      ELM_CUTTER_MISHAPS: mishaps ? "1" : "",
    }),
    asNobody(),
  );
}

/**
 * The door to the room: participants' pages on an address of the network. `wanted`: an address, or
 * `auto`.
 * @returns {import("node:child_process").ChildProcess}
 */
export function serveRoom({ wanted, port, webPort, state, secret }) {
  return runFor(
    "web/room/main.ts",
    surroundings({
      ELM_ROOM: wanted,
      ELM_ROOM_PORT: String(port),
      ELM_PORT: String(webPort),
      ELM_ROOM_STATE: state,
      ELM_ROOM_SECRET: secret,
    }),
    asNobody(port),
  );
}

const runFor = (file, env, whose) =>
  spawn(process.execPath, ["--import", "tsx", join(ROOT, file)], {
    cwd: ROOT,
    env,
    ...whose,
    stdio: ["ignore", "ignore", "inherit"],
  });

/** A folder in which the door writes how it is, and the secret that it shares with the application. */
export function roomBetween() {
  const folder = mkdtempSync(join(tmpdir(), "elm-room-"));
  const { uid, gid } = asNobody();
  if (uid !== undefined) chownSync(folder, uid, gid);
  return { state: join(folder, "state.json"), secret: randomBytes(24).toString("hex"), folder };
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
