/**
 * `npm start`: everything from nothing to a served application. `--dev` serves the development
 * build.
 */
import { join } from "node:path";
import { ensurePackages, ROOT } from "./machine/packages.mjs";
import { freePort, portIsFree } from "./machine/ports.mjs";
import { giveUp, say } from "./machine/say.mjs";

const dev = process.argv.includes("--dev");
const port = Number(process.env.PORT ?? 3000);
if (!Number.isInteger(port) || port < 1 || port > 65535)
  giveUp(`PORT=${process.env.PORT} is no port: use a number from 1 to 65535.`);
if (!(await portIsFree(port)))
  giveUp(
    `Port ${port} is in use. Stop what uses it, or start on another:  PORT=${port + 1} npm start`,
  );

ensurePackages();
const { startCluster } = await import("./machine/cluster.mjs");
const { buildWeb, buildWorker } = await import("./machine/build.mjs");
const { answers, runTypeScript, serveCutter, serveWeb } = await import("./machine/serve.mjs");

const given = process.env.DATABASE_URL;
const cluster = given ? { url: given, stop: () => {} } : await startCluster(join(ROOT, ".data"));
// Whatever ends this program, the database it started ends with it.
process.on("exit", () => cluster.stop());

runTypeScript(
  "web/data/migrate.ts",
  { ELM_OWNER_URL: cluster.url },
  "The database could not be prepared",
);
const seeded = runTypeScript(
  "web/data/seed-demo.ts",
  { ELM_OWNER_URL: cluster.url },
  "The demo studio could not be loaded",
);
await buildWorker();
if (!dev) buildWeb();

const cutter = { port: await freePort(), pagePort: await freePort() };
/** A real cutter takes minutes; the stand-in shows them in seconds. */
const HASTE = 12;
let stopping = false;
let machine;
/** A machine that was switched off, or killed, is switched on again. */
const switchOn = () => {
  machine = serveCutter({
    ...cutter,
    haste: Number(process.env.ELM_CUTTER_HASTE ?? HASTE),
    mishaps: process.env.ELM_CUTTER_MISHAPS !== "0",
  });
  machine.on("exit", () => {
    if (!stopping) setTimeout(() => !stopping && switchOn(), 2000).unref();
  });
};
switchOn();
const child = serveWeb({ ownerUrl: cluster.url, port, cutter, dev, demo: true });
const stop = () => {
  if (stopping) return;
  stopping = true;
  child.kill("SIGTERM");
  machine.kill("SIGTERM");
  setTimeout(() => child.kill("SIGKILL"), 5000).unref();
};
process.on("SIGINT", stop);
process.on("SIGTERM", stop);
// npm hands a signal to its shell only: when that is gone, so are we, and nothing may be left
// running.
const parent = process.ppid;
setInterval(() => process.ppid !== parent && stop(), 1000).unref();
child.on("exit", (code) => {
  const asked = stopping;
  stopping = true;
  machine.kill("SIGTERM");
  process.exit(asked ? 0 : (code ?? 1));
});

await answers(`http://127.0.0.1:${port}/sign-in`, child).catch((error) => {
  say(`The application did not start: ${error.message}`);
  stop();
});
if (!stopping)
  say(
    `\nElm Basket is at http://127.0.0.1:${port}\nDemo: press “Open the demo studio”, or sign in as ${seeded.trim()}\nCutter stand-in: http://127.0.0.1:${cutter.pagePort}\nCtrl-C stops it.\n`,
  );
