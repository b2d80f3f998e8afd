/**
 * `npm start`: everything from nothing to a served application. `--dev` serves the development
 * build; `--room` or `--room=ADDRESS` lets the phones in the room in as well; `--no-demo` serves
 * without the demo studio, whose password is published.
 */

import { rmSync } from "node:fs";
import { isIPv4 } from "node:net";
import { join } from "node:path";
import { ensurePackages, ROOT } from "./machine/packages.mjs";
import { freePort, portIsFree } from "./machine/ports.mjs";
import { giveUp, say } from "./machine/say.mjs";

const dev = process.argv.includes("--dev");
const demo = !process.argv.includes("--no-demo");
const room = roomWanted(process.argv.slice(2));
const port = Number(process.env.PORT ?? 3000);
if (!Number.isInteger(port) || port < 1 || port > 65535)
  giveUp(`PORT=${process.env.PORT} is no port: use a number from 1 to 65535.`);
if (!(await portIsFree(port)))
  giveUp(
    `Port ${port} is in use. Stop what uses it, or start on another:  PORT=${port + 1} npm start`,
  );

ensurePackages();
const { startCluster, webUrlFor } = await import("./machine/cluster.mjs");
const { buildWeb, buildWorker } = await import("./machine/build.mjs");
const { keepUp, stamp } = await import("./machine/keep-up.mjs");
const { answers, prepareDatabase, roomBetween, serveCutter, serveRoom, serveWeb } = await import(
  "./machine/serve.mjs"
);

const given = process.env.DATABASE_URL;
const cluster = given
  ? { url: given, webUrl: webUrlFor(given, join(ROOT, ".data")), stop: () => {} }
  : await startCluster(join(ROOT, ".data"));
const kept = [];
// Whatever ends this program, what it started ends with it.
process.on("exit", () => {
  for (const one of kept) one.child().kill("SIGKILL");
  cluster.stop();
});

const seeded = prepareDatabase(cluster, { demo });
await buildWorker();
if (!dev) buildWeb();

const cutter = { port: await freePort(), pagePort: await freePort() };
/** A real cutter takes minutes; the stand-in shows them in seconds. */
const HASTE = 12;
/** How often it is looked whether the database is still up. */
const LOOK_MS = 2000;
const between = room ? roomBetween() : null;
// A machine that was switched off, or killed, is switched on again.
kept.push(
  keepUp("The cutter stand-in", () =>
    serveCutter({
      ...cutter,
      haste: Number(process.env.ELM_CUTTER_HASTE ?? HASTE),
      mishaps: process.env.ELM_CUTTER_MISHAPS !== "0",
    }),
  ),
);
const web = keepUp("The application", () =>
  serveWeb({
    databaseUrl: cluster.webUrl,
    port,
    cutter,
    room: between,
    dev,
    demo,
  }),
);
kept.push(web);
if (between)
  kept.push(
    keepUp("The door to the room", () =>
      serveRoom({ wanted: room, port, webPort: port, ...between }),
    ),
  );
const watch = setInterval(() => {
  if (cluster.again?.()) say(`${stamp()} The database had ended; it is started again.`);
}, LOOK_MS);
watch.unref();

let stopping = false;
async function stop(status = 0) {
  if (stopping) return;
  stopping = true;
  clearInterval(watch);
  await Promise.all(kept.map((one) => one.end()));
  if (between) rmSync(between.folder, { recursive: true, force: true });
  process.exit(status);
}
process.on("SIGINT", () => void stop());
process.on("SIGTERM", () => void stop());
// npm hands a signal to its shell only: when that is gone, so are we, and nothing may be left
// running.
const parent = process.ppid;
setInterval(() => process.ppid !== parent && void stop(), 1000).unref();

await answers(`http://127.0.0.1:${port}/sign-in`, web.child()).catch((error) => {
  say(`The application did not start: ${error.message}`);
  return stop(1);
});
if (!stopping)
  say(
    `\nElm Basket is at http://127.0.0.1:${port}\n${demo ? `Demo: press “Open the demo studio”, or sign in as ${seeded}\n` : ""}Cutter stand-in: http://127.0.0.1:${cutter.pagePort}\n${room ? "Phones in the room: the address is above and at Teach.\n" : "For phones in the room:  npm start -- --room\n"}Ctrl-C stops it.\n`,
  );

/** `auto`, an address of this machine, or null. */
function roomWanted(args) {
  const said = args.find((arg) => arg === "--room" || arg.startsWith("--room="));
  if (!said) return null;
  const address = said.slice("--room=".length);
  if (said === "--room" || address === "auto") return "auto";
  if (isIPv4(address)) return address;
  return giveUp(
    `--room=${address} is no address: give one of this machine's, such as --room=192.168.1.7, or --room alone to have it found.`,
  );
}
